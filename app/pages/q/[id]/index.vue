<script setup lang="ts">
const route = useRoute()
const store = useQuilt()
// where the person was yesterday
await navigateTo(`/q/${String(route.params.id)}/${store.bookmark?.station ?? 'design'}`, { replace: true })
</script>

<template>
  <span />
</template>

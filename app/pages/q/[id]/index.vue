<script setup lang="ts">
const store = useQuilt()
// where the person was yesterday
const { id: last } = STATIONS.find(({ id }) => id === store.bookmark?.station) ?? STATIONS[0]
await navigateTo(toPage(last), { replace: true })
</script>

<template>
  <span />
</template>

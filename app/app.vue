<script setup lang="ts">
const settings = useSettings()
useHead({ bodyAttrs: { 'data-units': () => settings.units } })
</script>

<template>
  <UApp :toaster="{ position: 'top-center' }">
    <NuxtPage />
  </UApp>
</template>

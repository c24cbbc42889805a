<script setup lang="ts">
const router = useRouter()
const route = useRoute()
const station = STATIONS.find(({ id }) => id === stationOf(route.name))!
const to = toPage(station.id)

/** One who has come from there goes back to where they were on it. */
function goBack(event: MouseEvent) {
  if (router.options.history.state.back !== router.resolve(to).fullPath) return
  event.preventDefault()
  router.back()
}
</script>

<template>
  <UButton variant="ghost" :to="to" @click.capture="goBack">
    <UIcon name="i-lucide-arrow-left" class="size-5" />{{ station.name }}
  </UButton>
</template>

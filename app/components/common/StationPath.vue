<script setup lang="ts">
const { done } = defineProps<{
  /** How far each station's work is, from 0 to 1. */
  done: Readonly<Record<string, number>>
}>()
const route = useRoute()
const here = computed(() => stationOf(route.name))
</script>

<template>
  <nav aria-label="Stations of the work" class="path">
    <template v-for="(station, i) in STATIONS" :key="station.id">
      <svg v-if="i > 0" class="stitches" viewBox="0 0 34 6" aria-hidden="true">
        <line x1="0" y1="3" x2="34" y2="3" stroke="var(--line)" stroke-width="3.5" stroke-dasharray="8 5" />
        <line
          x1="0"
          y1="3"
          :x2="34 * (done[STATIONS[i - 1]!.id] ?? 0)"
          y2="3"
          stroke="var(--madder)"
          stroke-width="3.5"
          stroke-dasharray="8 5"
        />
      </svg>
      <NuxtLink
        :to="toPage(station.id)"
        class="station"
        :class="{ here: here === station.id }"
        :aria-current="here === station.id ? 'step' : undefined"
        >{{ station.name }}</NuxtLink
      >
    </template>
  </nav>
</template>

<style scoped>
.path {
  display: flex;
  align-items: center;
  min-width: 0;
}
.station {
  display: inline-grid;
  place-items: center;
  min-height: 44px;
  padding: 0 0.7rem;
  border-radius: 10px;
  color: var(--ink);
  text-decoration: none;
}
.station.here {
  background: var(--madder);
  color: var(--on-madder);
  font-weight: 700;
}
.stitches {
  width: 26px;
  height: 6px;
  flex: none;
}
@media (max-width: 1000px) {
  .stitches {
    width: 12px;
  }
  .station {
    padding: 0 0.5rem;
  }
}
</style>

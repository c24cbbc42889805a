<script setup lang="ts">
import type { Piece } from '~~/core/cut/piece'
import type { StripGroup } from '~~/core/cut/stripGroups'

const { groups, path, pieces, places, progress, blockNames } = defineProps<{
  /** Like strips together, in the order of the work. */
  groups: readonly StripGroup[]
  /** Where the strips of the cloth stand in the plan. */
  path: string
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  pieces: ReadonlyMap<string, Piece>
  /** Strip by strip: cut or not, and how many of its pieces. */
  progress: readonly { done: boolean; cut: number }[]
  blockNames: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ toggle: [strip: number]; point: [strips: readonly number[]] }>()
</script>

<template>
  <ol class="strips" aria-label="Strips in order">
    <StripLine
      v-for="(group, i) in groups"
      :key="i"
      :group="group"
      :number="i + 1"
      :path="`${path}.strips.${group.places[0]}`"
      :pieces="pieces"
      :places="places"
      :progress="progress"
      :block-names="blockNames"
      @toggle="place => emit('toggle', place)"
      @point="strips => emit('point', strips)"
    />
  </ol>
</template>

<style scoped>
.strips {
  display: grid;
  gap: 0.5rem;
}
@media print {
  .strips {
    gap: 0;
  }
}
</style>

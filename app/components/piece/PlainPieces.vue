<script setup lang="ts">
import type { RecipeUnit } from '~~/core/recipes/recipe'
import { clothOf, type Quilt } from '~~/core/file/quilt'

const { units, quilt, places } = defineProps<{
  /** Patches that need no sewing before they are joined. */
  units: readonly RecipeUnit[]
  quilt: Quilt
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
}>()
const pieces = computed(() => units.flatMap(unit => unit.pieces.map(piece => ({ unit, piece }))))
</script>

<template>
  <article class="card">
    <h3 class="mb-2 text-xl">Ready as cut</h3>
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-4 gap-y-1.5">
      <li
        v-for="{ unit, piece } in pieces"
        :key="`${unit.id} ${piece.id}`"
        class="flex items-center gap-2"
        :data-unit="unit.kind"
      >
        <ClothSwatch :cloth="clothOf(quilt, piece.cloth)" :size="30" /><span class="tag">{{ piece.letter }}</span>
        <span
          ><Figure :path="`pieces.${places.get(piece.id)}.width`" :title="`Width of ${piece.letter}`" /> ×
          <Figure :path="`pieces.${places.get(piece.id)}.height`" :title="`Height of ${piece.letter}`" />{{ ' '
          }}<span class="note">{{ unit.perBlock }} in each block</span></span
        >
      </li>
    </ul>
    <p class="note mt-2">Seam included in every size.</p>
  </article>
</template>

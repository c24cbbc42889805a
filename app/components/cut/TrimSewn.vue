<script setup lang="ts">
import { CAUTIONS } from '~~/words/caution'
import { TRIM_FROM_THE_MIDDLE } from '~~/words/sewnSettings'
import { inEnglish, plural } from '~~/words/speech'

/** Sewn blocks, each to be trimmed to its place. */
const { places } = defineProps<{
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
}>()
const store = useQuilt()
const speech = useSpeech()
const { trims, countTrimmed } = useSewnTrims()
</script>

<template>
  <section v-if="trims.length > 0" class="card mb-4" aria-labelledby="trim-sewn">
    <h2 id="trim-sewn">Trim the blocks that are sewn</h2>
    <p class="note mb-2">{{ inEnglish(TRIM_FROM_THE_MIDDLE, speech) }}</p>
    <p class="caution mb-3">{{ CAUTIONS.blade }}</p>
    <ul class="space-y-2">
      <li
        v-for="{ piece, cloth, done } in trims"
        :key="piece.id"
        class="flex flex-wrap items-center gap-3"
        data-testid="trim-sewn"
      >
        <ClothSwatch :cloth="cloth" :size="40" />
        <span class="grow"
          ><b>{{ cloth.name }}</b
          >, {{ plural(piece.count, 'block') }}: to
          <Figure :path="`pieces.${places.get(piece.id)}.width`" title="Width of the trimmed block" /> ×
          <Figure :path="`pieces.${places.get(piece.id)}.height`" title="Height of the trimmed block"
        /></span>
        <span class="ticks print-only" aria-hidden="true"><i v-for="n in piece.count" :key="n" /></span>
        <DoneCount
          :done="done"
          :all="piece.count"
          :can-write="store.canWrite"
          :fewer="`One of ${cloth.name} fewer is trimmed`"
          :more="`One more of ${cloth.name} is trimmed`"
          @count="by => countTrimmed(piece.id, by)"
        >
          <span class="figure">{{ done }} of {{ piece.count }}</span>
          <template #all>All</template>
        </DoneCount>
      </li>
    </ul>
  </section>
</template>

<style scoped>
/* on paper a box for each block */
.ticks i {
  display: inline-block;
  width: 4mm;
  height: 4mm;
  margin: 0 1mm 1mm 0;
  border: 1px solid #000;
}
</style>

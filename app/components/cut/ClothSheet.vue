<script setup lang="ts">
import { isWorthKeeping } from '~~/core/cut/leftovers'
import type { Piece } from '~~/core/cut/piece'
import type { CutCloth } from '~/composables/useCutSteps'

/** All that is cut from one cloth: where, into which piles, strip by strip. */
const { cut } = defineProps<{
  cut: CutCloth
  pieces: ReadonlyMap<string, Piece>
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  /** How many of its pieces are drawn, of cloth that comes in pieces. */
  sheets: number
  blockNames: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ toggle: [strip: number] }>()
const settings = useSettings()
/** Strips that are pointed at in the list, shown on the map. */
const pointed = ref<readonly number[]>([])
const path = computed(() => cut.path)
const isByPiece = computed(() => cut.need.unit === 'piece')
</script>

<template>
  <section class="sheet" :aria-label="`Cutting ${cut.cloth.name}`">
    <header class="mb-3 flex flex-wrap items-center gap-3">
      <ClothSwatch :cloth="cut.cloth" :size="44" />
      <h2 class="mr-auto">{{ cut.cloth.letter }}, {{ cut.cloth.name }}</h2>
      <p class="figure !whitespace-normal">
        <Figure :path="`${path}.laid`" kind="count" title="Strips" />
        {{ cut.need.strips.length === 1 ? 'strip' : 'strips' }} from
        <Figure :path="`${path}.need`" :kind="isByPiece ? 'count' : 'length'" title="Cloth that the strips take" />{{
          isByPiece ? (cut.need.need === 1 ? ' piece' : ' pieces') : ''
        }}.
        <strong class="no-print">Seam included in every size.</strong>
      </p>
    </header>
    <LessCloth v-if="!cut.again" :cut="cut" />
    <CutAgain :cut="cut" :pieces="pieces" />
    <LeftoversBack :cut="cut" />
    <div class="two">
      <div>
        <div v-for="s in sheets" :key="s" class="map-box card !p-2">
          <ClothMap
            :cloth="cut.cloth"
            :need="cut.need"
            :path="path"
            :pieces="pieces"
            :done="cut.progress.map(strip => strip.done)"
            :current="pointed"
            :hand="settings.hand"
            :sheet="s - 1"
            :size="cut.again?.opened[s - 1]"
          />
        </div>
        <PileTable :cloth="cut.cloth" :pieces="pieces" :places="places" :block-names="blockNames" />
        <template v-if="cut.need.left.some(isWorthKeeping)">
          <h3 class="left mt-4 mb-1">Left over, worth keeping</h3>
          <p class="left figure !whitespace-normal">
            <template v-for="(rest, i) in cut.need.left" :key="i"
              ><span v-if="isWorthKeeping(rest)" class="mr-4 inline-block"
                ><Figure :path="`${path}.left.${i}.width`" title="Left over, across" /> ×
                <Figure :path="`${path}.left.${i}.height`" title="Left over, along" /></span
            ></template>
          </p>
        </template>
      </div>
      <StripList
        :groups="cut.groups"
        :path="path"
        :pieces="pieces"
        :places="places"
        :progress="cut.progress"
        :block-names="blockNames"
        @toggle="strip => emit('toggle', strip)"
        @point="strips => (pointed = strips)"
      />
    </div>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  gap: 1.2rem;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  align-items: start;
}
.map-box {
  margin-bottom: 0.6rem;
}
.map-box :deep(svg) {
  max-height: 62vh;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* on paper what is needed at the mat: maps whose numbers are read at arm's length, beside them strips to tick */
@media print {
  /* a long list goes on over the page's end, between two strips; the map stays whole, its heading with it */
  .sheet header,
  .sheet h3 {
    break-after: avoid;
  }
  .map-box {
    break-inside: avoid;
  }
  .sheet {
    margin-bottom: 3mm;
    border-top: 1.5px solid #000;
    padding-top: 1.5mm;
  }
  .sheet header {
    margin-bottom: 1mm;
    gap: 2mm;
  }
  .sheet header :deep(svg) {
    width: 7mm;
    height: 7mm;
  }
  .sheet h2 {
    font-size: 11pt;
  }
  .sheet h3 {
    font-size: 8.5pt;
    margin: 0;
  }
  .left {
    display: inline;
    margin-right: 2mm !important;
  }
  .two {
    grid-template-columns: 112mm 1fr;
    gap: 4mm;
  }
  .map-box {
    border: 0;
    margin: 0;
    padding: 0 !important;
  }
  .map-box :deep(svg) {
    max-height: 84mm;
  }
}
</style>

<script setup lang="ts">
import { inEnglish } from '~~/words/speech'
import type { Piece } from '~~/core/cut/piece'
import type { StripGroup } from '~~/core/cut/stripGroups'
import { columnParts, stripWords, subcuts, togetherText } from '~~/words/cutting'
import { useName } from '~~/words/names'

/** Strips that are cut alike: how deep, into what, and a tick for each. */
const { group, path, pieces, progress } = defineProps<{
  group: StripGroup
  number: number
  /** Where the first of them stands in the plan. */
  path: string
  pieces: ReadonlyMap<string, Piece>
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  /** Strip by strip: cut or not, and how many of its pieces. */
  progress: readonly { done: boolean; cut: number }[]
  blockNames: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ toggle: [strip: number]; point: [strips: readonly number[]] }>()
const speech = useSpeech()
const words = computed(() => stripWords(group.strip, group.places.length, speech.value, path))
const cuts = computed(() => subcuts(group.strip, pieces, speech.value))
const together = computed(() => togetherText(group.strip, group.places.length, pieces))
const isDone = computed(() => group.places.every(place => progress[place]?.done))
const stateOf = (place: number) =>
  progress[place]?.done ? true : (progress[place]?.cut ?? 0) > 0 ? ('mixed' as const) : false
</script>

<template>
  <li
    class="strip"
    :class="{ done: isDone, many: group.places.length > 4 }"
    data-testid="strip"
    @pointerenter="emit('point', group.places)"
    @pointerleave="emit('point', [])"
  >
    <div class="min-w-0">
      <p class="figure font-bold !whitespace-normal">
        <span class="note mr-1">{{ number }}.</span
        ><template v-if="group.places.length > 1">{{ group.places.length }} × </template
        ><Figure :path="`${path}.${words.side}`" title="How deep the strip is" /> <FigureText :parts="words.rest" />
      </p>
      <p v-for="(cut, c) in cuts" :key="c" class="figure !whitespace-normal">
        <template v-if="group.places.length > 1">each </template><span class="tag small">{{ cut.piece?.letter }}</span>
        {{ cut.count }} ×
        <template v-if="cut.piece"
          ><Figure :path="`pieces.${places.get(cut.piece.id)}.width`" :title="`Width of ${cut.piece.letter}`" /> ×
          <Figure
            :path="`pieces.${places.get(cut.piece.id)}.height`"
            :title="`Height of ${cut.piece.letter}`" /></template
        >{{ cut.after }}
        <span v-if="cut.piece" class="note">{{ inEnglish(useName(cut.piece, blockNames), speech) }}</span>
      </p>
      <p v-for="(column, c) in columnParts(group.strip, pieces, speech)" :key="`column ${c}`">
        <FigureText :parts="column" />
      </p>
      <p v-if="together" class="note">{{ together }}</p>
    </div>
    <div class="ticks">
      <TickBox
        v-for="(place, n) in group.places"
        :key="place"
        :checked="stateOf(place)"
        :label="`Strip ${n + 1} of ${group.places.length} in line ${number} is cut`"
        @toggle="emit('toggle', place)"
      />
    </div>
  </li>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 0.3rem 0.8rem;
  padding: 0.55rem 0.7rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--paper);
  break-inside: avoid;
}
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}
/* a pile's number within a line */
.small {
  height: 1.65rem;
  min-width: 1.65rem;
  font-size: 0.92rem;
}
.strip.done {
  background: transparent;
}
.strip.done .font-bold {
  text-decoration: line-through;
  text-decoration-color: var(--soft);
}
@media print {
  .strip {
    padding: 0.5mm 1.5mm;
    border: 0;
    border-bottom: 0.5px solid #777;
    border-radius: 0;
    gap: 0 2mm;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: start;
  }
  /* a long row of ticks stands under its words, which would else be squeezed */
  .strip.many {
    grid-template-columns: minmax(0, 1fr);
  }
  .strip.many .ticks {
    max-width: none;
    justify-content: flex-start;
    padding-bottom: 1mm;
  }
  .ticks {
    max-width: 42mm;
    justify-content: flex-end;
    gap: 1mm;
  }
  .ticks :deep(.tick) {
    width: 4.5mm;
    height: 4.5mm;
    border: 1px solid #000;
    border-radius: 1mm;
    background: #fff;
    color: #000;
  }
  .ticks :deep(.tick svg),
  .ticks :deep(.tick span) {
    width: 3.5mm;
    height: 3.5mm;
  }
  .small {
    height: 4.2mm;
    min-width: 4.2mm;
    font-size: 7.5pt;
    border-width: 1px;
    padding: 0 0.8mm;
  }
  .strip.done .font-bold {
    text-decoration: none;
  }
}
</style>

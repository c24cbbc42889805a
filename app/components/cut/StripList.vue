<script setup lang="ts">
import type { Piece } from '~~/core/cutting/gather'
import type { Plan } from '~~/core/quilt/plan'
import { stripWords, subcuts } from '~~/words/cutting'
import { useName } from '~~/words/names'

const { need, index, pieces, places, progress, blockNames } = defineProps<{
  need: Plan['cloths'][number]
  /** Place of the cloth in the plan. */
  index: number
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  pieces: ReadonlyMap<string, Piece>
  /** Strip by strip: cut or not, and how many of its pieces. */
  progress: readonly { done: boolean, cut: number }[]
  blockNames: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ toggle: [strip: number], point: [strip: number | null] }>()
const speech = useSpeech()
</script>

<template>
  <ol class="space-y-2" aria-label="Strips in order">
    <li v-for="(strip, i) in need.strips" :key="i" class="strip" :class="{ done: progress[i]?.done }" data-testid="strip" @pointerenter="emit('point', i)" @pointerleave="emit('point', null)">
      <TickBox :checked="progress[i]?.done ? true : (progress[i]?.cut ?? 0) > 0 ? 'mixed' : false" :label="`Strip ${i + 1} is cut`" @toggle="emit('toggle', i)" />
      <div class="min-w-0">
        <p class="figure font-bold !whitespace-normal"><span class="note mr-1">{{ i + 1 }}.</span><Figure :path="`cloths.${index}.strips.${i}.${stripWords(strip, speech).side}`" title="How deep the strip is" /> <FigureText :parts="stripWords(strip, speech).rest" :paths="[`cloths.${index}.strips.${i}.width`, `cloths.${index}.strips.${i}.height`]" /></p>
        <p v-for="(cut, c) in subcuts(strip, pieces, speech)" :key="c" class="figure !whitespace-normal">
          <span class="tag !h-7 !min-w-7 text-[0.92rem]">{{ cut.piece?.letter }}</span> {{ cut.count }} × <template v-if="cut.piece"><Figure :path="`pieces.${places.get(cut.piece.id)}.width`" :title="`Width of ${cut.piece.letter}`" /> × <Figure :path="`pieces.${places.get(cut.piece.id)}.height`" :title="`Height of ${cut.piece.letter}`" /></template>{{ cut.after }} <span v-if="cut.piece" class="note">{{ useName(cut.piece.use, blockNames) }}</span>
        </p>
      </div>
    </li>
  </ol>
</template>

<style scoped>
.strip { display: flex; gap: 0.8rem; align-items: flex-start; padding: 0.55rem 0.7rem; border: 1px solid var(--line); border-radius: 12px; background: var(--paper); break-inside: avoid; }
.strip.done { background: transparent; }
.strip.done .font-bold { text-decoration: line-through; text-decoration-color: var(--soft); }
</style>

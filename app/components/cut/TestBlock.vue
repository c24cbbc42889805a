<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { Inches } from '~~/core/measure/ruler'
import type { Piece } from '~~/core/cutting/gather'
import { blockOf, clothOf, type Quilt } from '~~/core/quilt/quilt'
import { formatLength, formatSize } from '~~/words/length'
import { useName } from '~~/words/names'

const { quilt, block, pieces, letters } = defineProps<{
  quilt: Quilt
  block: string
  /** For one block alone. */
  pieces: readonly Piece[]
  /** Letters of the whole sheet, by cut size. */
  letters: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const found = computed(() => blockOf(quilt, block))
const wanted = computed(() => ({ width: found.value.width + 2 * quilt.seam, height: found.value.height + 2 * quilt.seam }))
const measured = computed(() => quilt.made.find(entry => entry.what === 'block' && entry.block === block)?.size?.at(-1) ?? null)
const names = computed(() => new Map([[block, found.value.name]]))
function commit(value: Inches) {
  emit('edit', 'measured block', setMeasures({ what: 'block', block, size: [value] }))
}
</script>

<template>
  <section class="card" :aria-label="`Test block: ${found.name}`">
    <h2>Then: one {{ found.name }} first</h2>
    <p class="mt-1">Cut, sew and measure one block before you cut the rest.</p>
    <ul class="my-3 space-y-1">
      <li v-for="piece in pieces" :key="piece.id" class="flex flex-wrap items-center gap-2.5">
        <ClothSwatch :cloth="clothOf(quilt, piece.cloth)" :size="32" />
        <span v-if="letters.get(piece.id)" class="tag">{{ letters.get(piece.id) }}</span>
        <span class="figure font-semibold">{{ piece.count }} × {{ formatSize(piece.width, piece.height, speech) }}</span>
        <span class="note">{{ useName(piece.use, names).split(': ').at(-1) }}{{ piece.cuts === 'one-diagonal' ? ', cut once' : piece.cuts === 'two-diagonals' ? ', cut twice' : '' }}</span>
      </li>
    </ul>
    <p class="note">Seam included in every size.</p>
    <div class="mt-3 flex flex-wrap items-end gap-4">
      <p class="figure">It should measure <strong>{{ formatSize(wanted.width, wanted.height, speech) }}</strong>, raw edge to raw edge.</p>
      <LengthField
        v-if="Math.abs(wanted.width - wanted.height) < 1e-6"
        class="w-56"
        label="It measures"
        :value="measured"
        :least="wanted.width / 2"
        :most="wanted.width * 1.5"
        :step="1 / 16"
        hide-steps
        @commit="commit"
      />
      <button v-if="measured !== null" type="button" class="button quiet" @click="emit('edit', 'measure taken back', removeMeasures('block', block))">Take the measure back</button>
    </div>
    <p v-if="measured !== null" class="figure mt-2 !whitespace-normal" :class="Math.abs(measured - wanted.width) < 1 / 32 ? '' : 'caution'" role="status">
      {{ Math.abs(measured - wanted.width) < 1 / 32 ? 'It is right. Cut the rest.' : `That is ${formatLength(Math.abs(measured - wanted.width), speech)} ${measured < wanted.width ? 'small' : 'large'}. Look at the seam before you cut on; from here everything follows ${formatLength(measured, speech)}.` }}
    </p>
  </section>
</template>

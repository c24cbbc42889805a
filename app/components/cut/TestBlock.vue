<script setup lang="ts">
import { inEnglish } from '~~/words/speech'
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { PlannedBlock } from '~~/core/plan/plannedBlock'
import { blockOf, clothOf, type Quilt } from '~~/core/file/quilt'
import { formatLength } from '~~/words/length'
import { partName } from '~~/words/names'

const { quilt, planned, path } = defineProps<{
  quilt: Quilt
  planned: PlannedBlock
  /** Where the block stands in the plan. */
  path: string
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const found = computed(() => blockOf(quilt, planned.id))
const entry = computed(() => quilt.made.find(made => made.what === 'block' && made.block === planned.id))
const sides = computed(() =>
  Math.abs(planned.width - planned.height) < 1e-6 ? (['size'] as const) : (['width', 'height'] as const),
)
const measured = (side: 'size' | 'width' | 'height') => entry.value?.[side]?.at(-1) ?? null
const LABELS = { size: 'It measures', width: 'Across it measures', height: 'Down it measures' } as const
const RIGHT = 1 / 32
</script>

<template>
  <section class="card" :aria-label="`Test block: ${found.name}`">
    <h2>Then: one {{ found.name }} first</h2>
    <p class="mt-1">Cut, sew and measure one block before you cut the rest.</p>
    <ul class="my-3 space-y-1">
      <li v-for="(piece, i) in planned.test" :key="piece.id" class="flex flex-wrap items-center gap-2.5">
        <ClothSwatch :cloth="clothOf(quilt, piece.cloth)" :size="32" />
        <span v-if="piece.letter" class="tag">{{ piece.letter }}</span>
        <span class="font-semibold"
          ><Figure :path="`${path}.test.${i}.count`" kind="count" :title="`Pieces of ${piece.letter} for one block`" />
          of <Figure :path="`${path}.test.${i}.width`" :title="`Width of ${piece.letter}`" /> ×
          <Figure :path="`${path}.test.${i}.height`" :title="`Height of ${piece.letter}`"
        /></span>
        <span class="note"
          >{{ inEnglish(partName(piece), speech)
          }}{{
            piece.cuts === 'one-diagonal' ? ', cut once' : piece.cuts === 'two-diagonals' ? ', cut twice' : ''
          }}</span
        >
      </li>
    </ul>
    <p class="note">Seam included in every size.</p>
    <div class="mt-3 flex flex-wrap items-end gap-4">
      <p>
        It should measure
        <strong
          ><Figure :path="`${path}.width`" title="Width of the block, unfinished" /> ×
          <Figure :path="`${path}.height`" title="Height of the block, unfinished" /></strong
        >, raw edge to raw edge.
      </p>
      <LengthField
        v-for="side in sides"
        :key="side"
        class="w-56"
        :label="LABELS[side]"
        :value="measured(side)"
        :least="planned[side === 'height' ? 'height' : 'width'] / 2"
        :most="planned[side === 'height' ? 'height' : 'width'] * 1.5"
        :step="1 / 16"
        hide-steps
        @commit="
          v =>
            emit(
              'edit',
              'measured block',
              setMeasures({
                what: 'block',
                block: planned.id,
                size: entry?.size,
                width: entry?.width,
                height: entry?.height,
                decision: entry?.decision,
                [side]: [...(entry?.[side] ?? []).slice(0, -1), v],
              }),
            )
        "
      />
      <UButton
        v-if="entry"
        variant="ghost"
        @click="emit('edit', 'measure taken back', removeMeasures('block', planned.id))"
      >
        Take the measure back
      </UButton>
    </div>
    <p
      v-if="planned.off !== undefined"
      class="figure mt-2 !whitespace-normal"
      :class="Math.abs(planned.off) < RIGHT ? '' : 'caution'"
      role="status"
    >
      <template v-if="Math.abs(planned.off) < RIGHT">It is right. Cut the rest.</template>
      <template v-else
        >That is
        <Figure
          :path="`${path}.off`"
          :text="formatLength(Math.abs(planned.off), speech)"
          title="Measured and expected"
        />
        {{ planned.off < 0 ? 'small' : 'large' }}. Look at the seam before you cut on; from here everything follows the
        block as it is.</template
      >
    </p>
  </section>
</template>

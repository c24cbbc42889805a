<script setup lang="ts">
import { betweenMotifs, lengthForMotifs, motifsOn } from '~~/core/cut/motifs'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import type { Cloth } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import { betweenText, motifLengthText, motifsText } from '~~/words/motifs'
import { formatSize } from '~~/words/length'

/** Pieces cut so that a motif of the print lies in the middle of each: what a length gives, and what they take. */
const { cloth, repeat, plan } = defineProps<{ cloth: Cloth; repeat: NonNullable<Cloth['repeat']>; plan: Plan }>()
const speech = useSpeech()
/** Those of which each is one patch: of a piece that is sewn and cut again the motif is lost. */
const piles = computed(() =>
  plan.pieces.filter(
    ({ cloth: of, patches, count, spare, width, height }) =>
      of === cloth.id && patches === count - spare && Math.max(width, height) <= cloth.usable / 2,
  ),
)
const chosen = ref<string | null>(null)
const pile = computed(() => piles.value.find(({ id }) => id === chosen.value) ?? piles.value[0])
const own = ref({ width: 4.5, height: 4.5, count: 12 })
const piece = computed(() => (chosen.value !== '' && pile.value ? pile.value : own.value))
const need = computed(() => plan.cloths.find(({ id }) => id === cloth.id))
const typed = ref<number | null>(null)
/** A piece of it, what is at hand, or what is bought for the quilt. */
const whole = computed(() => {
  if (cloth.form === 'piece') return cloth.usableLength
  return cloth.have || need.value?.buy || UNIT_DEFAULTS[speech.value.units].pricedLength
})
const length = computed(() => typed.value ?? whole.value)
const found = computed(() => motifsOn(length.value, cloth.usable, repeat, piece.value))
const taken = computed(() => lengthForMotifs(piece.value.count, cloth.usable, repeat, piece.value))
const between = computed(() => betweenText(betweenMotifs(repeat, piece.value), piece.value.height, speech.value))
</script>

<template>
  <section :aria-label="`Motifs of ${cloth.name}`" data-testid="motifs">
    <h3>A motif in the middle of each piece</h3>
    <div class="mt-2 grid gap-x-5 gap-y-3 sm:grid-cols-2">
      <ChoiceField
        label="Which pieces"
        :value="chosen === '' || !pile ? '' : pile.id"
        :options="[
          ...piles.map(({ id, letter, count, width, height }) => ({
            value: id,
            label: `${letter}: ${count} of ${formatSize(width, height, speech)}`,
          })),
          { value: '', label: 'of another size' },
        ]"
        @choose="id => (chosen = id)"
      />
      <LengthField
        label="From a length of"
        :value="length"
        :least="1"
        :most="4000"
        :step="1"
        @commit="v => (typed = v)"
      />
      <template v-if="piece === own">
        <LengthField
          label="Width of a piece"
          :value="own.width"
          :least="1 / 2"
          :most="120"
          :step="1 / 4"
          @commit="v => (own = { ...own, width: v })"
        />
        <LengthField
          label="Height of a piece"
          :value="own.height"
          :least="1 / 2"
          :most="120"
          :step="1 / 4"
          @commit="v => (own = { ...own, height: v })"
        />
        <NumberField
          label="How many"
          :value="own.count"
          :least="1"
          :most="10000"
          @commit="count => (own = { ...own, count })"
        />
      </template>
    </div>
    <p class="figure mt-2 !whitespace-normal" data-testid="motif-count">{{ motifsText(found, length, speech) }}</p>
    <p class="figure !whitespace-normal" data-testid="motif-length">
      {{ motifLengthText(piece.count, taken, speech) }}
    </p>
    <p v-if="between" class="figure note !whitespace-normal">{{ between }}</p>
  </section>
</template>

<script setup lang="ts">
import type { BattingChange } from '~~/core/edits/layers'
import type { Quilt } from '~~/core/file/quilt'
import type { PlannedBatting } from '~~/core/plan/plannedLayers'
import { BATTINGS } from '~~/core/layers/battingCatalogue'
import { craft, inEnglish } from '~~/words/speech'

/** What its packet says, and what follows from it. `plan`: null where the batting is cut up for single blocks. */
const { quilt } = defineProps<{ quilt: Quilt; plan: PlannedBatting | null; disabled: boolean }>()
const emit = defineEmits<{ change: [change: BattingChange] }>()
const speech = useSpeech()
const batting = computed(() => quilt.batting!)
const isByLength = ref(quilt.batting?.width !== undefined && quilt.batting.length === undefined)
watch(
  () => batting.value.length,
  length => {
    if (length !== undefined) isByLength.value = false
  },
)
function takeFacts(kind: string) {
  const { id: _, ...facts } = BATTINGS.find(({ id }) => id === kind)!
  emit('change', facts)
}
function soldBy(way: 'packets' | 'length') {
  isByLength.value = way === 'length'
  if (isByLength.value && batting.value.length !== undefined) emit('change', { length: null })
}
</script>

<template>
  <div class="space-y-3">
    <BattingBought v-if="plan" :plan="plan" />
    <details>
      <summary class="cursor-pointer py-1 font-semibold">What its packet says</summary>
      <div class="mt-2 space-y-3">
        <ChoiceField
          label="As most packets of a kind say"
          :value="null"
          placeholder="choose a kind …"
          :options="BATTINGS.map(({ id }) => ({ value: id, label: inEnglish(id, speech) }))"
          data-testid="batting-kind"
          :disabled="disabled"
          @choose="takeFacts"
        />
        <p class="note">They are a beginning: what your own packet says comes first.</p>
        <LengthField
          label="Lines of quilting may lie apart"
          :value="batting.maxGap ?? null"
          :least="1 / 2"
          :most="20"
          :step="1 / 2"
          :disabled="disabled"
          @commit="v => emit('change', { maxGap: v })"
        />
        <ChoiceField
          label="It is sold"
          :value="isByLength ? 'length' : 'packets'"
          :options="[
            { value: 'packets', label: 'in packets' },
            { value: 'length', label: 'by the length' },
          ]"
          data-testid="batting-sold"
          :disabled="disabled"
          @choose="soldBy"
        />
        <LengthField
          label="Wide, as sold"
          :value="batting.width ?? null"
          :least="10"
          :most="200"
          :step="1"
          :disabled="disabled"
          @commit="v => emit('change', { width: v })"
        />
        <LengthField
          v-if="!isByLength"
          label="Long, in a packet"
          :value="batting.length ?? null"
          :least="10"
          :most="400"
          :step="1"
          :disabled="disabled"
          @commit="v => emit('change', { length: v })"
        />
        <NumberField
          label="Shrinks in the wash, percent"
          :value="Math.round(batting.shrink * 1000) / 10"
          :decimals="1"
          :least="0"
          :most="20"
          :disabled="disabled"
          @commit="percent => emit('change', { shrink: percent / 100 })"
        />
        <ChoiceField
          label="Loft"
          :value="batting.loft"
          :options="[
            { value: 'low', label: 'low, flat' },
            { value: 'medium', label: 'medium' },
            { value: 'high', label: 'high, puffy' },
          ]"
          :disabled="disabled"
          @choose="value => emit('change', { loft: value })"
        />
        <ChoiceField
          :label="craft('Color', speech)"
          :value="batting.colour ?? ''"
          :options="[
            { value: '', label: 'not said' },
            { value: 'cream', label: 'cream' },
            { value: 'white', label: 'white' },
            { value: 'black', label: 'black' },
          ]"
          :disabled="disabled"
          @choose="value => emit('change', { colour: (value || null) as 'cream' | null })"
        />
        <TextField
          :label="craft('Fiber', speech)"
          :most="100"
          :value="batting.fibre ?? ''"
          placeholder="cotton, wool, a blend"
          :disabled="disabled"
          @commit="fibre => emit('change', { fibre: fibre || null })"
        />
      </div>
    </details>
  </div>
</template>

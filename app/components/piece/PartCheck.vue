<script setup lang="ts">
import { partCheck } from '~~/core/made/partCheck'
import type { Inches } from '~~/core/measure/ruler'
import { formatLength, formatSmall } from '~~/words/length'
import { partCheckText } from '~~/words/measured'

/** One measure while the sewing goes on, and what it says of the seam. Nothing is kept: the block is measured later. */
const {
  name,
  expected,
  seams,
  isLog = false,
} = defineProps<{
  /** What is measured, for its field. */
  name: string
  expected: Inches
  /** Across it. */
  seams: number
  /** Asks how far the log reaches beyond the block instead. */
  isLog?: boolean
}>()

const speech = useSpeech()
const measured = ref<Inches | null>(null)
const found = computed(() => (measured.value === null ? null : partCheck(expected, measured.value, seams)))
const enter = (value: Inches) => {
  measured.value = isLog ? expected - value : value
}
</script>

<template>
  <details class="no-print mt-1">
    <summary class="cursor-pointer py-2.5 font-semibold">
      {{ isLog ? 'Does the log stick out?' : 'Measure it' }}
    </summary>
    <LengthField
      :label="isLog ? `${name}: beyond the block by` : `${name}: across, planned ${formatLength(expected, speech)}`"
      :value="measured === null ? null : isLog ? expected - measured : measured"
      :least="isLog ? -expected * 0.2 : expected * 0.8"
      :most="isLog ? expected * 0.2 : expected * 1.2"
      :why="isLog ? 'It should be a small part of the block' : 'It should be near what was planned'"
      :step="1 / 16"
      hide-steps
      @commit="enter"
    />
    <p v-if="found" class="mt-1" role="status">
      <template v-if="found.error && found.says !== 'right'"
        >Each seam takes
        <Figure
          :path="`check.${name}`"
          :sum="found.error"
          :text="formatSmall(Math.abs(found.error.total), speech)"
          title="What each allowance takes beside the plan"
        />
        too {{ found.says === 'too-much' ? 'much' : 'little' }} on each side. </template
      >{{ partCheckText(found.says) }}
    </p>
  </details>
</template>

<script setup lang="ts">
import { inEnglish } from '~~/words/speech'
import { lightness } from '~~/core/measure/lightness'
import type { Labelled } from './LabelledField.vue'

/** A colour, chosen in the browser's own way; how light it is stands beside it while it is chosen. */
const {
  label,
  value,
  labelled = 'above',
  place = '',
} = defineProps<{
  label: string
  value: string
  labelled?: Labelled
  /** How it lies among others: classes of label and field together. */
  place?: string
}>()
const emit = defineEmits<{ commit: [value: string] }>()

const id = useId()
const speech = useSpeech()
const colour = ref(value)
watch(
  () => value,
  () => (colour.value = value),
)
</script>

<template>
  <LabelledField :id="id" :label="label" :labelled="labelled" :place="place">
    <input
      :id="id"
      v-model="colour"
      type="color"
      class="h-12 w-full cursor-pointer rounded-lg border border-line bg-transparent p-1"
      @change="emit('commit', colour)"
    />
    <span class="note block" :title="inEnglish('How light it is in gray, from 0 (black) to 100 (white)', speech)"
      >light {{ Math.round(lightness(colour)) }}</span
    >
  </LabelledField>
</template>

<script setup lang="ts">
import type { Labelled } from './LabelledField.vue'

/** A colour, chosen in the browser's own way. */
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
  </LabelledField>
</template>

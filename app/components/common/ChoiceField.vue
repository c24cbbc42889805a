<script setup lang="ts" generic="T extends string | number">
import type { Labelled } from './LabelledField.vue'

defineOptions({ inheritAttrs: false })
const {
  value,
  options,
  label,
  labelled = 'above',
  place = '',
} = defineProps<{
  value: T | null
  options: readonly { value: T; label: string | number; disabled?: boolean }[]
  label: string
  labelled?: Labelled
  /** How it lies among others: classes of label and list together. */
  place?: string
}>()
const emit = defineEmits<{ choose: [value: T] }>()

const id = useId()
// by their number: what is chosen may be nothing, or no text
const items = computed(() =>
  options.map((option, i) => ({ value: String(i), label: String(option.label), disabled: option.disabled ?? false })),
)
const at = computed(() => {
  const found = options.findIndex(option => option.value === value)
  return found < 0 ? undefined : String(found)
})
</script>

<template>
  <LabelledField :id="id" :label="label" :labelled="labelled" :place="place">
    <USelect
      :id="id"
      v-bind="$attrs"
      :model-value="at"
      :items="items"
      @update:model-value="i => emit('choose', options[Number(i)]!.value)"
    />
  </LabelledField>
</template>

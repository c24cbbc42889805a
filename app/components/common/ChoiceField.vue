<script setup lang="ts" generic="T extends string | number">
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
  labelled?: 'above' | 'beside' | 'unseen'
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
  <div :class="[place, { 'flex flex-wrap items-center gap-2': labelled === 'beside' }]">
    <label :for="id" :class="{ above: 'label', beside: 'font-semibold', unseen: 'sr-only' }[labelled]">{{
      label
    }}</label>
    <USelect
      :id="id"
      v-bind="$attrs"
      :model-value="at"
      :items="items"
      @update:model-value="i => emit('choose', options[Number(i)]!.value)"
    />
  </div>
</template>

<script setup lang="ts">
import type { Labelled } from './LabelledField.vue'

defineOptions({ inheritAttrs: false })
const {
  value,
  label,
  most = 200,
  rows = 0,
  labelled = 'above',
  place = '',
} = defineProps<{
  value: string
  label: string
  /** Letters. */
  most?: number
  /** A field of several lines. */
  rows?: number
  labelled?: Labelled
  /** How it lies among others: classes of label and field together. */
  place?: string
}>()
const emit = defineEmits<{
  /** With each letter. */
  write: [value: string]
  /** When it is left, or with Enter. */
  commit: [value: string]
}>()

const id = useId()
const text = ref(value)
watch(
  () => value,
  () => (text.value = value),
)
function finish() {
  const written = text.value.trim()
  if (written !== value) emit('commit', written)
  // what is not taken is not left standing
  void nextTick(() => (text.value = value))
}
</script>

<template>
  <LabelledField :id="id" :label="label" :labelled="labelled" :place="place">
    <UTextarea
      v-if="rows > 0"
      :id="id"
      v-bind="$attrs"
      v-model="text"
      :rows="rows"
      :maxlength="most"
      @update:model-value="emit('write', text)"
      @change="finish"
    />
    <UInput
      v-else
      :id="id"
      v-bind="$attrs"
      v-model="text"
      :maxlength="most"
      autocomplete="off"
      @update:model-value="emit('write', text)"
      @change="finish"
      @keydown.enter="finish"
    />
  </LabelledField>
</template>

<script setup lang="ts">
import type { Labelled } from './LabelledField.vue'

defineOptions({ inheritAttrs: false })
const {
  value,
  label,
  labelled = 'above',
  place = '',
} = defineProps<{
  /** A day as ISO text; empty: none. */
  value: string
  label: string
  labelled?: Labelled
  place?: string
}>()
const emit = defineEmits<{ commit: [value: string] }>()

const id = useId()
const text = ref(value)
watch(
  () => value,
  () => (text.value = value),
)
/** Half a date is none: the browser gives nothing then, and what holds comes back. */
function finish() {
  if (text.value !== value && (text.value === '' || /^[12]\d{3}-\d\d-\d\d$/.test(text.value)))
    emit('commit', text.value)
  void nextTick(() => (text.value = value))
}
</script>

<template>
  <LabelledField :id="id" :label="label" :labelled="labelled" :place="place">
    <UInput :id="id" v-bind="$attrs" v-model="text" type="date" min="2000-01-01" max="2199-12-31" @change="finish" />
  </LabelledField>
</template>

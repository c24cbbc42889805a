<script setup lang="ts">
import type { Labelled } from './LabelledField.vue'

defineOptions({ inheritAttrs: false })
const {
  value,
  label,
  least,
  most,
  decimals = 0,
  step = 1,
  labelled = 'above',
  place = '',
  mayBeEmpty = false,
  isLive = false,
} = defineProps<{
  value: number | null
  label: string
  least: number
  most: number
  /** Places after the point that are kept. */
  decimals?: number
  /** What ↑ and ↓ add. */
  step?: number
  labelled?: Labelled
  /** How it lies among others: classes of label and field together. */
  place?: string
  mayBeEmpty?: boolean
  /** Each number is taken while it is typed: in a form that is kept half filled. */
  isLive?: boolean
}>()
const emit = defineEmits<{ commit: [value: number]; empty: [] }>()

const id = useId()
const shown = computed(() => (value === null ? '' : String(value)))
const text = ref(shown.value)
const refusal = ref('')
/** Of an earlier visit to the field: it was read, and goes when the field is left as it is. */
const isRead = ref(false)
watch(shown, () => (text.value = shown.value))

/** What cannot be is not left standing: the field says why and shows what holds. */
function finish() {
  const typed = text.value.trim()
  if (typed === shown.value) {
    if (isRead.value) refusal.value = ''
    return
  }
  const number = typedNumber(typed, { least, most, decimals })
  const isEmptied = typed === '' && mayBeEmpty
  refusal.value = typeof number === 'string' && !isEmptied ? number : ''
  if (isEmptied) emit('empty')
  else if (typeof number === 'number' && number !== value) emit('commit', number)
  // of what is taken the field shows what came of it
  void nextTick(() => (text.value = shown.value))
}
/** A form that is half filled keeps each number as soon as it can be one. */
function follow() {
  const number = typedNumber(text.value, { least, most, decimals })
  if (isLive && typeof number === 'number' && number !== value) emit('commit', number)
}
function nudge(by: number) {
  const next = Number(((value ?? least) + by * step).toFixed(decimals))
  refusal.value = ''
  emit('commit', Math.min(most, Math.max(least, next)))
}
function giveUp() {
  text.value = shown.value
  refusal.value = ''
}
</script>

<template>
  <LabelledField :id="id" :label="label" :labelled="labelled" :place="place">
    <div class="flex items-center gap-2">
      <slot name="before" />
      <UInput
        :id="id"
        v-bind="$attrs"
        v-model="text"
        role="spinbutton"
        :aria-valuemin="least"
        :aria-valuemax="most"
        :aria-valuenow="value ?? undefined"
        inputmode="decimal"
        autocomplete="off"
        :ui="{ base: 'figure' }"
        :aria-invalid="refusal !== ''"
        :aria-describedby="refusal ? `${id}-refusal` : undefined"
        @update:model-value="follow"
        @focus="isRead = refusal !== ''"
        @change="finish"
        @blur="finish"
        @keydown.enter.prevent="finish"
        @keydown.esc="giveUp"
        @keydown.up.prevent="nudge(1)"
        @keydown.down.prevent="nudge(-1)"
      />
      <slot name="after" />
    </div>
    <p v-if="refusal" :id="`${id}-refusal`" class="wrong" role="alert">{{ refusal }}</p>
  </LabelledField>
</template>

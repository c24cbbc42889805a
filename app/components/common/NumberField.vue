<script setup lang="ts">
defineOptions({ inheritAttrs: false })
const {
  value,
  label,
  least,
  most,
  step = 1,
  labelled = 'above',
  place = '',
  mayBeEmpty = false,
} = defineProps<{
  value: number | null
  label: string
  least: number
  most: number
  /** What is typed is rounded to it; what ↑ and ↓ add. */
  step?: number
  labelled?: 'above' | 'beside' | 'unseen'
  /** How it lies among others: classes of label and field together. */
  place?: string
  mayBeEmpty?: boolean
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
  const number = Number(typed.replace(',', '.'))
  const rounded = Math.round(number / step) * step
  if (typed === '' && mayBeEmpty) {
    refusal.value = ''
    emit('empty')
  } else if (typed === '' || !Number.isFinite(number)) refusal.value = `Write a number from ${least} to ${most}.`
  else if (rounded < least) refusal.value = `${typed} is too little: ${least} to ${most}.`
  else if (rounded > most) refusal.value = `${typed} is too much: ${least} to ${most}.`
  else {
    refusal.value = ''
    if (rounded !== value) emit('commit', rounded)
  }
  // of what is taken the field shows what came of it
  void nextTick(() => (text.value = shown.value))
}
function nudge(by: number) {
  const next = Math.round(((value ?? least) + by * step) / step) * step
  refusal.value = ''
  emit('commit', Math.min(most, Math.max(least, next)))
}
function giveUp() {
  text.value = shown.value
  refusal.value = ''
}
</script>

<template>
  <div :class="[place, { 'flex flex-wrap items-center gap-2': labelled === 'beside' }]">
    <label :for="id" :class="{ above: 'label', beside: 'font-semibold', unseen: 'sr-only' }[labelled]">{{
      label
    }}</label>
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
      @focus="isRead = refusal !== ''"
      @change="finish"
      @blur="finish"
      @keydown.enter.prevent="finish"
      @keydown.esc="giveUp"
      @keydown.up.prevent="nudge(1)"
      @keydown.down.prevent="nudge(-1)"
    />
    <p v-if="refusal" :id="`${id}-refusal`" class="wrong" role="alert">{{ refusal }}</p>
  </div>
</template>

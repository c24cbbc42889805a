<script setup lang="ts">
import type { Inches } from '~~/core/measure/ruler'
import { formatExact } from '~~/words/length'
import { typedLength, type RefusedLength } from '~/composables/typedLength'

const {
  value,
  label,
  least = 1 / 8,
  most = 400,
  step,
  why = undefined,
  hideSteps = false,
  disabled = false,
  mayBeEmpty = false,
} = defineProps<{
  /** In inches. */
  value: Inches | null
  label: string
  least?: Inches
  most?: Inches
  /** What − and + add; a ruler step. */
  step: Inches
  /** Why there are limits, for the message. */
  why?: string
  hideSteps?: boolean
  disabled?: boolean
  /** Emptied, it says nothing of the length. */
  mayBeEmpty?: boolean
}>()
const emit = defineEmits<{
  /** Still typing: redraw, but no undo step. */
  preview: [value: Inches | null]
  commit: [value: Inches]
  empty: []
}>()

const settings = useSettings()
const id = useId()
const text = ref('')
const isTyping = ref(false)
const problem = ref<RefusedLength | null>(null)
const shown = computed(() => (value === null ? '' : formatExact(value, settings)))
watch(
  [shown, isTyping],
  () => {
    if (!isTyping.value) text.value = shown.value
  },
  { immediate: true },
)

function judge(input: string): Inches | null {
  const found = typedLength(input, { least, most, why, units: settings.units })
  problem.value = 'inches' in found ? null : found
  return 'inches' in found ? found.inches : null
}

function onInput() {
  isTyping.value = true
  const inches = judge(text.value)
  if (inches !== null) emit('preview', inches)
}

function finish() {
  if (!isTyping.value) return
  if (mayBeEmpty && text.value.trim() === '') {
    giveUp()
    return emit('empty')
  }
  const inches = judge(text.value)
  if (inches === null) return
  isTyping.value = false
  emit('commit', inches)
}

/** Esc takes back what was typed; only with nothing typed is it for whoever holds the field. */
function cancel(event: KeyboardEvent) {
  if (isTyping.value || problem.value) event.stopPropagation()
  giveUp()
}

function giveUp() {
  isTyping.value = false
  problem.value = null
  text.value = shown.value
  emit('preview', null)
}

function take(inches: Inches) {
  isTyping.value = false
  problem.value = null
  emit('commit', Math.min(most, Math.max(least, inches)))
}

function nudge(by: number) {
  take((value ?? least) + by * step)
}
</script>

<template>
  <div>
    <label class="label" :for="id">{{ label }}</label>
    <div class="flex items-center gap-2">
      <UButton
        v-if="!hideSteps"
        square
        :disabled="disabled"
        :aria-label="`${label}: a step smaller`"
        @click="nudge(-1)"
      >
        <UIcon name="i-lucide-minus" class="size-6" />
      </UButton>
      <input
        :id="id"
        v-model="text"
        class="field figure text-center !text-2xl font-semibold"
        :class="hideSteps ? '' : 'max-w-36'"
        inputmode="text"
        autocomplete="off"
        spellcheck="false"
        :disabled="disabled"
        :aria-invalid="problem !== null"
        :aria-describedby="problem ? `${id}-problem` : undefined"
        @input="onInput"
        @blur="finish"
        @keydown.enter.prevent="finish"
        @keydown.esc="cancel"
        @keydown.up.prevent="nudge(1)"
        @keydown.down.prevent="nudge(-1)"
      />
      <UButton v-if="!hideSteps" square :disabled="disabled" :aria-label="`${label}: a step larger`" @click="nudge(1)">
        <UIcon name="i-lucide-plus" class="size-6" />
      </UButton>
      <span class="note">{{ settings.units === 'cm' ? 'cm' : '″' }}</span>
    </div>
    <p v-if="problem" :id="`${id}-problem`" class="wrong mt-1" role="alert">
      {{ problem.text }}
      <UButton v-for="{ words, inches } in problem.offers" :key="words" class="ml-1" @click="take(inches)">
        {{ words }}
      </UButton>
    </p>
  </div>
</template>

<script setup lang="ts">
import { isBareFraction, parseLength } from '~~/core/measure/length'
import type { Inches } from '~~/core/measure/ruler'
import { formatExact, formatExactLength } from '~~/words/length'

const {
  value,
  label,
  least = 1 / 8,
  most = 400,
  step,
  why = undefined,
  hideSteps = false,
  disabled = false,
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
}>()
const emit = defineEmits<{
  /** Still typing: redraw, but no undo step. */
  preview: [value: Inches | null]
  commit: [value: Inches]
}>()

const settings = useSettings()
const id = useId()
const text = ref('')
const isTyping = ref(false)
const problem = ref<null | { text: string; offers: { words: string; inches: Inches }[] }>(null)
const shown = computed(() => (value === null ? '' : formatExact(value, settings)))
watch(
  [shown, isTyping],
  () => {
    if (!isTyping.value) text.value = shown.value
  },
  { immediate: true },
)

function judge(input: string): Inches | null {
  const inches = parseLength(input, settings.units)
  if (inches === null) {
    problem.value = {
      text:
        settings.units === 'cm'
          ? 'Write a length such as 31,5 or 12 1/2 in.'
          : 'Write a length such as 12 1/2, 12½ or 31.5 cm.',
      offers: [],
    }
    return null
  }
  if (settings.units === 'cm' && isBareFraction(input)) {
    const inInches = parseLength(input, 'in')!
    problem.value = {
      text: 'Inches or centimetres?',
      offers: [
        {
          words: `${formatExactLength(inInches, { units: 'in' })}, ${formatExactLength(inInches, settings)}`,
          inches: inInches,
        },
        { words: formatExactLength(inches, settings), inches },
      ],
    }
    return null
  }
  const nearest = Math.min(most, Math.max(least, inches))
  problem.value =
    Math.abs(nearest - inches) > 1e-9
      ? {
          text:
            `${why ?? (inches < least ? 'That is too small' : 'That is too large')}: `
            + `${inches < least ? 'at least' : 'at most'} ${formatExactLength(nearest, settings)}.`,
          offers: [{ words: `Use ${formatExactLength(nearest, settings)}`, inches: nearest }],
        }
      : null
  return problem.value ? null : inches
}

function onInput() {
  isTyping.value = true
  const inches = judge(text.value)
  if (inches !== null) emit('preview', inches)
}

function finish() {
  if (!isTyping.value) return
  const inches = judge(text.value)
  if (inches === null) return
  isTyping.value = false
  emit('commit', inches)
}

/** Esc takes back what was typed; only with nothing typed is it for whoever holds the field. */
function giveUp(event: KeyboardEvent) {
  if (isTyping.value || problem.value) event.stopPropagation()
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
        @keydown.esc="giveUp"
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

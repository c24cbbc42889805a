<script setup lang="ts">
import type { Inches } from '~~/core/measure/ruler'
import { parseLength } from '~~/core/measure/length'

/** Keys for a measure, large enough for one hand while the other holds the ruler. */
const { units, disabled = false } = defineProps<{ units: 'in' | 'cm'; disabled?: boolean }>()
const emit = defineEmits<{ enter: [inches: Inches] }>()

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const
const EIGHTHS = ['1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const
const whole = ref('')
const part = ref('')
const isSixteenthMore = ref(false)
const text = computed(() => [whole.value, part.value].filter(word => word !== '').join(' '))
const inches = computed(() => {
  if (text.value === '' && !isSixteenthMore.value) return null
  const found = text.value === '' ? 0 : parseLength(text.value, units)
  return found === null ? null : found + (isSixteenthMore.value ? 1 / 16 : 0)
})
const shown = computed(() => {
  if (text.value === '' && !isSixteenthMore.value) return ''
  const more = isSixteenthMore.value ? ' + 1/16' : ''
  return `${text.value || '0'}${more} ${units === 'in' ? '″' : 'cm'}`
})

function digit(key: string) {
  if (whole.value.length < 6) whole.value += key
}
function clear() {
  whole.value = ''
  part.value = ''
  isSixteenthMore.value = false
}
function enter() {
  if (inches.value === null) return
  emit('enter', inches.value)
  clear()
}
</script>

<template>
  <div class="pad" role="group" aria-label="Keys for a measure">
    <output class="shown figure" :data-given="shown ? true : undefined" aria-live="polite">{{ shown }}</output>
    <div class="digits">
      <UButton v-for="key in DIGITS" :key="key" class="key" :disabled @click="digit(key)">
        {{ key }}
      </UButton>
      <UButton class="key" :disabled aria-label="Clear" @click="clear">
        <UIcon name="i-lucide-x" class="size-5" />
      </UButton>
      <UButton class="key" :disabled @click="digit('0')">0</UButton>
      <UButton
        v-if="units === 'cm'"
        class="key"
        :disabled="disabled || whole.includes('.')"
        aria-label="Point"
        @click="digit('.')"
      >
        .
      </UButton>
    </div>
    <div v-if="units === 'in'" class="parts">
      <UButton
        v-for="key in EIGHTHS"
        :key="key"
        class="key figure"
        :class="{ chosen: part === key }"
        :aria-pressed="part === key"
        :disabled
        @click="part = part === key ? '' : key"
      >
        {{ key }}
      </UButton>
      <UButton
        class="key figure"
        :class="{ chosen: isSixteenthMore }"
        :aria-pressed="isSixteenthMore"
        :disabled
        @click="isSixteenthMore = !isSixteenthMore"
      >
        + 1/16
      </UButton>
    </div>
    <UButton variant="solid" class="enter" :disabled="disabled || inches === null" @click="enter">
      <UIcon name="i-lucide-check" class="size-5" />Write it down
    </UButton>
  </div>
</template>

<style scoped>
.pad {
  display: grid;
  width: 17.5rem;
  max-width: 100%;
  gap: 0.5rem;
}
.shown {
  min-height: 3.2rem;
  padding: 0.4rem 0.75rem;
  border-bottom: 2px solid var(--line);
  font-size: 1.6rem;
  font-weight: 700;
  text-align: right;
}
.digits {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.4rem;
}
.parts {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 0.4rem;
}
.key {
  min-height: 3.1rem;
  justify-content: center;
  padding: 0 0.3rem;
  font-size: 1.15rem;
}
.enter {
  min-height: 3.1rem;
  justify-content: center;
}
</style>

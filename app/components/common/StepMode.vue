<script setup lang="ts">
import type { TextPart } from '~~/words/textPart'

export interface ModeStep {
  /** Small line above: where we are. */
  place: string
  /** The step in a sentence or two. */
  parts: readonly TextPart[]
  /** What hands do within it, one after the other; shown one by one. */
  stages?: readonly (readonly TextPart[])[]
  /** Plan paths of the big figures, if the step has any. */
  figures?: readonly string[]
  done: boolean
  /** How often it is still to be done; it stays until that is over. */
  left?: number
  caution?: string
}

const {
  steps,
  start = 0,
  title,
} = defineProps<{
  steps: readonly ModeStep[]
  /** Where it was left. */
  start?: number
  title: string
}>()
const emit = defineEmits<{
  close: []
  /** Tick or untick the step. */
  tick: [index: number]
  /** Tick all that is left of the step. */
  all: [index: number]
  /** The step now shown, for tomorrow. */
  at: [index: number]
}>()
defineSlots<{
  /** The picture of a step, or of one of its stages. */
  default: (props: { index: number; stage: number | null }) => unknown
}>()

const index = ref(Math.min(Math.max(0, start), Math.max(0, steps.length - 1)))
const step = computed(() => steps[index.value])
/** Of a step with stages: 0 is the step as a whole, then each in turn. */
const stage = ref(0)
const stages = computed(() => step.value?.stages ?? [])
watch(index, () => (stage.value = 0))
const shown = computed(() => (stage.value === 0 ? step.value!.parts : stages.value[stage.value - 1]!))
const root = useTemplateRef('root')
useRunningTimer(String(useRoute().params.id))
const isDone = computed(() => steps.filter(s => s.done).length)
watch(index, value => emit('at', value), { immediate: true })
const { isSupported: canStayAwake, request, release } = useWakeLock()
onMounted(() => {
  root.value?.focus()
  if (canStayAwake.value) void request('screen').catch(() => {})
})
onBeforeUnmount(() => void release().catch(() => {}))
// a button that was pressed may have gone with its step: the keys of the mode, and a pedal, must find somebody
onUpdated(() => {
  const at = document.activeElement
  if (!at || at === document.body || at.matches(':disabled')) root.value?.focus()
})

/** To the next stage or step; going back comes to a step as a whole. */
function go(by: number) {
  const next = stage.value + by
  if (next >= 0 && next <= stages.value.length) stage.value = next
  else leave(by)
}
function leave(by: number) {
  stage.value = 0
  index.value = Math.min(steps.length - 1, Math.max(0, index.value + by))
}
/** Ticks the step and goes on when nothing of it is left; a step ticked already is only left behind. */
function finish() {
  if (stage.value > 0 && stage.value < stages.value.length) return go(1)
  const left = step.value?.left ?? 1
  if (!step.value?.done) emit('tick', index.value)
  if (step.value?.done || left <= 1) leave(1)
  // the next of the chain begins where its hands begin
  else if (stage.value > 0) stage.value = 1
}
function finishAll() {
  emit('all', index.value)
  leave(1)
}
const doneLabel = computed(() => {
  if (stage.value > 0 && stage.value < stages.value.length) return 'Next stage'
  if (step.value?.done) return 'Done already, go on'
  return step.value?.left === undefined ? 'Done' : `Done: ${step.value.left} to go`
})
/** Tab goes round within the mode: the page behind it cannot be reached. */
function keepFocus(event: KeyboardEvent) {
  const all = [
    ...root.value!.querySelectorAll<HTMLElement>('button:not(:disabled), a[href], input, select, textarea'),
  ].filter(element => element.checkVisibility())
  const [first, last] = [all[0], all.at(-1)]
  if (!first || !last) return
  const isAtEnd = event.shiftKey
    ? document.activeElement === first || document.activeElement === root.value
    : document.activeElement === last
  if (!isAtEnd) return
  event.preventDefault()
  const next = event.shiftKey ? last : first
  next.focus()
}
function onKey(event: KeyboardEvent) {
  const onButton = event.target instanceof HTMLButtonElement
  if (event.key === 'ArrowRight' || event.key === 'PageDown') go(1)
  else if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(-1)
  else if (event.key === ' ' && !onButton) finish()
  else if (event.key === 'a' && (step.value?.left ?? 1) > 1) finishAll()
  else if (event.key === 'Escape') emit('close')
  else if (event.key === 'Tab') return keepFocus(event)
  else return
  event.preventDefault()
}
</script>

<template>
  <div
    ref="root"
    class="mode"
    role="dialog"
    aria-modal="true"
    :aria-label="title"
    tabindex="-1"
    data-testid="step-mode"
    @keydown="onKey"
  >
    <header class="flex items-center gap-4 px-5 py-2">
      <p class="title truncate text-xl">{{ title }}</p>
      <p class="figure ml-auto text-lg">{{ index + 1 }} of {{ steps.length }}, {{ isDone }} done</p>
      <UButton @click="emit('close')"> <UIcon name="i-lucide-x" class="size-6" />Stop here </UButton>
    </header>
    <div class="h-2 bg-line">
      <div
        class="h-2"
        style="background: var(--madder)"
        :style="{ width: `${steps.length ? (100 * (index + 1)) / steps.length : 0}%` }"
      />
    </div>
    <main v-if="step" class="page">
      <div class="picture"><slot :index="index" :stage="stage > 0 ? stage - 1 : null" /></div>
      <div class="say" aria-live="polite">
        <p class="note text-xl">
          {{ step.place }}<template v-if="stage > 0">; stage {{ stage }} of {{ stages.length }}</template>
        </p>
        <p v-if="step.figures && stage === 0" class="figure big-figure" data-testid="step-figure">
          <template v-for="(path, i) in step.figures" :key="path"
            >{{ i > 0 ? ' × ' : '' }}<Figure :path="path"
          /></template>
        </p>
        <p class="figure text" data-testid="step-text"><FigureText :parts="shown" /></p>
        <UButton v-if="stages.length > 0 && stage === 0" class="justify-self-start" @click="go(1)">
          <UIcon name="i-lucide-list-ordered" class="size-6" />Stage by stage ({{ stages.length }})
        </UButton>
        <p v-if="step.caution" class="caution text-lg">{{ step.caution }}</p>
        <p v-if="!canStayAwake" class="note">
          Here the screen cannot be kept awake (it needs a secure page): set your tablet not to sleep.
        </p>
      </div>
    </main>
    <p v-else class="page note text-2xl">There is nothing to do here yet.</p>
    <footer class="flex gap-4 p-4">
      <UButton size="xl" :disabled="index === 0 && stage === 0" aria-label="The step before" @click="go(-1)">
        <UIcon name="i-lucide-arrow-left" class="size-9" />
      </UButton>
      <UButton variant="solid" size="xl" class="grow" :disabled="!step" data-testid="step-done" @click="finish">
        <UIcon :name="step?.done ? 'i-lucide-check-check' : 'i-lucide-check'" class="size-8" />{{ doneLabel }}
      </UButton>
      <UButton v-if="(step?.left ?? 1) > 1" size="xl" aria-keyshortcuts="a" data-testid="step-all" @click="finishAll">
        <UIcon name="i-lucide-check-check" class="size-8" />All {{ step!.left }}
      </UButton>
      <UButton v-if="step?.done" size="xl" @click="emit('tick', index)">Not done</UButton>
      <UButton
        size="xl"
        :disabled="index >= steps.length - 1 && stage >= stages.length"
        aria-label="The next step"
        @click="go(1)"
      >
        <UIcon name="i-lucide-arrow-right" class="size-9" />
      </UButton>
    </footer>
  </div>
</template>

<style scoped>
.mode {
  position: fixed;
  inset: 0;
  z-index: 40;
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  background: var(--linen);
  outline: none;
}
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.5rem;
  align-items: center;
  padding: 1rem 2rem;
  min-height: 0;
  overflow: auto;
}
.picture {
  height: 100%;
  max-height: 56vh;
  min-height: 12rem;
  min-width: 0;
}
.say {
  display: grid;
  gap: 1rem;
}
.big-figure {
  font-size: 3.4rem;
  font-weight: 750;
  line-height: 1.1;
  white-space: normal;
}
.text {
  font-size: 1.75rem;
  line-height: 1.35;
  white-space: normal;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) auto;
  }
  .picture {
    max-height: 44vh;
  }
}
</style>

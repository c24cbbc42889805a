<script setup lang="ts">
import { layOutAgain } from '~~/core/edits/wall'
import { asCells, type CellEntry } from '~~/core/edits/setting'
import type { Edit } from '~~/core/edits/edit'
import type { QuiltFile } from '~~/core/file/schema'

/** Minutes for fiddling; when they are over it asks whether what hangs there now is to stay. */
const { file } = defineProps<{ file: QuiltFile; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const minutes = ref(10)
const ends = ref<number | null>(null)
const isOver = ref(false)
/** How it hung when the time began. */
let before: CellEntry[][] = []
const { timestamp: now } = useTimestamp({ interval: 500, controls: true })
const left = computed(() => (ends.value === null ? 0 : Math.max(0, Math.ceil((ends.value - now.value) / 1000))))
const shown = computed(() => `${Math.floor(left.value / 60)}:${String(left.value % 60).padStart(2, '0')}`)
watch(left, seconds => {
  if (ends.value === null || seconds > 0) return
  ends.value = null
  isOver.value = true
})
function start() {
  before = asCells(file)
  more(minutes.value)
}
function more(by: number) {
  isOver.value = false
  now.value = Date.now()
  ends.value = now.value + by * 60_000
}
function putBack() {
  isOver.value = false
  emit('edit', 'as it hung before', layOutAgain(before))
}
</script>

<template>
  <span v-if="ends !== null" class="flex items-center gap-1">
    <span class="figure text-xl font-semibold" role="timer" data-testid="time-left">{{ shown }}</span>
    <UButton variant="ghost" square aria-label="Stop the time" @click="ends = null">
      <UIcon name="i-lucide-timer-off" class="size-5" />
    </UButton>
  </span>
  <UPopover v-else :ui="{ content: 'bg-paper text-ink border border-line rounded-xl p-4 w-72 z-50' }">
    <UButton><UIcon name="i-lucide-timer" class="size-5" />Timer</UButton>
    <template #content>
      <CountField label="Minutes for fiddling" :value="minutes" :least="1" :most="120" @commit="m => (minutes = m)" />
      <p class="note my-2">When they are over, look once and decide.</p>
      <UButton variant="solid" :disabled="!canWrite" @click="start">Begin</UButton>
    </template>
  </UPopover>
  <UModal v-model:open="isOver" title="The time is over" description="Step back and look. Keep this?">
    <template #body>
      <div class="flex flex-wrap gap-2">
        <UButton variant="solid" @click="isOver = false">Keep this</UButton>
        <UButton @click="putBack">Put it back as it hung before</UButton>
        <UButton @click="more(5)">Five minutes more</UButton>
      </div>
    </template>
  </UModal>
</template>

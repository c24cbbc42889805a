<script setup lang="ts">
import { saveBy, type WayToSave } from '~~/core/time/waysToSave'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import type { Amounts } from '~~/core/time/paceKinds'
import { WEEKDAYS } from '~~/core/file/entries/scheduleEntry'
import type { Draws } from '~~/core/time/span'
import { inEnglish } from '~~/words/speech'
import { minutesText, wayToSaveText } from '~~/words/time'

/** What would bring a late quilt back, each with the time that it saves. */
const { quilt, left, draws, minutes, late, canWrite } = defineProps<{
  quilt: Quilt
  left: Amounts
  draws: Draws
  /** Expected of what is left. */
  minutes: number
  late: number
  canWrite: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const store = useQuilt()
const speech = useSpeech()
const { state, ways, look, forget } = useWaysToSave(() => ({ left, draws }))
watch(() => store.file, forget)

/** More hours a week, were they to do it alone. */
const moreHours = computed(() => {
  const { until, hours } = quilt.plan
  if (until === undefined || late === 0) return null
  const weeks = (Date.parse(until) - Date.now()) / (7 * 86_400_000)
  const week = WEEKDAYS.reduce((sum, day) => sum + (hours[day] ?? 0), 0)
  const more = weeks > 0 ? minutes / 60 / weeks - week : 0
  return weeks > 0 && more > 0 ? Math.ceil(more * 2) / 2 : null
})
function use(way: WayToSave) {
  emit('edit', wayToSaveText(way, speech.value).toLowerCase(), saveBy(way, quilt))
}
</script>

<template>
  <section class="card space-y-3" aria-label="What would take less" data-testid="ways-to-save">
    <h2>What would take less</h2>
    <p v-if="moreHours !== null">
      With <span class="figure">{{ moreHours }} h</span> more a week it would be in time as it is.
    </p>
    <UButton v-if="state !== 'running'" :disabled="!store.file" @click="store.file && look(store.file)">
      Look what would
    </UButton>
    <p v-else class="note" role="status">Each is planned …</p>
    <p v-if="state === 'done' && ways.length === 0" class="note" role="status">Nothing that Wren knows would.</p>
    <p v-if="state === 'failed'" class="caution" role="alert">That did not work. Nothing has changed; try it again.</p>
    <ul v-if="ways.length > 0">
      <li
        v-for="{ way, saved } in ways"
        :key="wayToSaveText(way, speech)"
        class="flex flex-wrap items-center gap-3 border-t border-line py-2"
        data-testid="way-to-save"
      >
        <span class="mr-auto">{{ inEnglish(wayToSaveText(way, speech), speech) }}</span>
        <span class="figure">about {{ minutesText(saved) }} less</span>
        <UButton :disabled="!canWrite" @click="use(way)">Do it</UButton>
      </li>
    </ul>
  </section>
</template>

<script setup lang="ts">
import type { Session } from '~~/core/time/sessions'
import type { PlannedTime } from '~~/core/time/plannedTime'
import { minutesText, readyText } from '~~/words/time'
import { burnDown } from '~/drawing/timeCharts'

/** Days of work in their order, for the calendar too. */
const { time, quilt, textOf } = defineProps<{
  time: PlannedTime
  quilt: { id: string; name: string; until: string | undefined }
  /** What is done on a day. */
  textOf: (session: Session) => string
}>()

const MAX_SHOWN = 8
const isAll = ref(false)
const shown = computed(() => (isAll.value ? time.sessions : time.sessions.slice(0, MAX_SHOWN)))
const dayOf = (on: string, style: 'long' | 'short' = 'long') =>
  new Date(`${on}T12:00:00`).toLocaleDateString(undefined, { weekday: style, day: 'numeric', month: style })
const ready = computed(() => {
  const last = time.sessions.at(-1)
  return last ? readyText({ last: dayOf(last.on), late: time.late }, quilt.until !== undefined) : ''
})
/** What is left after each day. */
const left = computed(() => {
  const all = time.sessions.reduce((sum, { minutes }) => sum + minutes, 0)
  let done = 0
  const days = time.sessions.map(({ on, minutes }) => ({ at: on, minutes: Math.max(0, all - (done += minutes)) }))
  return [{ at: new Date().toISOString().slice(0, 10), minutes: all }, ...days]
})
const span = computed(() => {
  const { low, high, minutes } = time.left
  return { low: low / minutes, high: high / minutes }
})
async function saveCalendar() {
  const { calendarFile } = await import('~/calendar/calendarFile')
  const days = time.sessions.map(session => ({
    on: session.on,
    title: `${quilt.name}: ${minutesText(session.minutes)}`,
    text: textOf(session),
  }))
  downloadText(`${quilt.name}.ics`, calendarFile(quilt, days), 'text/calendar')
}
</script>

<template>
  <section class="card space-y-4" aria-label="Day by day" data-testid="sessions">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">Day by day</h2>
      <UButton v-if="time.sessions.length > 0" class="no-print" @click="saveCalendar">
        <UIcon name="i-lucide-calendar" class="size-5" />For the calendar (ICS)
      </UButton>
    </div>
    <p v-if="time.sessions.length === 0" class="note">
      Say above how many hours are free on which days: the work is laid out over them, in its order.
    </p>
    <template v-else>
      <p :class="{ caution: time.late > 0 }" role="status" data-testid="ready">{{ ready }}</p>
      <ol>
        <li v-for="session in shown" :key="session.on" class="border-t border-line py-2" data-testid="session">
          <div class="flex gap-3">
            <strong class="mr-auto">{{ dayOf(session.on) }}</strong><span class="figure">{{
              minutesText(session.minutes)
            }}</span>
          </div>
          <p class="note">{{ textOf(session) }}{{ session.isBroken ? ' (longer than a day: goes on)' : '' }}</p>
        </li>
      </ol>
      <UButton v-if="time.sessions.length > MAX_SHOWN" class="no-print" @click="isAll = !isAll">
        {{ isAll ? 'Fewer' : `All ${time.sessions.length} days` }}
      </UButton>
      <DataChart :draw="burnDown(left, span, quilt.until)" :label="`Hours left from day to day. ${ready}`" />
    </template>
  </section>
</template>

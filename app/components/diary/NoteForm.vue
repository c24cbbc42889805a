<script setup lang="ts">
import { addNote } from '~~/core/edits/record'
import { amountsText } from '~~/words/time'

/** A note is written, with the minutes that it took. */
const store = useQuilt()
const speech = useSpeech()
const route = useRoute()
const { form: note, clear } = useKeptForm(String(route.params.id), 'note', () => ({
  text: '',
  minutes: null as number | null,
}))
const { planned, doneNow } = useTime()
const timer = useSittingTimer(String(route.params.id))
/** What was ticked since the last sitting that was timed: its minutes teach Wren the pace. */
const counts = computed(() => (planned.value ? doneNow() : {}))
/** Minutes alone are a note too, where something was done in them. */
const isEmpty = computed(
  () => note.value.text.trim() === '' && !(note.value.minutes && Object.keys(counts.value).length > 0),
)
function write() {
  const { text, minutes } = note.value
  if (isEmpty.value) return
  const edit = addNote(new Date().toISOString(), text.trim(), minutes ?? 0, counts.value)
  if (store.apply('note in the diary', edit).length > 0) return
  if (minutes) timer.forget()
  clear()
}
</script>

<template>
  <form class="card no-print mb-5 space-y-3" @submit.prevent="write">
    <TextField
      label="What happened, what you changed, what is on the machine"
      :rows="3"
      :most="20000"
      :value="note.text"
      @write="text => (note.text = text)"
    />
    <div class="flex flex-wrap items-end gap-3">
      <NumberField
        label="Minutes"
        place="w-28"
        :value="note.minutes"
        :least="0"
        :most="10000"
        may-be-empty
        is-live
        @commit="minutes => (note.minutes = minutes)"
        @empty="note.minutes = null"
      />
      <UButton type="submit" variant="solid" :disabled="isEmpty || !store.canWrite"> Write it down </UButton>
      <UButton v-if="timer.minutes.value > 0 && note.minutes === null" @click="note.minutes = timer.minutes.value">
        <UIcon name="i-lucide-timer" class="size-5" />{{ timer.minutes.value }} min at the steps
      </UButton>
    </div>
    <p v-if="note.minutes" class="note" role="status" data-testid="sitting">
      <template v-if="Object.keys(counts).length > 0">
        In these minutes: {{ amountsText(counts, speech) }}. Wren learns your pace from it.
      </template>
      <template v-else>Nothing was ticked since the last timed note: these minutes teach Wren no pace.</template>
    </p>
  </form>
</template>

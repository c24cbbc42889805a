<script setup lang="ts">
import { removeNote } from '~~/core/edits/record'
import { finishStepName, measureLine, nextText } from '~~/words/diary'
import { knownAmounts } from '~~/core/time/plannedTime'
import { inEnglish } from '~~/words/speech'
import { amountsText } from '~~/words/time'

const store = useQuilt()
const speech = useSpeech()
const progress = useProgress()
const quilt = computed(() => store.quilt!)
const day = (at: string) =>
  new Date(at).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
const total = computed(() => quilt.value.diary.reduce((sum, note) => sum + (note.minutes ?? 0), 0))
const spent = computed(() => `${Math.floor(total.value / 60)} h ${total.value % 60} min`)
const notes = computed(() =>
  quilt.value.diary.map((entry, index) => ({ entry, index })).sort((a, b) => b.entry.at.localeCompare(a.entry.at)),
)

const measures = computed(() =>
  quilt.value.made.map(entry => measureLine(entry, id => store.blockNames.get(id) ?? id, speech.value)),
)
const next = computed(() => (progress.value ? nextText(progress.value) : ''))
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-6 p-5 lg:grid-cols-[1fr_22rem]">
    <section aria-label="Diary">
      <h1 class="mb-4">Diary</h1>
      <NoteForm />
      <p v-if="notes.length === 0" class="note">
        Nothing written yet. Note the ruler, the needle, the pen, {{ inEnglish('the clip colors', speech) }}: tomorrow
        you will want to know.
      </p>
      <ol class="space-y-3">
        <li v-for="{ entry, index } in notes" :key="index" class="card" data-testid="note">
          <div class="flex items-center gap-3">
            <strong class="mr-auto">{{ day(entry.at) }}</strong><span v-if="entry.minutes" class="note figure"
              >{{ entry.minutes }} min</span
            ><UButton
              variant="ghost"
              square
              class="no-print"
              aria-label="Take this note out"
              :disabled="!store.canWrite"
              @click="store.apply('note taken out', removeNote(index))"
            >
              <UIcon name="i-lucide-x" class="size-5" />
            </UButton>
          </div>
          <p class="whitespace-pre-wrap">{{ entry.text }}</p>
          <p v-if="entry.counts" class="note">{{ amountsText(knownAmounts(entry.counts), speech) }}</p>
        </li>
      </ol>
    </section>
    <aside class="space-y-4">
      <section class="card" aria-label="Where it stands">
        <h2 class="mb-2">Where it stands</h2>
        <p class="mb-3 font-semibold" data-testid="next">{{ next }}</p>
        <table v-if="progress" class="w-full">
          <tbody>
            <tr
              v-for="[what, done, all] in [
                ['pieces cut', progress.cut.cut, progress.cut.all],
                ['units sewn', progress.sewn.units, progress.sewn.allUnits],
                ['blocks sewn', progress.sewn.blocks, progress.sewn.allBlocks],
                ['rows joined', progress.sewn.rows, progress.sewn.allRows],
              ] as const"
              :key="what"
              class="border-t border-line"
            >
              <td class="py-1">{{ what }}</td>
              <td class="figure text-right font-semibold">{{ done }} of {{ all }}</td>
            </tr>
            <tr
              v-for="step in progress.finishSteps.filter(name => name !== 'rows-joined')"
              :key="step"
              class="border-t border-line"
            >
              <td class="py-1">{{ finishStepName(step) }}</td>
              <td class="text-right">{{ progress.steps.has(step) ? 'yes' : 'not yet' }}</td>
            </tr>
            <tr class="border-t border-line">
              <td class="py-1">time noted</td>
              <td class="figure text-right font-semibold">{{ spent }}</td>
            </tr>
          </tbody>
        </table>
        <UButton :to="toPage('time')" class="no-print mt-3">
          <UIcon name="i-lucide-hourglass" class="size-5" />How long it takes
        </UButton>
      </section>
      <section v-if="measures.length > 0" class="card" aria-label="Measured">
        <h2 class="mb-2">Measured</h2>
        <ul class="space-y-1" data-given>
          <li v-for="line in measures" :key="line" class="figure !whitespace-normal">{{ line }}</li>
        </ul>
      </section>
    </aside>
  </div>
</template>

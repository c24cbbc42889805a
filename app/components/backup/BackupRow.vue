<script setup lang="ts">
import { choicesFor, differingFacts, factsOf, type BackupChoice } from '~~/core/shelf/compareQuilts'
import { BACKUP_STATES, backupChoiceText, QUILT_FACTS } from '~~/words/backup'
import type { QuiltOfBackup } from '~/backup/backupMessages'

/** One quilt of a backup: what differs from the shelf, and what is to be done with it. */
const { quilt, choice } = defineProps<{ quilt: QuiltOfBackup; choice: BackupChoice }>()
const emit = defineEmits<{ choose: [choice: BackupChoice] }>()

const name = computed(() => quilt.file.name ?? 'Untitled quilt')
const when = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
const facts = computed(() => {
  if (!quilt.here) return []
  const [here, there] = [factsOf(quilt.here.file), factsOf(quilt.file)]
  return differingFacts(quilt.here.file, quilt.file).map(fact => ({
    name: QUILT_FACTS[fact],
    here: here[fact],
    there: there[fact],
  }))
})
const options = computed(() =>
  choicesFor(quilt.state).map(value => ({ value, label: backupChoiceText(value, quilt.state) })),
)
</script>

<template>
  <li class="border-t border-line py-4" data-testid="backup-row">
    <h3>{{ name }}</h3>
    <p class="note mb-2">{{ BACKUP_STATES[quilt.state] }}</p>
    <table v-if="quilt.here && quilt.state !== 'same'" class="mb-3 w-full max-w-xl">
      <thead>
        <tr class="text-left">
          <td></td>
          <th scope="col">here</th>
          <th scope="col">in the backup</th>
        </tr>
      </thead>
      <tbody>
        <tr class="border-t border-line">
          <th scope="row" class="py-1 text-left font-normal">last changed</th>
          <td class="figure">{{ when(quilt.here.savedAt) }}</td>
          <td class="figure">{{ when(quilt.savedAt) }}</td>
        </tr>
        <tr v-for="fact in facts" :key="fact.name" class="border-t border-line">
          <th scope="row" class="py-1 text-left font-normal">{{ fact.name }}</th>
          <td class="figure">{{ fact.here }}</td>
          <td class="figure">{{ fact.there }}</td>
        </tr>
        <tr v-if="facts.length === 0" class="border-t border-line">
          <td colspan="3" class="note py-1">They differ in something finer: a size, a color, or what stands where.</td>
        </tr>
      </tbody>
    </table>
    <RadioField
      v-if="options.length > 1"
      :label="`What to do with ${name}`"
      labelled="unseen"
      :value="choice"
      :options="options"
      @choose="value => emit('choose', value)"
    />
  </li>
</template>

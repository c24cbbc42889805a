<script setup lang="ts">
import { clothsFromTable, guessColumns, STASH_FIELDS, type ColumnMap } from '~~/core/stash/stashTable'
import type { StashCloth } from '~~/core/stash/stashCloth'
import { freeText, fieldName, rowProblemText, tableText } from '~~/words/stash'
import { capital } from '~~/words/names'
import { newId } from '~/keeping/quiltKeeper'

/** Which column of a table says what, with what comes of it; nothing is put in before that is said. */
const { table } = defineProps<{ table: string[][] }>()
const emit = defineEmits<{ close: []; put: [cloths: StashCloth[]] }>()
const settings = useSettings()
const speech = useSpeech()
const heads = computed(() => table[0]!)
const columns = ref<ColumnMap>(guessColumns(heads.value))
const options = computed(() => [
  { value: -1, label: 'not in it' },
  ...heads.value.map((head, value) => ({ value, label: head || `column ${value + 1}` })),
])
const ids = table.map(() => newId())
const read = computed(() => clothsFromTable(table.slice(1), columns.value, settings.units, row => ids[row]!))
</script>

<template>
  <UModal
    :open="true"
    title="Which column says what"
    :description="`Numbers without a unit are read as ${settings.units === 'cm' ? 'centimetres' : 'inches'}.`"
    @update:open="emit('close')"
  >
    <template #body>
      <div class="grid gap-3 sm:grid-cols-2">
        <ChoiceField
          v-for="field in STASH_FIELDS"
          :key="field"
          :label="capital(fieldName(field, speech))"
          :value="columns[field] ?? -1"
          :options="options"
          @choose="at => (columns = { ...columns, [field]: at < 0 ? null : at })"
        />
      </div>
      <p class="mt-4 font-bold" role="status">{{ tableText(read.cloths.length, read.problems) }}</p>
      <ul class="max-h-40 overflow-auto" tabindex="0" aria-label="What comes of it">
        <li v-for="problem in read.problems.slice(0, 20)" :key="`${problem.line} ${problem.field}`" class="wrong">
          {{ rowProblemText(problem, speech) }}
        </li>
        <li v-for="cloth in read.cloths.slice(0, 20)" :key="cloth.id" class="figure !whitespace-normal">
          {{ cloth.name }}: {{ freeText(cloth, speech) }}
        </li>
      </ul>
    </template>
    <template #footer>
      <UButton variant="solid" :disabled="read.cloths.length === 0" @click="emit('put', read.cloths)"
        >Put them in</UButton
      >
      <UButton @click="emit('close')">Leave it</UButton>
    </template>
  </UModal>
</template>

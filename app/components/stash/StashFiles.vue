<script setup lang="ts">
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { freshStashCloth, type StashCloth } from '~~/core/stash/stashCloth'
import { readPalette, writePalette } from '~~/core/stash/palette'
import { tableOfStash } from '~~/core/stash/stashTable'
import { inEnglish } from '~~/words/speech'
import { downloadText } from '~/composables/downloadQuilt'
import { downloadTable } from '~/composables/downloadTable'
import { newId } from '~/keeping/quiltKeeper'

/** The stash in and out: as a table, and its colours as a palette. */
const emit = defineEmits<{ put: [cloths: StashCloth[]] }>()
const stash = useStash()
const settings = useSettings()
const speech = useSpeech()
const toast = useToasts()
/** A table that is being read: its columns are said first. */
const table = shallowRef<string[][] | null>(null)
/** A larger table is no stash. */
const MOST_ROWS = 5000
const MOST_BYTES = 2_000_000

async function openFile(file: File) {
  if (file.size > MOST_BYTES)
    return toast.say('That file is too large', 'A stash of some thousand cloths is far smaller.')
  const text = await file.text()
  const palette = readPalette(text)
  if (palette) return takePalette(palette)
  const { parse } = (await import('papaparse')).default
  const { data } = parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  if (data.length < 2 || data.length > MOST_ROWS)
    return toast.say('That is no table of cloths', 'It wants a row of heads and a row for each cloth.')
  table.value = data
}
function takePalette(palette: { name: string; colour: string }[]) {
  if (palette.length === 0) return toast.say(inEnglish('That palette has no colors', speech.value))
  const width = UNIT_DEFAULTS[settings.units].clothWidth
  emit(
    'put',
    palette.map(({ name, colour }) => freshStashCloth(newId(), width, settings.units, name.slice(0, 200), colour)),
  )
}
const saveTable = () => downloadTable('stash.csv', tableOfStash(stash.cloths, settings.units))
const savePalette = () => downloadText('stash.gpl', writePalette('Stash', stash.cloths), 'text/plain')
const saves = computed(() => [
  [
    { label: 'As a table (CSV)', onSelect: () => void saveTable() },
    { label: inEnglish('Its colors as a palette (GPL)', speech.value), onSelect: savePalette },
  ],
])
</script>

<template>
  <FilePicker
    accept=".csv,.tsv,.txt,.gpl,text/csv"
    label="Table or palette"
    icon="i-lucide-folder-open"
    data-testid="stash-picker"
    @choose="openFile"
    >Put in from a file</FilePicker
  >
  <UDropdownMenu v-if="stash.cloths.length > 0" :items="saves">
    <UButton><UIcon name="i-lucide-download" class="size-5" />Save it</UButton>
  </UDropdownMenu>
  <LazyTableColumns
    v-if="table"
    :table="table"
    @close="table = null"
    @put="
      cloths => {
        emit('put', cloths)
        table = null
      }
    "
  />
</template>

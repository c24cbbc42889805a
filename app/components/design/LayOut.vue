<script setup lang="ts">
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import { setFill } from '~~/core/edits/setting'
import type { Edit } from '~~/core/edits/edit'
import { setTurns, TURN_PATTERNS } from '~~/core/edits/turnPatterns'
import { inEnglish } from '~~/words/speech'
import { turnPatternName } from '~~/words/tryOuts'
import { canPaintMany } from '~/drawing/manyPictures'

/** Ways to fill all places of the quilt anew, each as this quilt would look. */
const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; climb: [] }>()
const speech = useSpeech()

const PICTURE_PX = 96
/** Single places were turned, mirrored, dressed or exchanged. */
const hasOwnPlaces = computed(() => file.setting.cells !== undefined)
/** Another random arrangement each time it was taken. */
const seed = ref(1)

interface LayOutWay {
  name: string
  edit: Edit
  called: string
  take?: () => void
}
const turns = computed(() =>
  TURN_PATTERNS.map((pattern): LayOutWay => ({
    name: inEnglish(turnPatternName(pattern), speech.value),
    edit: setTurns(quilt, pattern, pattern === 'random' ? seed.value : 0),
    called: 'blocks turned',
    ...(pattern === 'random' ? { take: () => (seed.value += 1) } : {}),
  })),
)
/** What blocks would stand where: one everywhere, or the first two like a chequerboard. */
const fills = computed(() => {
  const [first, second] = ownBlocks(quilt)
  const way = (name: string, fill: string[][]): LayOutWay => ({
    name,
    edit: setFill(fill),
    called: 'blocks laid out anew',
  })
  const one = ownBlocks(quilt).map(block => way(`${block.name} everywhere`, [[block.id]]))
  return first && second
    ? [
        way(`${first.name} and ${second.name} by turns`, [
          [first.id, second.id],
          [second.id, first.id],
        ]),
        ...one,
      ]
    : one
})
const places = computed(() => quilt.setting.cells.flat().length)
const canPaint = computed(() => canPaintMany(quilt))
const groups = computed(() =>
  [
    { title: 'Turn the blocks', ways: turns.value },
    { title: 'Fill the places', ways: fills.value },
  ].map(({ title, ways }) => ({
    title,
    ways: ways.map(way => ({ ...way, picture: canPaint.value ? editedQuilt(file, way.edit) : null })),
  })),
)
function take({ called, edit, take: taken }: LayOutWay) {
  emit('edit', called, edit)
  taken?.()
}
</script>

<template>
  <section class="space-y-3" aria-labelledby="lay-out">
    <h2 id="lay-out" class="pr-10">Lay out</h2>
    <p class="note">
      All {{ places }} places are filled anew.<template v-if="hasOwnPlaces">
        Turns, mirrors, exchanges and cloths of single places go (Undo brings them back).</template
      >
    </p>
    <div v-for="{ title, ways } in groups" :key="title" role="group" :aria-label="title">
      <p class="label">{{ title }}</p>
      <div class="grid grid-cols-3 gap-1.5">
        <UButton v-for="way in ways" :key="way.name" class="way" @click="take(way)">
          <QuiltPicture v-if="way.picture" :quilt="way.picture" :width="PICTURE_PX" :height="PICTURE_PX" />
          <span>{{ way.name }}</span>
        </UButton>
      </div>
    </div>
    <UButton class="w-full" @click="emit('climb')">
      <UIcon name="i-lucide-trending-up" class="size-5" />{{ inEnglish('Colors that climb', speech) }} …
    </UButton>
  </section>
</template>

<style scoped>
.way {
  flex-direction: column;
  justify-content: flex-start;
  gap: 0.2rem;
  padding: 0.35rem;
  font-size: 0.95rem;
  line-height: 1.15;
  white-space: normal;
  text-align: center;
}
</style>

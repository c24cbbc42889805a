<script setup lang="ts">
import { keepPicture } from '~~/core/edits/pictures'
import { designOf } from '~~/core/file/quilt'

/** A picture in squares: from a photograph, a chart, or drawn square by square. */
const store = useQuilt()
const route = useRoute()
const toast = useToasts()
const quilt = computed(() => store.quilt!)
const block = quilt.value.blocks.find(({ id }) => id === route.query.block)
const shown = block && designOf(quilt.value, block).picture ? block : null

const { form: kept, clear } = useKeptForm<KeptPicture | null>(
  String(route.params.id),
  `picture:${shown?.id ?? 'new'}`,
  () => null,
)
const start = kept.value ?? pictureOf(quilt.value, shown)
const name = ref(start.name)
const side = ref(start.side)
const draft = usePictureDraft(draftOf(start))
const tools = usePictureTools(draft)
const { tool, mirrors, letter, cursor } = tools
const letters = usePictureLetters(draft, letter, () => quilt.value)
const size = computed(() => draft.picture.value.size)
watch([draft.version, draft.picture, name, side], () => {
  kept.value = { name: name.value, side: side.value, rows: draft.rows(), letters: draft.picture.value.letters }
})

const look = ref<'cloth' | 'chart'>('cloth')
const colours = computed(() => (look.value === 'cloth' ? letters.colours.value : letters.chartColours.value))
const stage = useTemplateRef('stage')
const { scale, nearer } = useSquareScale(stage, size)
const place = computed(() => {
  void draft.version.value
  const { x, y } = cursor.value
  const at = letters.letters.value[tools.letterAt(cursor.value)]!
  return `Row ${y + 1}, square ${x + 1}: ${at.letter}`
})

const isReadingPhoto = ref(false)
const isReadingChart = ref(false)
async function keep(isWhole: boolean) {
  const picture = { name: name.value.trim() || 'My picture', rows: draft.rows(), letters: letters.letters.value }
  const problems = store.apply('picture', keepPicture(picture, { block: shown?.id ?? null, side: side.value, isWhole }))
  toast.problems(problems)
  if (problems.length > 0) return
  clear()
  await navigateTo(toPage('design'))
}
useUndoHere({ undo: draft.undo, redo: draft.redo })
</script>

<template>
  <div class="picture">
    <PictureBar
      v-model:tool="tool"
      v-model:look="look"
      :can-undo="draft.canUndo.value"
      :can-redo="draft.canRedo.value"
      :mirrors="mirrors"
      @undo="draft.undo"
      @redo="draft.redo"
      @mirror="which => (mirrors[which] = !mirrors[which])"
      @nearer="nearer(1.5)"
      @farther="nearer(1 / 1.5)"
      @photo="isReadingPhoto = true"
      @chart="isReadingChart = true"
    >
      <PictureKeep
        v-model:name="name"
        :size="size"
        :side="side"
        :step="quilt.ruler || 1 / 8"
        :is-new="!shown"
        :can-write="store.canWrite"
        @side="value => (side = value)"
        @resize="next => draft.replace(resized(draft.picture.value, next))"
        @keep="keep"
      />
    </PictureBar>
    <div ref="stage" class="stage">
      <PictureBoard
        :draft="draft"
        :colours="colours"
        :has-letters="look === 'chart'"
        :scale="scale"
        :marked="letters.marked.value"
        :cursor="cursor"
        :start="tools.start.value"
        label="Squares of the picture: arrow keys move, Space paints, a letter chooses its cloth"
        @press="tools.press"
        @move="tools.move"
        @lift="tools.lift"
        @key="tools.onKey"
      />
      <p id="board-place" class="place figure" role="status">{{ place }}</p>
    </div>
    <aside class="side space-y-4">
      <LetterList v-model:chosen="letter" :hands="letters" :cloths="quilt.cloths" />
      <NearList :hands="letters" />
    </aside>
    <PhotoSheet v-model:open="isReadingPhoto" :cloths="quilt.cloths" @take="draft.replace" />
    <ChartSheet v-model:open="isReadingChart" @take="chart => draft.replace(chartInCloth(chart, quilt))" />
  </div>
</template>

<style scoped>
.picture {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 22rem;
  height: 100%;
}
.picture > :first-child {
  grid-column: 1 / -1;
}
.stage {
  position: relative;
  min-width: 0;
  min-height: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
}
.place {
  position: absolute;
  left: 0.6rem;
  bottom: 0.3rem;
  padding: 0 0.4rem;
  border-radius: 6px;
  background: var(--paper);
}
.side {
  overflow-y: auto;
  padding: 0.4rem 1.1rem 1rem 0.2rem;
}
@media (max-width: 1000px) {
  .picture {
    grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
  }
  .side {
    max-height: 38vh;
    padding: 0.5rem 1rem;
  }
}
</style>

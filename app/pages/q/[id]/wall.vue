<script setup lang="ts">
import { drawnTop } from '~~/core/top/parts'
import { layoutPicture, type WallView } from '~/drawing/wallView'

/** The quilt alone, to be arranged and judged as from across the room. */
const store = useQuilt()
const edit = useEdit()
const quilt = computed(() => store.quilt!)
const dimensions = computed(() => store.dimensions!)
const wall = useWall()
const spread = useSpread()
const isSpreading = computed(() => spread.state.value === 'running' || spread.state.value === 'found')
const canArrange = computed(() => store.canWrite && !isSpreading.value)

const look = ref<WallView>('colour')
const melted = ref(1)
const card = ref<'marks' | 'spread' | null>(null)
const isKeeping = ref(false)
const { marks, shown, drawn } = useWallMarks(
  () => card.value === 'marks',
  () => !isSpreading.value,
)
function mend(i: number) {
  const mark = marks.value[i]!
  if (mark.mend === 'exchange') wall.bestFor(mark.cells)
  else if (mark.mend === 'spread') card.value = 'spread'
  else void navigateTo(toPage('cloth'))
}

const stage = useTemplateRef('stage')
const { width: stageWidth, height: stageHeight } = useElementSize(stage)
const whole = computed(() => drawnTop(dimensions.value))
/** Beside the quilt for the numbers of its rows; above and below it for the eye. */
const ROOM_PX = { width: 84, height: 36 }
const scale = computed(() =>
  Math.max(
    0.5,
    Math.min(
      (stageWidth.value - ROOM_PX.width) / whole.value.width,
      (stageHeight.value - ROOM_PX.height) / whole.value.height,
    ),
  ),
)

function savePicture() {
  layoutPicture(quilt.value, dimensions.value).toBlob(blob => {
    if (blob) downloadBlob(`${quilt.value.name}-layout.png`, blob)
  }, 'image/png')
}
/** Drawn when it is wanted: printing shows it and nothing else. */
const printed = ref('')
async function print() {
  printed.value = layoutPicture(quilt.value, dimensions.value).toDataURL('image/png')
  await nextTick()
  window.print()
}
</script>

<template>
  <div class="wall">
    <WallBar
      v-model:look="look"
      v-model:melted="melted"
      v-model:card="card"
      class="no-print"
      :marks="store.plan ? marks.length : null"
      :kept="quilt.wall.kept.length"
      @layouts="isKeeping = true"
      @picture="savePicture"
      @print="print"
    >
      <WallTimer v-if="store.file" :file="store.file" :can-write="canArrange" @edit="edit" />
    </WallBar>
    <div ref="stage" class="no-print stage">
      <WallDrawing
        :quilt="quilt"
        :dimensions="dimensions"
        :scale="scale"
        :look="look"
        :melted="melted"
        :picked="canArrange ? wall.picked.value : []"
        :at="wall.at.value"
        :carried="wall.carried.value"
        :marked="drawn"
        @pick="(place, more) => canArrange && wall.pick(place, more)"
        @drop="(from, to) => canArrange && wall.drop(from, to)"
        @key="event => canArrange && wall.onKey(event)"
      />
      <OpenCard
        v-if="card"
        class="card floating beside"
        :name="card === 'marks' ? 'What the eye would catch' : 'Spread the blocks'"
        @close="card = null"
      >
        <MarkList
          v-if="card === 'marks'"
          :marks="marks"
          :shown="shown"
          :can-write="canArrange"
          @show="mark => (shown = mark)"
          @mend="mend"
        />
        <SpreadCard v-else :quilt="quilt" :spread="spread" :can-write="store.canWrite" />
      </OpenCard>
    </div>
    <PickedBar class="no-print" :quilt="quilt" :wall="wall" :can-write="canArrange" @edit="edit" />
    <KeptLayouts
      v-if="store.file && isKeeping"
      v-model:open="isKeeping"
      :file="store.file"
      :quilt="quilt"
      :can-write="canArrange"
      @edit="edit"
    />
    <img v-if="printed" :src="printed" class="print-only paper" alt="The layout, its rows numbered" />
  </div>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  height: 100%;
}
.stage {
  position: relative;
  min-width: 0;
  min-height: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
}
.beside {
  position: absolute;
  top: 0.4rem;
  right: 0.6rem;
  width: min(23rem, calc(100vw - 1rem));
  max-height: calc(100% - 0.8rem);
}
.paper {
  width: 100%;
  max-height: 26cm;
  object-fit: contain;
}
</style>

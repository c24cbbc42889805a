<script setup lang="ts">
import { exchangeCells, mirrorCell, turnCell } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import type { Inches } from '~~/core/measure/ruler'
import { drawnTop, tapeSegments } from '~~/core/top/parts'
import { samePart, type Part } from '~~/core/top/region'
import { greyOf } from '~~/core/measure/lightness'
import { blockOf, clothOf, type Quilt } from '~~/core/file/quilt'

const store = useQuilt()
const toast = useSay()
const quilt = computed(() => store.quilt!)
const dimensions = computed(() => store.dimensions!)
const selected = ref<Part | null>(null)
const carried = ref<Extract<Part, { kind: 'block' }> | null>(null)
const isGrey = ref(false)
const isSetting = ref(false)
const isTrying = ref(false)
const isFitting = ref(false)
const isClimbing = ref(false)

const stage = useTemplateRef('stage')
const drawing = useTemplateRef('drawing')
const bubble = useTemplateRef('bubble')
const { width: stageWidth, height: stageHeight } = useElementSize(stage)
const TAPE_PX = 48
const whole = computed(() => drawnTop(dimensions.value))
const scale = computed(() =>
  Math.max(
    0.5,
    Math.min(
      (stageWidth.value - TAPE_PX - 70) / whole.value.width,
      (stageHeight.value - TAPE_PX - 60) / whole.value.height,
    ),
  ),
)
const across = computed(() => tapeSegments(dimensions.value, 'width'))
const down = computed(() => tapeSegments(dimensions.value, 'height'))
const step = computed(() => quilt.value.ruler || 1 / 8)
function stoneColour(q: Quilt) {
  const stones = q.setting.sashing!.cornerstones
  return clothOf(q, stones && 'cloth' in stones ? stones.cloth : q.setting.sashing!.cloth).colour
}
const colourOf = (part: Part) => {
  const q = quilt.value
  switch (part.kind) {
    case 'border':
      return clothOf(q, q.borders[part.border - 1]!.cloth).colour
    case 'sash':
    case 'cornerstone':
    case 'half-cornerstone':
      return stoneColour(q)
    case 'frame': {
      const { frame } = blockOf(q, q.setting.cells[part.row]![part.column]!.block)
      return clothOf(q, frame.at(-1)!.cloth).colour
    }
    case 'side-triangle':
    case 'corner-triangle':
      return clothOf(q, q.setting.settingCloth!).colour
    case 'end':
      return typeof q.setting.ends === 'object' ? clothOf(q, q.setting.ends.cloth).colour : '#a0392a'
    default:
      return '#a0392a'
  }
}

const isSashing = ({ kind }: Part) => kind === 'sash' || kind === 'cornerstone' || kind === 'half-cornerstone'
/** What fills the edge is changed with the setting. */
const isFiller = ({ kind }: Part) =>
  kind === 'side-triangle' || kind === 'corner-triangle' || kind === 'end' || kind === 'half-block'
const countOf = (kind: Part['kind']) => dimensions.value.setting.regions.filter(({ part }) => part.kind === kind).length

// a part that an undo took away is no longer selected
watch([quilt, selected], () => {
  const part = selected.value
  if (!part) return
  const isThere =
    part.kind === 'binding'
      ? quilt.value.binding !== null
      : dimensions.value.top.regions.some(region => samePart(region.part, part))
  if (!isThere) selected.value = null
})

function edit(name: string, change: Edit) {
  if (!store.canWrite) return toast.say('Nothing was changed', 'This page only looks on. The line at the top says why.')
  toast.problems(store.apply(name, change))
}
function preview(part: Part, side: 'width' | 'height', size: Inches | null) {
  store.preview(size === null ? null : sizeEdit(quilt.value, part, side, size))
}
function commit(part: Part, side: 'width' | 'height', size: Inches) {
  const change = sizeEdit(quilt.value, part, side, size)
  if (change) edit(sizeEditName(part), change)
}
function nudge(part: Part, side: 'width' | 'height', steps: number) {
  const segment = (side === 'width' ? across.value : down.value).find(candidate => candidate.part.kind === part.kind)
  if (segment) commit(part, side, Math.max(step.value, segment.size + steps * step.value))
}
function press(part: Part | null) {
  if (carried.value && part?.kind === 'block') {
    const from = carried.value
    carried.value = null
    edit('exchange of two blocks', exchangeCells(from, part))
  }
  isSetting.value = part !== null && isFiller(part)
  // a frame is changed with its block
  const shown: Part | null = part?.kind === 'frame' ? { ...part, kind: 'block' } : part
  selected.value = isSetting.value ? null : shown
}
function toggleSetting() {
  isSetting.value = !isSetting.value
  selected.value = null
}
/** Leaves the part, and gives the drawing back the focus. */
function leave() {
  selected.value = null
  drawing.value?.$el.focus()
}
function pickUp() {
  carried.value = selected.value?.kind === 'block' ? selected.value : null
  drawing.value?.$el.focus()
}
/** The block so many rows and columns on; at the edge, and where a row has fewer places, the last there is. */
function blockBeside({ row, column }: { row: number; column: number }, [down, right]: readonly [number, number]): Part {
  const { cells } = quilt.value.setting
  let to = row + down
  // on point, one block across, every second row is empty
  while (cells[to]?.length === 0) to += down
  const line = cells[to] ? to : row
  return { kind: 'block', row: line, column: Math.min(cells[line]!.length - 1, Math.max(0, column + right)) }
}
function onKey(event: KeyboardEvent) {
  const moves: Record<string, [number, number]> = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
  }
  const at = selected.value?.kind === 'block' ? selected.value : null
  const move = moves[event.key]
  if (event.ctrlKey || event.metaKey || event.altKey) return
  if (move) {
    selected.value = at ? blockBeside(at, move) : { kind: 'block', row: 0, column: 0 }
  } else if (event.key === 'r' && at) edit('turn', turnCell(at.row, at.column))
  else if (event.key === 'm' && at) edit('mirror', mirrorCell(at.row, at.column))
  else if ((event.key === 'x' || event.key === 'Enter') && carried.value && at) press(at)
  else if (event.key === 'Enter' && selected.value) bubble.value?.focus()
  else if (event.key === 'x' && at) carried.value = at
  else if ((event.key === '[' || event.key === ']') && selected.value)
    nudge(selected.value, 'width', event.key === '[' ? -1 : 1)
  else if (event.key === 'Escape') {
    if (carried.value) carried.value = null
    else selected.value = null
  } else return
  event.preventDefault()
}
/** Both tapes are one thing along two edges. */
const tape = (side: 'width' | 'height') => {
  const segments = side === 'width' ? across.value : down.value
  return {
    side,
    segments,
    scale: scale.value,
    selected: selected.value,
    step: step.value,
    colours: segments.map(segment => colourOf(segment.part)),
    readonly: !store.canWrite,
    onSelect: press,
    onPreview: (part: Part, size: Inches | null) => preview(part, side, size),
    onCommit: (part: Part, size: Inches) => commit(part, side, size),
    onNudge: (part: Part, steps: number) => nudge(part, side, steps),
  }
}
const total = (side: 'width' | 'height') => store.dimensions!.top.stages.at(-1)![side].total
useShownOnDesign(what => {
  const list = 'list' in what ? what.list : undefined
  selected.value = 'list' in what ? null : what
  isSetting.value = list === 'setting'
  isTrying.value = list === 'try-outs'
  isFitting.value = list === 'fit'
  isClimbing.value = list === 'climb'
  if (list === 'grey') isGrey.value = !isGrey.value
})
</script>

<template>
  <div class="design">
    <QuiltBar
      :quilt="quilt"
      :is-grey="isGrey"
      :is-setting="isSetting"
      :has-own-places="store.file?.setting.cells !== undefined"
      @edit="edit"
      @select="part => (selected = part)"
      @grey="isGrey = !isGrey"
      @setting="toggleSetting"
      @try-out="isTrying = true"
      @fit="isFitting = true"
      @climb="isClimbing = true"
    />
    <FitSheet v-if="isFitting && store.file" v-model:open="isFitting" :file="store.file" :quilt="quilt" @edit="edit" />
    <TryOutSheet v-if="isTrying && store.file" v-model:open="isTrying" :file="store.file" :quilt="quilt" @edit="edit" />
    <ClimbSheet
      v-if="isClimbing && store.file"
      v-model:open="isClimbing"
      :file="store.file"
      :quilt="quilt"
      @edit="edit"
    />
    <div ref="stage" class="stage">
      <div class="bench">
        <div class="self-center justify-self-end pr-2 text-2xl font-bold">
          <Figure path="quilt.width" title="Finished width" aside
            ><ReachCard :quilt="quilt" side="width" :value="total('width')" @edit="edit"
          /></Figure>
        </div>
        <MeasuringTape class="ml-2.5" v-bind="tape('width')" />
        <div class="flex flex-col items-end">
          <MeasuringTape class="mt-2.5 mr-1" v-bind="tape('height')" />
          <div class="pt-1 pr-1 text-2xl font-bold">
            <Figure path="quilt.height" title="Finished height" aside
              ><ReachCard :quilt="quilt" side="height" :value="total('height')" @edit="edit"
            /></Figure>
          </div>
        </div>
        <QuiltDrawing
          ref="drawing"
          :quilt="quilt"
          :dimensions="dimensions"
          :scale="scale"
          :selected="selected"
          :carried="carried"
          :grey="isGrey ? greyOf : undefined"
          @press="press"
          @key="onKey"
        />
      </div>
      <p v-if="carried" class="caution hint" role="status">Now press the block to exchange it with. Esc lets go.</p>
      <p v-else-if="!selected" class="note hint">Press any part of the drawing or the tape to change it where it is.</p>
      <aside v-if="isSetting" class="card floating setting" @keydown.esc.stop="isSetting = false">
        <SettingCard :quilt="quilt" @edit="edit" @preview="store.preview" />
        <UButton variant="ghost" square class="close" aria-label="Close" @click="isSetting = false">
          <UIcon name="i-lucide-x" class="size-5" />
        </UButton>
      </aside>
      <PartBubble
        v-if="selected && !carried"
        ref="bubble"
        :anchor="drawing?.anchor ?? null"
        :drawing="drawing?.$el ?? null"
        :boundary="stage"
        @close="leave"
      >
        <BlockCard
          v-if="selected.kind === 'block'"
          :key="`${selected.row} ${selected.column}`"
          :quilt="quilt"
          :row="selected.row"
          :column="selected.column"
          @edit="edit"
          @preview="store.preview"
          @pick-up="pickUp"
        />
        <SashingCard
          v-else-if="isSashing(selected) && quilt.setting.sashing"
          :quilt="quilt"
          :strips="countOf('sash')"
          :cornerstones="countOf('cornerstone')"
          @edit="edit"
          @preview="store.preview"
        />
        <BorderCard
          v-else-if="selected.kind === 'border' && quilt.borders[selected.border - 1]"
          :key="selected.border"
          :quilt="quilt"
          :border="selected.border"
          @edit="edit"
          @preview="store.preview"
          @removed="selected = null"
        />
        <BindingCard
          v-else-if="selected.kind === 'binding' && quilt.binding"
          :quilt="quilt"
          @edit="edit"
          @removed="selected = null"
        />
      </PartBubble>
    </div>
  </div>
</template>

<style scoped>
.design {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
}
.stage {
  position: relative;
  min-width: 0;
  min-height: 0;
  display: grid;
  place-items: center;
  padding: 0.25rem 0.5rem 0.5rem;
  overflow: hidden;
}
.bench {
  display: grid;
  grid-template: 54px auto / minmax(62px, auto) auto;
  align-items: start;
}
/* beside the quilt, like the bubble of a part */
.setting {
  position: absolute;
  z-index: 20;
  top: 0.4rem;
  right: 0.6rem;
  width: min(22rem, calc(100vw - 1rem));
  max-height: calc(100% - 0.8rem);
  overflow-y: auto;
}
.close {
  position: absolute;
  top: 0.5rem;
  right: 0.5rem;
}
.hint {
  position: absolute;
  left: 1rem;
  bottom: 0.6rem;
  max-width: 15rem;
}
/* on a wide screen the quilt keeps to the left, so that a bubble has room beside it */
@media (min-width: 1001px) {
  .stage {
    padding-right: 12rem;
  }
}
@media (max-width: 1000px) {
  .hint {
    max-width: none;
    right: 1rem;
    text-align: center;
  }
}
</style>

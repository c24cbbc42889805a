<script setup lang="ts">
import { exchangeCells, mirrorCell, turnCell } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { sizeScopes } from '~~/core/edits/ownSizes'
import type { SizeScope } from '~~/core/file/settings/settingRules'
import type { Inches } from '~~/core/measure/ruler'
import { drawnTop, tapeSegments } from '~~/core/top/parts'
import { samePart, type TopPart } from '~~/core/top/regions/region'
import { greyOf } from '~~/core/measure/lightness'
import { partColour } from '~/drawing/partColour'

const store = useQuilt()
const toast = useToasts()
const quilt = computed(() => store.quilt!)
const dimensions = computed(() => store.dimensions!)
const carried = ref<Extract<TopPart, { kind: 'block' }> | null>(null)
const isGrey = ref(false)
/** Which blocks take a size with the one that is changed; the card, the keys and the tape go by it. */
const sizeScope = ref<SizeScope>('all')

/** In another setting what was chosen may not be there. */
const scopeHere = computed(() => (sizeScopes(quilt.value.setting).includes(sizeScope.value) ? sizeScope.value : 'all'))

const stage = useTemplateRef('stage')
const drawing = useTemplateRef('drawing')
const card = useTemplateRef('card')
const { open, selected, list, workIn, close } = useOpenOnDesign(
  () => card.value,
  () => drawing.value?.$el,
)
/** Cards for the whole quilt that stand beside it. */
const BESIDE: Readonly<Partial<Record<OverDrawing, string>>> = {
  'setting': 'Setting',
  'lay-out': 'Lay out',
  'sizes': 'Sizes and frames',
  'tray': 'Blocks sewn already',
}
const beside = computed(() => list.value && BESIDE[list.value])
const { width: stageWidth, height: stageHeight } = useElementSize(stage)
const TAPE_PX = { width: 48, height: 60 }
const whole = computed(() => drawnTop(dimensions.value))
const scale = computed(() =>
  Math.max(
    0.5,
    Math.min(
      (stageWidth.value - TAPE_PX.height - 70) / whole.value.width,
      (stageHeight.value - TAPE_PX.width - 60) / whole.value.height,
    ),
  ),
)
const across = computed(() => tapeSegments(dimensions.value, 'width'))
const down = computed(() => tapeSegments(dimensions.value, 'height'))
const step = computed(() => quilt.value.ruler || 1 / 8)
const isSashing = ({ kind }: TopPart) => kind === 'sash' || kind === 'cornerstone' || kind === 'half-cornerstone'
/** What fills the edge is changed with the setting. */
const isFiller = ({ kind }: TopPart) =>
  kind === 'side-triangle' || kind === 'corner-triangle' || kind === 'end' || kind === 'half-block'
const countOf = (kind: TopPart['kind']) =>
  dimensions.value.setting.regions.filter(({ part }) => part.kind === kind).length

// a part that an undo took away is no longer selected
watch([quilt, selected], () => {
  const part = selected.value
  if (!part) return
  const isThere =
    part.kind === 'binding'
      ? quilt.value.binding !== null
      : dimensions.value.top.regions.some(region => samePart(region.part, part))
  if (!isThere) close()
})

function edit(name: string, change: Edit) {
  if (!store.canWrite) return toast.say('Nothing was changed', 'This page only looks on. The line at the top says why.')
  toast.problems(store.apply(name, change))
}
function preview(part: TopPart, side: 'width' | 'height', size: Inches | null) {
  store.preview(size === null ? null : sizeEdit(quilt.value, part, { side, size, scope: scopeHere.value }))
}
function commit(part: TopPart, side: 'width' | 'height', size: Inches) {
  const change = sizeEdit(quilt.value, part, { side, size, scope: scopeHere.value })
  if (change) edit(sizeEditName(part), change)
}
function nudge(part: TopPart, side: 'width' | 'height', steps: number) {
  if (part.kind === 'block' && scopeHere.value === 'place') {
    const { inner } = ownSizeAt(quilt.value, part.row, part.column)
    return commit(part, side, Math.max(step.value, inner[side] + steps * step.value))
  }
  const segments = side === 'width' ? across.value : down.value
  const segment =
    segments.find(candidate => isAlong(side, candidate.part, part))
    ?? segments.find(({ part: { kind } }) => kind === part.kind)
  if (segment) commit(part, side, Math.max(step.value, segment.size + steps * step.value))
}
/** Whether a stretch of the tape is of the same row, or column, as a block; on the tape a row is its first block. */
function isAlong(side: 'width' | 'height', of: TopPart, part: TopPart): boolean {
  if (of.kind !== 'block' || part.kind !== 'block') return samePart(of, part)
  return side === 'width' ? of.column === part.column : of.row === part.row
}
/** A part is changed on its own card; what fills the edge with the setting, a frame with its block. */
function cardOf(part: TopPart): OpenOnDesign {
  if (isFiller(part)) return { list: 'setting' }
  return part.kind === 'frame' ? { ...part, kind: 'block' } : part
}
function press(part: TopPart | null) {
  if (carried.value && part?.kind === 'block') {
    const from = carried.value
    carried.value = null
    edit('exchange of two blocks', exchangeCells(from, part))
  }
  open.value = part && cardOf(part)
}
function openCard(what: OpenOnDesign) {
  if ('list' in what && what.list === list.value) close()
  else void workIn(what)
}
function pickUp() {
  carried.value = selected.value?.kind === 'block' ? selected.value : null
  drawing.value?.$el.focus()
}
/** The block so many rows and columns on; at the edge, and where a row has fewer places, the last there is. */
function blockBeside(
  { row, column }: { row: number; column: number },
  [down, right]: readonly [number, number],
): TopPart {
  const { cells } = quilt.value.setting
  let to = row + down
  // on point, one block across, every second row is empty
  while (cells[to]?.length === 0) to += down
  const line = cells[to] ? to : row
  return { kind: 'block', row: line, column: Math.min(cells[line]!.length - 1, Math.max(0, column + right)) }
}
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
}
/** What a key does in the drawing, with the block it stands on; undefined: nothing. The list of keys names them. */
function doneBy(key: string): (() => void) | undefined {
  const part = selected.value
  const at = part?.kind === 'block' ? part : null
  const arrow = ARROWS[key]
  if (arrow) return () => (open.value = at ? blockBeside(at, arrow) : { kind: 'block', row: 0, column: 0 })
  if (key === 'Escape') return () => (carried.value ? (carried.value = null) : close())
  if (key === 'Enter' && open.value && !carried.value) return () => card.value?.enter()
  const side = part?.kind === 'block' && scopeHere.value === 'row' ? 'height' : 'width'
  if (part && key === '[') return () => nudge(part, side, -1)
  if (part && key === ']') return () => nudge(part, side, 1)
  if (!at) return undefined
  if (key === 'r') return () => edit('turn', turnCell(at.row, at.column))
  if (key === 'm') return () => edit('mirror', mirrorCell(at.row, at.column))
  if (carried.value && (key === 'x' || key === 'Enter')) return () => press(at)
  return key === 'x' ? () => (carried.value = at) : undefined
}
function onKey(event: KeyboardEvent) {
  const act = event.ctrlKey || event.metaKey || event.altKey ? undefined : doneBy(event.key)
  if (!act) return
  act()
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
    colours: segments.map(segment => partColour(quilt.value, segment.part)),
    readonly: !store.canWrite,
    onSelect: press,
    onPreview: (part: TopPart, size: Inches | null) => preview(part, side, size),
    onCommit: (part: TopPart, size: Inches) => commit(part, side, size),
    onNudge: (part: TopPart, steps: number) => nudge(part, side, steps),
  }
}
const total = (side: 'width' | 'height') => store.dimensions!.top.stages.at(-1)![side].total
useShownOnDesign(what => {
  if ('view' in what) isGrey.value = !isGrey.value
  else void workIn(what)
})
</script>

<template>
  <div class="design">
    <QuiltBar :quilt="quilt" :is-grey="isGrey" :shown="list" @edit="edit" @grey="isGrey = !isGrey" @open="openCard" />
    <template v-if="store.file">
      <FitSheet v-if="list === 'fit'" open :file="store.file" :quilt="quilt" @update:open="close" @edit="edit" />
      <TryOutSheet
        v-if="list === 'try-outs'"
        open
        :file="store.file"
        :quilt="quilt"
        @update:open="close"
        @edit="edit"
      />
      <TogetherSheet
        v-if="list === 'together'"
        open
        :file="store.file"
        :quilt="quilt"
        @update:open="close"
        @edit="edit"
      />
      <ClimbSheet v-if="list === 'climb'" open :file="store.file" :quilt="quilt" @update:open="close" @edit="edit" />
    </template>
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
      <OpenCard v-if="store.file && beside" ref="card" class="card floating beside" :name="beside" @close="close">
        <SettingCard
          v-if="list === 'setting'"
          :file="store.file"
          :quilt="quilt"
          @edit="edit"
          @preview="store.preview"
          @sizes="open = { list: 'sizes' }"
        />
        <LayOut
          v-else-if="list === 'lay-out'"
          :file="store.file"
          :quilt="quilt"
          @edit="edit"
          @climb="openCard({ list: 'climb' })"
        />
        <TrayCard v-else-if="list === 'tray'" :quilt="quilt" @edit="edit" @together="openCard({ list: 'together' })" />
        <SizesCard v-else :quilt="quilt" @edit="edit" @preview="store.preview" />
      </OpenCard>
      <PartBubble
        v-if="selected && !carried"
        ref="card"
        :name="selected.kind"
        :anchor="drawing?.anchor ?? null"
        :drawing="drawing?.$el ?? null"
        :boundary="stage"
        @close="close"
      >
        <BlockCard
          v-if="selected.kind === 'block'"
          :key="`${selected.row} ${selected.column}`"
          :quilt="quilt"
          :row="selected.row"
          :column="selected.column"
          :size-scope="scopeHere"
          @edit="edit"
          @preview="store.preview"
          @update:size-scope="scope => (sizeScope = scope)"
          @sizes="openCard({ list: 'sizes' })"
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
          @removed="close"
        />
        <BindingCard
          v-else-if="selected.kind === 'binding' && quilt.binding"
          :quilt="quilt"
          @edit="edit"
          @removed="close"
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
  grid-template: 54px auto / minmax(74px, auto) auto;
  align-items: start;
}
/* beside the quilt, like the bubble of a part */
.beside {
  position: absolute;
  top: 0.4rem;
  right: 0.6rem;
  width: min(22rem, calc(100vw - 1rem));
  max-height: calc(100% - 0.8rem);
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

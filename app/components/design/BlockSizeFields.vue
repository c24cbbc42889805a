<script setup lang="ts">
import { holdsItsShape } from '~~/core/designs/fixedShape'
import { setBlocksHeight, setBlocksSize, setBlocksWidth } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { setColumnWidth, setFramedSize, setPlaceWidth, setRowHeight, sizeScopes } from '~~/core/edits/ownSizes'
import { blockOf, designOf, ownBlocks, type Quilt } from '~~/core/file/quilt'
import { rulesOf } from '~~/core/file/settings'
import type { SizeScope } from '~~/core/file/settings/settingRules'
import { sameLength, type Inches } from '~~/core/measure/ruler'

/** How large a block is, and which others take its size with it. */
const { quilt, row, column } = defineProps<{ quilt: Quilt; row: number; column: number }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()
const scope = defineModel<SizeScope>('scope', { required: true })

const MAX_SIDE = 100
/** What a framed block keeps for itself. */
const MIN_INSIDE = 1 / 2
const cell = computed(() => quilt.setting.cells[row]![column]!)
const block = computed(() => blockOf(quilt, cell.value.block))
const rules = computed(() => rulesOf(quilt.setting))
const columnHere = computed(() => rules.value.columnOf(quilt.setting, quilt.setting.cells[row]!.length, column))
const isTurned = computed(() => cell.value.turn % 180 !== 0)
const asItLies = ({ width, height }: { width: Inches; height: Inches }) =>
  isTurned.value ? { width: height, height: width } : { width, height }
const outer = computed(() => asItLies(block.value.outer))
const inner = computed(() => asItLies(block.value))
/** What its frames add to its smaller side. */
const framing = computed(() => block.value.outer.width - block.value.width)

interface SizeField {
  label: string
  value: Inches
  least: Inches
  most: Inches
  why: string
  resize: (to: Inches) => Edit
}
const field = (label: string, value: Inches, resize: (to: Inches) => Edit, most = MAX_SIDE): SizeField => ({
  label,
  value,
  least: most === MAX_SIDE ? Math.max(1, framing.value + MIN_INSIDE) : 1,
  most,
  why: most === MAX_SIDE ? 'A block has to be sewn' : 'It has to fit into its place',
  resize,
})
const ofAll = (): SizeField[] => {
  const { width, height } = block.value.outer
  if (sameLength(width, height)) return [field('All blocks, finished', width, setBlocksSize)]
  // one of fixed shape keeps its proportions, whichever is typed
  const design = designOf(quilt, block.value)
  const isFixed = ownBlocks(quilt).length === 1 && holdsItsShape(design, width, height)
  const long = width > height ? (['Long side', 'Short side'] as const) : (['Short side', 'Long side'] as const)
  const [across, down] = isFixed ? long : (['Width', 'Height'] as const)
  const diamond = isFixed && design.diamond ? design.diamond / design.height : null
  return [
    ...(diamond ? [field('Height of the diamond', height * diamond, to => setBlocksHeight(to / diamond))] : []),
    field(`${across} of all blocks`, width, setBlocksWidth),
    field(`${down} of all blocks`, height, setBlocksHeight),
  ]
}
const ofPlace = (): SizeField[] => {
  const { width, height } = inner.value
  if (rules.value.hasOwnRows)
    return [field('Width of this block, finished', outer.value.width, to => setPlaceWidth(row, column, to))]
  const framed = (change: Partial<typeof inner.value>) => setFramedSize(row, column, { width, height, ...change })
  return sameLength(width, height) && sameLength(outer.value.width, outer.value.height)
    ? [field('This block in its frame', width, to => framed({ width: to, height: to }), outer.value.width)]
    : [
        field('Width in its frame', width, to => framed({ width: to }), outer.value.width),
        field('Height in its frame', height, to => framed({ height: to }), outer.value.height),
      ]
}
const FIELDS: Readonly<Record<SizeScope, () => SizeField[]>> = {
  all: ofAll,
  row: () => [field(`Height of row ${row + 1}, finished`, outer.value.height, to => setRowHeight(row, to))],
  column: () => [
    field(`Width of column ${columnHere.value + 1}, finished`, outer.value.width, to =>
      setColumnWidth(columnHere.value, to),
    ),
  ],
  place: ofPlace,
}
const fields = computed(() => FIELDS[scope.value]())
const scopes = computed(() => {
  const names: Readonly<Record<SizeScope, string>> = {
    all: 'all blocks',
    row: `row ${row + 1}`,
    column: `column ${columnHere.value + 1}`,
    place: 'this block alone',
  }
  return sizeScopes(quilt.setting).map(value => ({ value, label: names[value] }))
})
</script>

<template>
  <div class="space-y-2">
    <ChoiceField label="Size of" labelled="beside" :value="scope" :options="scopes" @choose="to => (scope = to)" />
    <LengthField
      v-for="{ label, value, least, most, why, resize } in fields"
      :key="label"
      :label="label"
      :value="value"
      :least="least"
      :most="most"
      :why="why"
      :step="quilt.ruler || 1 / 8"
      @preview="v => emit('preview', v === null ? null : resize(v))"
      @commit="v => emit('edit', label.toLowerCase(), resize(v))"
    />
    <p v-if="scope === 'place' && !rules.hasOwnRows" class="note">
      Smaller than its place it gets a frame; the frame's cloth is chosen below.
    </p>
  </div>
</template>

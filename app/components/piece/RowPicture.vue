<script setup lang="ts">
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import { blockOf, clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import { pressAtJoint, type QuiltRow, type RowPart } from '~~/core/top/rows'

/** What stands in a row, from its beginning; columns and diagonals lie level too. `size`: of a block, in pixels. */
const { row, quilt, size } = defineProps<{ row: QuiltRow; quilt: Quilt; size: number }>()

type WithDesign = Extract<RowPart, { cell: unknown }>
const isPieced = (part: RowPart): part is WithDesign => 'cell' in part
const versionOf = (part: WithDesign) => ('version' in part ? part.version : undefined)
const turnOf = (part: WithDesign) => `rotate(${part.cell.turn}deg) scaleX(${part.cell.mirror ? -1 : 1})`
const colours = ({ cell }: WithDesign) =>
  Object.fromEntries(Object.entries(clothsOfCell(quilt, cell)).map(([role, id]) => [role, clothOf(quilt, id).colour]))
/** All in one scale: the largest block of the row is so large. */
const scale = computed(() => {
  const sides = row.parts.filter(isPieced).flatMap(({ cell }) => {
    const { width, height } = blockOf(quilt, cell.block)
    return [width, height]
  })
  return size / Math.max(...sides)
})
const widthOf = ({ cell }: WithDesign) => Math.max(6, blockOf(quilt, cell.block).width * scale.value)
/** Turned by a quarter, an oblong block or a pieced sash is as wide as it was high. */
function boxOf(part: WithDesign) {
  const { width, height } = blockOf(quilt, part.cell.block)
  const high = (widthOf(part) * height) / width
  const [across, down] = part.cell.turn % 180 === 0 ? [widthOf(part), high] : [high, widthOf(part)]
  return { width: `${across}px`, height: `${down}px` }
}
const BACK = 'M13 5H3M6 1.5L2 5l4 3.5'
const ON = 'M1 5h10M8 1.5L12 5 8 8.5'
</script>

<template>
  <div class="cells" :style="{ '--block': `${size}px` }" aria-hidden="true">
    <template v-for="(part, c) in row.parts" :key="c">
      <span v-if="isPieced(part)" class="block" :style="boxOf(part)"
        ><span class="placed" :style="{ transform: turnOf(part) }"
          ><DesignPicture
            :design="designOf(quilt, blockOf(quilt, part.cell.block))"
            :colours="colours(part)"
            :size="widthOf(part)" /></span
        ><strong v-if="versionOf(part)" class="version">{{ versionOf(part) }}</strong></span
      >
      <RowFiller
        v-else
        :part="part"
        :kind="row.kind"
        :colour="'cloth' in part ? clothOf(quilt, part.cloth).colour : undefined"
      />
      <svg
        v-if="c < row.parts.length - 1"
        class="press"
        :class="pressAtJoint(row, c)"
        viewBox="0 0 14 10"
        data-testid="press-arrow"
      >
        <path :d="pressAtJoint(row, c) === 'back' ? BACK : ON" />
      </svg>
    </template>
  </div>
</template>

<style scoped>
.cells {
  --thin: calc(var(--block) * 0.24);
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  align-items: center;
}
.block {
  position: relative;
  display: grid;
  flex: none;
  place-items: center;
}
.placed {
  display: block;
}
/* over the part to which the allowance goes; those that go on stand higher, as a sash is narrow */
.press {
  z-index: 1;
  flex: none;
  width: 14px;
  height: 10px;
  margin: 0 -9px 0 -8px;
  border-radius: 3px;
  background: var(--paper);
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}
.press.back {
  align-self: end;
}
.press.on {
  align-self: start;
}
.version {
  position: absolute;
  inset: 0;
  margin: auto;
  width: 1.35em;
  height: 1.35em;
  border-radius: 50%;
  background: var(--paper);
  color: var(--ink);
  font-size: 0.8rem;
  line-height: 1.35em;
  text-align: center;
}
</style>

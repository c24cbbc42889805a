<script setup lang="ts">
import { timesPlaced } from '~~/core/top/places'
import { finishedPatches, rolesOf, type Design } from '~~/core/designs/design'
import { letterOf } from '~~/core/designs/squares'
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import {
  addBlock,
  mirrorCell,
  placeBlock,
  setCellCloth,
  setDesign,
  setRoleCloth,
  setStripes,
  turnCell,
} from '~~/core/edits/blocks'
import { inTurn, type Edit } from '~~/core/edits/edit'
import { undealt } from '~~/core/edits/heaps'
import { asCells, withCells } from '~~/core/edits/setting'
import type { SizeScope } from '~~/core/file/settings/settingRules'
import { blockOf, designOf, ownBlocks, type Quilt } from '~~/core/file/quilt'
import { sameLength } from '~~/core/measure/ruler'
import { capital } from '~~/words/names'

const { quilt, row, column } = defineProps<{ quilt: Quilt; row: number; column: number }>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  preview: [edit: Edit | null]
  pickUp: []
  /** To the sizes and frames of all blocks. */
  sizes: []
}>()
/** Which blocks a size is for: the keys and the tape go by it too. */
const sizeScope = defineModel<SizeScope>('sizeScope', { required: true })

const cell = computed(() => quilt.setting.cells[row]![column]!)
const block = computed(() => blockOf(quilt, cell.value.block))
const design = computed(() => designOf(quilt, block.value))
const cloths = computed(() => clothsOfCell(quilt, cell.value))
/** Scraps under one letter of a picture are chosen where it is drawn. */
const roles = computed(() => rolesOf(design.value).filter(role => !design.value.picture || letterOf(role) === role))
const alike = computed(() => timesPlaced(quilt, cell.value.block))
const scope = ref<'all' | 'row' | 'here'>('all')
const isChoosing = ref(false)
const derived = computed(
  () => new Set(quilt.blocks.flatMap(other => (other.derived?.what === 'half' ? [other.design] : []))),
)
const designs = computed(() => [...quilt.designs.values()].filter(({ id }) => !derived.value.has(id)))
const dressed = (candidate: Design) =>
  Object.fromEntries(
    rolesOf(candidate).map((role, i) => [
      role,
      quilt.cloths.find(c => c.id === (block.value.cloths[role] ?? quilt.cloths[i % quilt.cloths.length]!.id))!.colour,
    ]),
  )

const isStriped = (id: string) => quilt.cloths.find(cloth => cloth.id === id)!.pattern === 'stripe'
const patchesOf = (role: string) =>
  finishedPatches(design.value, block.value.width, block.value.height).filter(
    (_, i) => design.value.patches[i]!.role === role,
  )
/** The places of this row; for a cloth those where the same block stands. */
const rowHere = computed(() => quilt.setting.cells[row]!.map((other, at) => ({ at, block: other.block })))
const likeHere = computed(() => rowHere.value.filter(other => other.block === cell.value.block))
/** Of all places the block's cloth, unless they are dealt; of some of them their own. */
function shownCloth(role: string): string | null {
  if (scope.value === 'all') return block.value.heaps[role] === undefined ? cloths.value[role]! : null
  return cell.value.cloths[role] === undefined ? null : cloths.value[role]!
}
function dress(role: string, cloth: string | null) {
  const isDealt = block.value.heaps[role] !== undefined
  if (scope.value === 'all' && isDealt && cloth) return emit('edit', 'cloth', undealt(cell.value.block, role, cloth))
  const here = likeHere.value.map(({ at }) => setCellCloth(row, at, role, cloth))
  if (scope.value === 'row') return emit('edit', 'cloth of a row', inTurn(...here))
  if (scope.value === 'here') emit('edit', 'cloth of one place', setCellCloth(row, column, role, cloth))
  else if (cloth)
    emit('edit', 'cloth', file =>
      setRoleCloth(
        cell.value.block,
        role,
        cloth,
      )(cell.value.cloths[role] === undefined ? file : setCellCloth(row, column, role, null)(file)),
    )
}
function choose(candidate: Design) {
  if (scope.value === 'all') return emit('edit', 'block', setDesign(cell.value.block, candidate))
  const isRow = scope.value === 'row'
  const places = isRow ? rowHere.value.map(({ at }) => at) : [column]
  const known = ownBlocks(quilt).find(
    ({ design: own, outer }) =>
      own === candidate.id
      && sameLength(outer.width, block.value.outer.width)
      && sameLength(outer.height, block.value.outer.height),
  )
  emit('edit', isRow ? 'block of a row' : 'block of one place', file => {
    const placed = withCells(file, asCells(file))
    const added = known ? placed : addBlock(candidate, { row, column })(placed)
    const id = known ? known.id : asCells(added)[row]![column]!.block
    return inTurn(...places.map(at => placeBlock(row, at, id)))(added)
  })
}
const choosing = computed(
  () =>
    ({
      all: `Another block for all ${alike.value}`,
      row: `Another block for row ${row + 1}`,
      here: 'Another block for this place',
    })[scope.value],
)
</script>

<template>
  <section class="card floating space-y-3.5" :aria-label="`Block in row ${row + 1}, place ${column + 1}`">
    <header class="flex items-center gap-3">
      <DesignPicture
        :design="design"
        :colours="
          Object.fromEntries(
            Object.entries(cloths).map(([role, id]) => [role, quilt.cloths.find(c => c.id === id)!.colour]),
          )
        "
        :size="56"
      />
      <div class="min-w-0">
        <h2 class="truncate">{{ block.name }}</h2>
        <p class="note">row {{ row + 1 }}, place {{ column + 1 }}</p>
      </div>
    </header>
    <BlockSizeFields
      v-model:scope="sizeScope"
      :quilt="quilt"
      :row="row"
      :column="column"
      @edit="(name, change) => emit('edit', name, change)"
      @preview="change => emit('preview', change)"
    />
    <div class="flex flex-wrap gap-2">
      <UButton title="A quarter turn (r)" @click="emit('edit', 'turn', turnCell(row, column))">
        <UIcon name="i-lucide-rotate-cw" class="size-5" />Turn
      </UButton>
      <UButton title="Mirror left to right (m)" @click="emit('edit', 'mirror', mirrorCell(row, column))">
        <UIcon name="i-lucide-flip-horizontal" class="size-5" />Mirror
      </UButton>
      <UButton title="Exchange with another place (x)" @click="emit('pickUp')">
        <UIcon name="i-lucide-arrow-left-right" class="size-5" />Exchange
      </UButton>
    </div>
    <div class="running-stitch" />
    <RadioField
      label="What the choices below change"
      labelled="unseen"
      look="cards"
      :value="scope"
      :options="[
        { value: 'all', label: `All ${alike} alike` },
        { value: 'row', label: `In row ${row + 1}` },
        { value: 'here', label: 'Only this one' },
      ]"
      @choose="value => (scope = value)"
    />
    <div class="flex gap-2">
      <UButton class="grow !px-2" @click="isChoosing = true">
        <UIcon name="i-lucide-layout-grid" class="size-5" />Another block …
      </UButton>
      <UButton class="grow !px-2" :to="toPage(design.picture ? 'picture' : 'draft', { query: { block: cell.block } })"
        ><UIcon name="i-lucide-pencil-ruler" class="size-5" />Redraw it</UButton
      >
    </div>
    <p v-if="block.tray" class="note">
      This block is sewn already: it is trimmed to its place, and no cloth is cut for it.
    </p>
    <template v-else>
      <template v-for="role in roles" :key="role">
        <ClothPicker
          :cloths="quilt.cloths"
          :label="capital(role)"
          :value="shownCloth(role)"
          :none="scope === 'all' ? undefined : 'as the others'"
          @choose="cloth => dress(role, cloth)"
        />
        <HeapField
          v-if="scope === 'all' && !design.picture"
          :quilt="quilt"
          :block="block"
          :role="role"
          @edit="(name, change) => emit('edit', name, change)"
        />
        <StripesField
          v-if="isStriped(cloths[role]!)"
          :role="role"
          :value="block.stripes[role] ?? null"
          :patches="patchesOf(role)"
          @choose="stripes => emit('edit', 'stripes', setStripes(cell.block, role, stripes))"
        />
      </template>
    </template>
    <div class="running-stitch" />
    <PanelField
      v-if="design.patches.length === 1 && !block.tray"
      :quilt="quilt"
      :block="block"
      @edit="(name, change) => emit('edit', name, change)"
    />
    <FrameField
      :quilt="quilt"
      :block="block"
      @edit="(name, change) => emit('edit', name, change)"
      @preview="change => emit('preview', change)"
      @sizes="emit('sizes')"
    />
    <DesignChooser v-model:open="isChoosing" :designs="designs" :colours="dressed" :title="choosing" @choose="choose">
      <template #own
        ><UButton :to="toPage('draft', { query: { block: cell.block, blank: '' } })"
          ><UIcon name="i-lucide-pencil-ruler" class="size-5" />Draw my own</UButton
        ></template
      >
    </DesignChooser>
  </section>
</template>

<script setup lang="ts">
import { timesPlaced } from '~~/core/top/places'
import { finishedPatches, rolesOf, type Design } from '~~/core/designs/design'
import { holdsItsShape } from '~~/core/designs/fixedShape'
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import {
  addBlock,
  mirrorCell,
  placeBlock,
  setBlocksHeight,
  setBlocksSize,
  setBlocksWidth,
  setCellCloth,
  setDesign,
  setRoleCloth,
  setStripes,
  turnCell,
} from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { asCells, withCells } from '~~/core/edits/setting'
import { blockOf, designOf, ownBlocks, type Quilt } from '~~/core/file/quilt'
import { capital } from '~~/words/names'

const { quilt, row, column } = defineProps<{ quilt: Quilt; row: number; column: number }>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  preview: [edit: Edit | null]
  pickUp: []
}>()

const cell = computed(() => quilt.setting.cells[row]![column]!)
const block = computed(() => blockOf(quilt, cell.value.block))
const design = computed(() => designOf(quilt, block.value))
const cloths = computed(() => clothsOfCell(quilt, cell.value))
const isSquare = computed(() => Math.abs(block.value.outer.width - block.value.outer.height) < 1e-6)
/**
 * The measures by which a block that is not square is known: one of fixed shape keeps its proportions, whichever is
 * typed.
 */
const sides = computed(() => {
  const { width, height } = block.value.outer
  const isFixed = ownBlocks(quilt).length === 1 && holdsItsShape(design.value, width, height)
  const [across, down] = !isFixed
    ? ['Width', 'Height']
    : width > height
      ? ['Long side', 'Short side']
      : ['Short side', 'Long side']
  const diamond = isFixed && design.value.diamond ? design.value.diamond / design.value.height : null
  return [
    ...(diamond
      ? [
          {
            label: 'Height of the diamond',
            value: height * diamond,
            resize: (value: number) => setBlocksHeight(value / diamond),
          },
        ]
      : []),
    { label: `${across} of all blocks`, value: width, resize: setBlocksWidth },
    { label: `${down} of all blocks`, value: height, resize: setBlocksHeight },
  ]
})
/** A framed block keeps half an inch inside its frames. */
const least = computed(() => Math.max(1, block.value.outer.width - block.value.width + 1 / 2))
const alike = computed(() => timesPlaced(quilt, cell.value.block))
const scope = ref<'all' | 'here'>('all')
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
function dress(role: string, cloth: string | null) {
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
  const known = ownBlocks(quilt).find(other => other.design === candidate.id)
  emit('edit', 'block of one place', file => {
    const placed = withCells(file, asCells(file))
    return known ? placeBlock(row, column, known.id)(placed) : addBlock(candidate, { row, column })(placed)
  })
}
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
    <div v-if="isSquare">
      <LengthField
        label="All blocks, finished"
        :value="block.outer.width"
        :least="least"
        :most="100"
        why="A block has to be sewn"
        :step="quilt.ruler || 1 / 8"
        @preview="v => emit('preview', v === null ? null : setBlocksSize(v))"
        @commit="v => emit('edit', 'block size', setBlocksSize(v))"
      />
    </div>
    <div v-else class="grid gap-3">
      <LengthField
        v-for="{ label, value, resize } in sides"
        :key="label"
        :label="label"
        :value="value"
        :least="least"
        :most="100"
        :step="quilt.ruler || 1 / 8"
        @preview="v => emit('preview', v === null ? null : resize(v))"
        @commit="v => emit('edit', label.toLowerCase(), resize(v))"
      />
    </div>
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
        { value: 'here', label: 'Only this one' },
      ]"
      @choose="value => (scope = value)"
    />
    <div class="flex gap-2">
      <UButton class="grow !px-2" @click="isChoosing = true">
        <UIcon name="i-lucide-layout-grid" class="size-5" />Another block …
      </UButton>
      <UButton class="grow !px-2" :to="toPage('draft', { query: { block: cell.block } })"
        ><UIcon name="i-lucide-pencil-ruler" class="size-5" />Redraw it</UButton
      >
    </div>
    <template v-for="role in rolesOf(design)" :key="role">
      <ClothPicker
        :cloths="quilt.cloths"
        :label="capital(role)"
        :value="scope === 'here' && cell.cloths[role] === undefined ? null : cloths[role]!"
        :none="scope === 'here' ? 'as the others' : undefined"
        @choose="cloth => dress(role, cloth)"
      />
      <StripesField
        v-if="isStriped(cloths[role]!)"
        :role="role"
        :value="block.stripes[role] ?? null"
        :patches="patchesOf(role)"
        @choose="stripes => emit('edit', 'stripes', setStripes(cell.block, role, stripes))"
      />
    </template>
    <div class="running-stitch" />
    <PanelField
      v-if="design.patches.length === 1"
      :quilt="quilt"
      :block="block"
      @edit="(name, change) => emit('edit', name, change)"
    />
    <FrameField
      :quilt="quilt"
      :block="block"
      @edit="(name, change) => emit('edit', name, change)"
      @preview="change => emit('preview', change)"
    />
    <DesignChooser
      v-model:open="isChoosing"
      :designs="designs"
      :colours="dressed"
      :title="scope === 'all' ? `Another block for all ${alike}` : 'Another block for this place'"
      @choose="choose"
    >
      <template #own
        ><UButton :to="toPage('draft', { query: { block: cell.block, blank: '' } })"
          ><UIcon name="i-lucide-pencil-ruler" class="size-5" />Draw my own</UButton
        ></template
      >
    </DesignChooser>
  </section>
</template>

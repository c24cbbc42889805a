<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Design } from '~~/core/designs/design'
import { rolesOf } from '~~/core/designs/design'
import { blockToSvg } from '~~/core/drafting/blockSvg'
import { blankDraft, type Draft } from '~~/core/drafting/draft'
import { MIN_UNITS, MAX_UNITS, GRID_KINDS, type Grid } from '~~/core/drafting/grid'
import { SYMMETRIES, type Symmetry } from '~~/core/drafting/symmetry'
import { setDesign, setRoleCloth } from '~~/core/edits/blocks'
import { keepDesign } from '~~/core/edits/designs'
import type { Edit } from '~~/core/edits/edit'
import { freeId } from '~~/core/edits/setting'
import type { Placement } from '~~/core/geometry/placement'
import { blockOf, clothOf, designOf } from '~~/core/file/quilt'
import { blockTroubleText, draftFaultText, sewingText } from '~~/words/drafting'
import { plural } from '~~/words/speech'
import { readDrawing } from '~/workers/readDrawing'
import type { Tool } from '~/composables/useDrafting'

const store = useQuilt()
const route = useRoute()
const toast = useToasts()
const quilt = computed(() => store.quilt!)
const block = blockOf(
  quilt.value,
  quilt.value.blocks.some(b => b.id === route.query.block) ? String(route.query.block) : quilt.value.blocks[0]!.id,
)
const original = designOf(quilt.value, block)
const isNew = route.query.blank !== undefined
const own = computed(() => (store.file?.designs ?? []).map(design => design.id))
/** A part of the block, as the quilter calls it, and the cloth that it wears. */
interface DraftPart {
  role: string
  cloth: string
}
const { form: kept, clear } = useKeptForm<{ draft: Draft; grid: Grid; name: string; parts: DraftPart[] } | null>(
  String(route.params.id),
  `draft:${block.id}:${isNew ? 'new' : original.id}`,
  () => null,
)
const drafting = kept.value
  ? useDrafting(kept.value.draft, kept.value.grid)
  : useDrafting(isNew ? blankDraft(8, 8) : original)
const { draft, grid, points, symmetry, faults, sewing } = drafting
const name = ref(
  kept.value?.name
    ?? (isNew ? 'My block' : own.value.includes(original.id) ? original.name : `${original.name}, my own`),
)
const tool = ref<Tool>('line')
const parts = ref<DraftPart[]>(
  kept.value?.parts ?? (isNew ? [] : rolesOf(original).map(role => ({ role, cloth: block.cloths[role]! }))),
)
withNewParts()
const role = ref(parts.value[0]!.role)
const copy = ref<Placement>({ turn: 0, mirror: false })
const refusal = ref('')
watch(
  [draft, grid, name, parts],
  () => {
    kept.value = { draft: draft.value, grid: grid.value, name: name.value, parts: parts.value }
  },
  { deep: true },
)
watch(draft, () => {
  refusal.value = ''
  withNewParts()
})

/** Parts that came with a drawing wear the cloths that no other part has yet, in turn; what a part wears it keeps. */
function withNewParts() {
  for (const patch of draft.value.patches)
    if (!parts.value.some(part => part.role === patch.role)) parts.value.push({ role: patch.role, cloth: nextCloth() })
}
function nextCloth(): string {
  const fabrics = fabricsOf(quilt.value.cloths)
  const free = fabrics.find(cloth => !parts.value.some(part => part.cloth === cloth.id))
  return (free ?? fabrics[parts.value.length % fabrics.length]!).id
}
const colours = computed(() => new Map(parts.value.map(part => [part.role, clothOf(quilt.value, part.cloth).colour])))
const chosen = computed(() => parts.value.find(part => part.role === role.value) ?? parts.value[0]!)
const serious = computed(() => faults.value.filter(fault => fault.code !== 'sliver'))
const stage = useTemplateRef('stage')
const { width: stageWidth, height: stageHeight } = useElementSize(stage)
const size = computed(() =>
  Math.max(
    200,
    Math.min(stageWidth.value - 60, (stageHeight.value - 80) * Math.max(1, draft.value.width / draft.value.height)),
  ),
)

const TOOLS: [Tool, string, string][] = [
  ['line', 'Line', 'i-lucide-pencil-ruler'],
  ['paint', 'Paint', 'i-lucide-paintbrush'],
  ['take-out', 'Remove a line', 'i-lucide-eraser'],
  ['repeat', 'Copy a part', 'i-lucide-copy'],
]
const SYMMETRY_NAMES: Record<Symmetry, string> = {
  'none': 'no symmetry',
  'mirror': 'mirror',
  'four-mirrors': 'mirror both ways',
  'half-turn': 'half turn',
  'quarter-turns': 'quarter turns',
}
const GRID_NAMES = { square: 'squares', sixty: '60° triangles' } as const

function addPart() {
  const taken = parts.value.map(part => part.role)
  let n = taken.length + 1
  while (taken.includes(`cloth ${n}`)) n += 1
  parts.value.push({ role: `cloth ${n}`, cloth: nextCloth() })
  role.value = `cloth ${n}`
  tool.value = 'paint'
}
/** A part may be called anything that no other part is called. */
function rename(next: string) {
  const part = chosen.value
  if (next === '' || parts.value.some(other => other !== part && other.role === next)) return
  drafting.rename(part.role, next)
  part.role = next
  role.value = next
}
function resize(change: Partial<Grid>) {
  drafting.setGrid({ ...grid.value, ...change })
}
function line(from: readonly [number, number], to: readonly [number, number]) {
  if (!drafting.drawLine(from, to))
    refusal.value = 'That line splits no patch: draw from one edge of a patch to another edge of it.'
}
function takeOut(first: number, second: number) {
  if (!drafting.takeOut(first, second))
    refusal.value = 'No line lies between those two: choose two patches that share an edge.'
}
function repeat(from: { x: number; y: number; width: number; height: number }, to: readonly [number, number]) {
  if (!drafting.repeat(from, to, copy.value))
    refusal.value = 'The copy would reach out of the block: choose a place with room for it.'
}
const design = (): Design => {
  const id =
    own.value.includes(original.id) && !isNew
      ? original.id
      : freeId(name.value, quilt.value.designs.size > 0 ? [...quilt.value.designs.keys()] : [])
  return {
    id,
    name: name.value.trim() || 'My block',
    family: 'own',
    width: draft.value.width,
    height: draft.value.height,
    patches: draft.value.patches,
  }
}
async function save() {
  const made = design()
  const wanted = parts.value.filter(part => made.patches.some(patch => patch.role === part.role))
  const dressed: Edit = file =>
    wanted.reduce(
      (now, part) => setRoleCloth(block.id, part.role, part.cloth)(now),
      setDesign(block.id, made)(keepDesign(made)(file)),
    )
  const problems = store.apply('own block', dressed)
  toast.problems(problems)
  if (problems.length > 0) return
  clear()
  await navigateTo(toPage('design'))
}
async function read(file: File) {
  if (file.size > 2_000_000) return toast.say('That drawing is too large', 'A block has a few hundred corners at most.')
  const reading = await readDrawing(await file.text())
  if (!reading)
    toast.say(
      'That drawing could not be read',
      'It is not a block of straight seams, or this browser reads no drawings in the background.',
    )
  else if (reading.ok) drafting.take(reading.draft)
  else toast.say('That drawing cannot be a block', reading.troubles.slice(0, 3).map(blockTroubleText).join(' '))
}
function saveCopy(kind: 'svg' | 'json') {
  const made = design()
  const { family: _, ...plain } = made
  downloadText(
    `${made.id}.${kind}`,
    kind === 'svg' ? blockToSvg(made, Object.fromEntries(colours.value)) : `${JSON.stringify(plain, null, 2)}\n`,
    kind === 'svg' ? 'image/svg+xml' : 'application/json',
  )
}
// Ctrl Z here takes back what was drawn, not what was done to the quilt
useUndoHere({ undo: drafting.undo, redo: drafting.redo })
</script>

<template>
  <div class="draft">
    <div class="tools" role="group" aria-label="Drawing">
      <UButton
        v-for="[id, label, icon] in TOOLS"
        :key="id"
        :class="{ chosen: tool === id }"
        :aria-pressed="tool === id"
        @click="tool = id"
      >
        <UIcon :name="icon" class="size-5" />{{ label }}
      </UButton>
      <ChoiceField
        label="Symmetry"
        labelled="unseen"
        :value="symmetry"
        :options="SYMMETRIES.map(s => ({ value: s, label: SYMMETRY_NAMES[s] }))"
        class="!w-auto"
        @choose="value => (symmetry = value)"
      />
      <UButton square aria-label="Mirror the block" title="Mirror the block" @click="drafting.mirror">
        <UIcon name="i-lucide-flip-horizontal" class="size-5" />
      </UButton>
      <UButton square aria-label="Turn the block" title="Turn the block" @click="drafting.turn">
        <UIcon name="i-lucide-rotate-cw" class="size-5" />
      </UButton>
      <UButton square aria-label="Undo in the drawing" :disabled="!drafting.canUndo.value" @click="drafting.undo">
        <UIcon name="i-lucide-undo-2" class="size-5" />
      </UButton>
      <UButton square aria-label="Redo in the drawing" :disabled="!drafting.canRedo.value" @click="drafting.redo">
        <UIcon name="i-lucide-redo-2" class="size-5" />
      </UButton>
      <div class="ml-auto flex gap-2">
        <UButton :to="toPage('design')">Back</UButton>
        <UButton variant="solid" :disabled="serious.length > 0 || !store.canWrite" @click="save">
          <UIcon name="i-lucide-check" class="size-5" />Use it in the quilt
        </UButton>
      </div>
    </div>
    <div ref="stage" class="stage">
      <DraftBoard
        :draft="draft"
        :points="points"
        :tool="tool"
        :colours="colours"
        :faults="faults"
        :grid="grid"
        :refusal="refusal"
        :size="size"
        @line="line"
        @paint="patch => drafting.paintAt(patch, role)"
        @take-out="takeOut"
        @repeat="repeat"
        @turn-copy="copy = { ...copy, turn: ((copy.turn + 90) % 360) as 0 | 90 | 180 | 270 }"
        @mirror-copy="copy = { ...copy, mirror: !copy.mirror }"
      />
    </div>
    <aside class="side space-y-4">
      <TextField label="Name of the block" :most="80" :value="name" @write="text => (name = text)" />
      <div role="group" aria-label="Cloth to paint with">
        <p class="label">Cloths of the block</p>
        <div class="flex flex-wrap gap-2">
          <UButton
            v-for="part in parts"
            :key="part.role"
            class="!px-3"
            :class="{ chosen: part.role === role }"
            :aria-pressed="part.role === role"
            @click="role = part.role"
          >
            <span class="dab" :style="{ background: colours.get(part.role) }" />{{ part.role }}
          </UButton>
          <UButton class="!px-3" @click="addPart"> <UIcon name="i-lucide-plus" class="size-5" />Another cloth </UButton>
        </div>
        <div class="mt-2 grid grid-cols-[2fr_3fr] gap-2">
          <TextField label="Called" :most="80" :value="chosen.role" @commit="rename" />
          <ChoiceField
            label="Wears"
            :value="chosen.cloth"
            :options="fabricsOf(quilt.cloths).map(cloth => ({ value: cloth.id, label: cloth.name }))"
            @choose="value => (chosen.cloth = value)"
          />
        </div>
      </div>
      <div>
        <p class="label">Grid</p>
        <div class="flex flex-wrap items-center gap-2">
          <NumberField
            label="Units across"
            labelled="unseen"
            class="!w-20"
            :value="grid.across"
            :least="MIN_UNITS"
            :most="MAX_UNITS"
            @commit="across => resize({ across })"
          />
          by
          <NumberField
            label="Units down"
            labelled="unseen"
            class="!w-20"
            :value="grid.down"
            :least="MIN_UNITS"
            :most="MAX_UNITS"
            @commit="down => resize({ down })"
          />
          <UButton @click="drafting.startAgain">Start empty</UButton>
          <ChoiceField
            label="Kind of grid"
            labelled="unseen"
            :value="grid.kind"
            :options="GRID_KINDS.map(kind => ({ value: kind, label: GRID_NAMES[kind] }))"
            class="!w-auto"
            @choose="value => resize({ kind: value })"
          />
        </div>
      </div>
      <div class="card" role="status" data-testid="draft-facts">
        <p class="font-semibold">{{ plural(draft.patches.length, 'patch', 'patches') }}</p>
        <p v-if="sewing" class="note">{{ sewingText(sewing) }}</p>
        <ul v-if="faults.length > 0" class="mt-2 space-y-1">
          <li v-for="(fault, i) in faults.slice(0, 5)" :key="i" class="wrong">{{ draftFaultText(fault) }}</li>
        </ul>
      </div>
      <details>
        <summary class="cursor-pointer py-2 font-semibold">Files</summary>
        <div class="flex flex-wrap gap-2 pt-1">
          <FilePicker
            accept=".svg,.json,image/svg+xml,application/json"
            label="Drawing of a block"
            icon="i-lucide-folder-open"
            @choose="read"
            >Open a drawing …</FilePicker
          >
          <UButton @click="saveCopy('svg')">Save as a drawing (SVG)</UButton>
          <UButton @click="saveCopy('json')">Save as data (JSON)</UButton>
        </div>
      </details>
    </aside>
  </div>
</template>

<style scoped>
.draft {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 21rem;
  height: 100%;
}
.tools {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  padding: 0.55rem 0.9rem;
}
.stage {
  min-width: 0;
  min-height: 0;
  display: grid;
  place-items: center;
  overflow: hidden;
}
.side {
  overflow-y: auto;
  padding: 0.4rem 1.1rem 1rem 0.2rem;
}
.dab {
  width: 1.1rem;
  height: 1.1rem;
  border-radius: 4px;
  border: 1px solid var(--line);
}
@media (max-width: 1000px) {
  .draft {
    grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
  }
  .side {
    max-height: 34vh;
    padding: 0.5rem 1rem;
  }
}
</style>

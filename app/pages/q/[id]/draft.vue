<script setup lang="ts">
import type { Design } from '~~/core/block/design'
import { rolesOf } from '~~/core/block/design'
import { readDesign } from '~~/core/drafting/blockJson'
import { blockFromSvg, blockToSvg } from '~~/core/drafting/blockSvg'
import { blankDraft } from '~~/core/drafting/draft'
import { LEAST_UNITS, MOST_UNITS, GRID_KINDS, type Grid } from '~~/core/drafting/grid'
import { SYMMETRIES, type Symmetry } from '~~/core/drafting/symmetry'
import { setDesign } from '~~/core/edits/blocks'
import { dressNewRoles, keepDesign } from '~~/core/edits/designs'
import { freeId } from '~~/core/edits/setting'
import type { Placement } from '~~/core/geometry/placement'
import { blockOf, clothOf, designOf } from '~~/core/quilt/quilt'
import { blockTroubleText, draftFaultText, sewingText } from '~~/words/drafting'
import { plural } from '~~/words/speech'
import type { Tool } from '~/composables/useDrafting'

const store = useQuilt()
const route = useRoute()
const toast = useSay()
const quilt = computed(() => store.quilt!)
const block = blockOf(quilt.value, quilt.value.blocks.some(b => b.id === route.query.block) ? String(route.query.block) : quilt.value.blocks[0]!.id)
const original = designOf(quilt.value, block)
const isNew = route.query.blank !== undefined
const own = computed(() => (store.file?.designs ?? []).map(design => design.id))
const drafting = useDrafting(isNew ? blankDraft(8, 8) : original)
const { draft, grid, points, symmetry, faults, sewing } = drafting
const name = ref(isNew ? 'My block' : own.value.includes(original.id) ? original.name : `${original.name}, my own`)
const tool = ref<Tool>('line')
const role = ref(draft.value.patches[0]!.role)
const copy = ref<Placement>({ turn: 0, mirror: false })
const isSaved = ref(true)
watch(draft, () => isSaved.value = false)

const roles = computed(() => [...new Set([...(isNew ? [] : rolesOf(original)), ...draft.value.patches.map(patch => patch.role), role.value])])
/** Roles wear what they will wear in the quilt: new ones the cloths that the block does not have yet. */
const colours = computed(() => {
  const dressed = dressNewRoles({ id: block.design, patches: roles.value.map(name => ({ role: name })) })(store.file!).blocks.find(b => b.id === block.id)!.cloths!
  return new Map(roles.value.map(r => [r, clothOf(quilt.value, dressed[r]!).colour]))
})
const serious = computed(() => faults.value.filter(fault => fault.code !== 'sliver'))
const stage = useTemplateRef('stage')
const { width: stageWidth, height: stageHeight } = useElementSize(stage)
const size = computed(() => Math.max(200, Math.min(stageWidth.value - 60, (stageHeight.value - 80) * Math.max(1, draft.value.width / draft.value.height))))

const TOOLS: [Tool, string, string][] = [['line', 'Draw a line', 'i-lucide-pencil-ruler'], ['paint', 'Paint', 'i-lucide-paintbrush'], ['take-out', 'Take a line out', 'i-lucide-eraser'], ['repeat', 'Repeat a unit', 'i-lucide-copy']]
const SYMMETRY_NAMES: Record<Symmetry, string> = { 'none': 'no symmetry', 'mirror': 'mirror', 'four-mirrors': 'mirror both ways', 'half-turn': 'half turn', 'quarter-turns': 'quarter turns' }
const GRID_NAMES = { square: 'squares', sixty: '60° triangles' } as const

function addRole() {
  for (let n = roles.value.length + 1; ; n++) {
    if (!roles.value.includes(`role ${n}`)) {
      role.value = `role ${n}`
      tool.value = 'paint'
      return
    }
  }
}
function resize(change: Partial<Grid>) {
  drafting.setGrid({ ...grid.value, ...change })
}
const within = (value: number) => Math.min(MOST_UNITS, Math.max(LEAST_UNITS, Math.round(value) || LEAST_UNITS))
function line(from: readonly [number, number], to: readonly [number, number]) {
  if (!drafting.drawLine(from, to)) toast.say('That line splits nothing', 'Draw from one edge of a patch to another edge of it.')
}
function takeOut(first: number, second: number) {
  if (!drafting.takeOut(first, second)) toast.say('No line lies between those two', 'Choose two patches that share an edge.')
}
function repeat(from: { x: number, y: number, width: number, height: number }, to: readonly [number, number]) {
  if (!drafting.repeat(from, to, copy.value)) toast.say('The copy would reach out of the block', 'Choose a place with room for it.')
}
const design = (): Design => {
  const id = own.value.includes(original.id) && !isNew ? original.id : freeId(name.value, quilt.value.designs.size > 0 ? [...quilt.value.designs.keys()] : [])
  return { id, name: name.value.trim() || 'My block', family: 'own', width: draft.value.width, height: draft.value.height, patches: draft.value.patches }
}
async function save() {
  const made = design()
  toast.problems(store.apply('own block', file => dressNewRoles(made)(setDesign(block.id, made)(keepDesign(made)(file)))))
  isSaved.value = true
  await navigateTo(`/q/${String(route.params.id)}/design`)
}
async function read(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  if (file.size > 2_000_000) return toast.say('That drawing is too large', 'A block has a few hundred corners at most.')
  const text = await file.text()
  const reading = /^\s*[{[]/.test(text) ? readDesign(text) : blockFromSvg(text)
  if (reading.ok) drafting.take(reading.draft)
  else toast.say('That drawing cannot be a block', reading.troubles.slice(0, 3).map(blockTroubleText).join(' '))
}
function saveCopy(kind: 'svg' | 'json') {
  const made = design()
  const { family: _, ...plain } = made
  downloadText(`${made.id}.${kind}`, kind === 'svg' ? blockToSvg(made, Object.fromEntries(colours.value)) : `${JSON.stringify(plain, null, 2)}\n`, kind === 'svg' ? 'image/svg+xml' : 'application/json')
}
onBeforeRouteLeave(() => isSaved.value || !drafting.canUndo.value || confirm('Leave the drawing? It is not saved.'))
</script>

<template>
  <div class="draft">
    <div class="tools" role="toolbar" aria-label="Drawing">
      <button v-for="[id, label, icon] in TOOLS" :key="id" type="button" class="button" :class="{ chosen: tool === id }" :aria-pressed="tool === id" @click="tool = id"><UIcon :name="icon" class="size-5" />{{ label }}</button>
      <label class="flex items-center gap-2"><span class="sr-only">Symmetry</span><select v-model="symmetry" class="field !w-auto"><option v-for="s in SYMMETRIES" :key="s" :value="s">{{ SYMMETRY_NAMES[s] }}</option></select></label>
      <button type="button" class="button" @click="drafting.mirror"><UIcon name="i-lucide-flip-horizontal" class="size-5" />Mirror</button>
      <button type="button" class="button" @click="drafting.turn"><UIcon name="i-lucide-rotate-cw" class="size-5" />Turn</button>
      <button type="button" class="button icon" aria-label="Undo in the drawing" :disabled="!drafting.canUndo.value" @click="drafting.undo"><UIcon name="i-lucide-undo-2" class="size-5" /></button>
      <button type="button" class="button icon" aria-label="Redo in the drawing" :disabled="!drafting.canRedo.value" @click="drafting.redo"><UIcon name="i-lucide-redo-2" class="size-5" /></button>
      <div class="ml-auto flex gap-2">
        <NuxtLink class="button" :to="`/q/${String(route.params.id)}/design`">Back</NuxtLink>
        <button type="button" class="button act" :disabled="serious.length > 0 || !store.canWrite" @click="save"><UIcon name="i-lucide-check" class="size-5" />Use it in the quilt</button>
      </div>
    </div>
    <div ref="stage" class="stage">
      <DraftBoard
        :draft="draft"
        :points="points"
        :tool="tool"
        :colours="colours"
        :faults="faults"
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
      <label class="block"><span class="label">Name of the block</span><input v-model="name" class="field" maxlength="80"></label>
      <div role="radiogroup" aria-label="Role to paint with">
        <p class="label">Roles</p>
        <div class="flex flex-wrap gap-2">
          <button v-for="r in roles" :key="r" type="button" role="radio" class="button !px-3" :class="{ chosen: r === role }" :aria-checked="r === role" @click="role = r"><span class="dab" :style="{ background: colours.get(r) }" />{{ r }}</button>
          <button type="button" class="button !px-3" @click="addRole"><UIcon name="i-lucide-plus" class="size-5" />Role</button>
        </div>
      </div>
      <div>
        <p class="label">Grid</p>
        <div class="flex flex-wrap items-center gap-2">
          <label><span class="sr-only">Units across</span><input type="number" class="field figure !w-20" :min="LEAST_UNITS" :max="MOST_UNITS" :value="grid.across" @change="e => resize({ across: within(Number((e.target as HTMLInputElement).value)) })"></label>
          by
          <label><span class="sr-only">Units down</span><input type="number" class="field figure !w-20" :min="LEAST_UNITS" :max="MOST_UNITS" :value="grid.down" @change="e => resize({ down: within(Number((e.target as HTMLInputElement).value)) })"></label>
          <button type="button" class="button" @click="drafting.startAgain">Empty grid</button>
          <label><span class="sr-only">Kind of grid</span><select class="field !w-auto" :value="grid.kind" @change="e => resize({ kind: (e.target as HTMLSelectElement).value as Grid['kind'] })"><option v-for="kind in GRID_KINDS" :key="kind" :value="kind">{{ GRID_NAMES[kind] }}</option></select></label>
        </div>
      </div>
      <div class="card" role="status" data-testid="draft-facts">
        <p class="font-semibold">{{ plural(draft.patches.length, 'patch', 'patches') }}</p>
        <p v-if="sewing" class="note">{{ sewingText(sewing) }}</p>
        <ul v-if="faults.length > 0" class="mt-2 space-y-1"><li v-for="(fault, i) in faults.slice(0, 5)" :key="i" class="wrong">{{ draftFaultText(fault) }}</li></ul>
      </div>
      <details>
        <summary class="cursor-pointer py-2 font-semibold">Files</summary>
        <div class="flex flex-wrap gap-2 pt-1">
          <label class="button cursor-pointer">Open a drawing …<input type="file" accept=".svg,.json,image/svg+xml,application/json" class="sr-only" @change="read"></label>
          <button type="button" class="button" @click="saveCopy('svg')">Save as a drawing (SVG)</button>
          <button type="button" class="button" @click="saveCopy('json')">Save as data (JSON)</button>
        </div>
      </details>
    </aside>
  </div>
</template>

<style scoped>
.draft { display: grid; grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 21rem; height: 100%; }
.tools { grid-column: 1 / -1; display: flex; flex-wrap: wrap; gap: 0.5rem; padding: 0.55rem 0.9rem; }
.stage { min-width: 0; min-height: 0; display: grid; place-items: center; overflow: hidden; }
.side { overflow-y: auto; padding: 0.4rem 1.1rem 1rem 0.2rem; }
.dab { width: 1.1rem; height: 1.1rem; border-radius: 4px; border: 1px solid var(--line); }
@media (max-width: 1000px) { .draft { grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr); } .side { max-height: 34vh; padding: 0.5rem 1rem; } }
</style>

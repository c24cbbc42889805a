<script setup lang="ts">
import { setAllowance } from '~~/core/edits/making'
import { setBacking, setBatting } from '~~/core/edits/layers'
import { clothOf } from '~~/core/file/quilt'
import { growsByPatches } from '~~/core/make/order/sewingTree'
import { goSteps, type GoStep } from '~~/words/asYouGo'
import { CAUTIONS } from '~~/words/caution'
import { craft, inEnglish, plural } from '~~/words/speech'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** A quilt made block by block through all layers: what lies under each, how they are joined, how edges are folded. */
const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const speech = useSpeech()
const quilt = computed(() => store.quilt!)
const made = computed(() => store.plan?.asYouGo ?? null)
const { rows, rowsDone, toggleRow, steps: ticks, toggleStep } = useMade()
/** Blocks that grow by one patch at a time are sewn onto their batting; others are made first. */
const sewn = computed(() =>
  (store.plan?.blocks ?? []).every(({ sewing }) => growsByPatches(sewing)) ? ('through' as const) : ('first' as const),
)
const steps = computed(() =>
  made.value && store.plan
    ? goSteps(made.value, { rows: rows.value, blocks: store.plan.quilt.blocks, sewn: sewn.value }, speech.value)
    : [],
)
const isDone = ({ tick }: GoStep) => ('row' in tick ? rowsDone.value[tick.row]! : ticks.value.has(tick.step))
function toggle({ tick }: GoStep) {
  if ('row' in tick) toggleRow(tick.row)
  else toggleStep(tick.step)
}
const modeSteps = computed((): ModeStep[] =>
  steps.value.map((step, i) => ({
    place: `${i + 1} of ${steps.value.length}. ${step.place}`,
    parts: step.parts,
    done: isDone(step),
    ...(i === 0 ? { caution: CAUTIONS.needle } : {}),
  })),
)
const nameOf = ({ tick }: GoStep) => ('row' in tick ? `as-you-go.row.${tick.row}` : tick.step)
const { isStepping, startAt, keepPlace } = useStepPlace(
  () => steps.value.map(nameOf),
  i => isDone(steps.value[i]!),
)
const colours = computed(() => ({
  block: quilt.value.cloths[0]!.colour,
  back: clothOf(quilt.value, quilt.value.backing!.cloth).colour,
}))
</script>

<template>
  <div class="mx-auto max-w-6xl p-5">
    <StepMode
      v-if="isStepping && steps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`As you go: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="i => toggle(steps[i]!)"
      @at="keepPlace"
    >
      <template #default="{ index }"><FoldPicture :shows="steps[index]!.shows" :colours="colours" /></template>
    </StepMode>
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <StationHead
      title="Block by block, as you go"
      :print="made ? 'this' : undefined"
      :mode="made ? 'At the machine' : undefined"
    />
    <h1 class="print-only mb-2 text-2xl">{{ quilt.name }}: block by block</h1>
    <p v-if="!store.plan" class="note" role="status">Laying it out …</p>
    <NothingYet v-else-if="!made" :to="toPage('finish')" station="To the way it is made, on Finish">
      This quilt is made as a top and layered whole. Made block by block as you go, here would stand what lies under
      each block, how blocks are joined by their backs, and how the edges are folded.
    </NothingYet>
    <div v-else class="grid items-start gap-5 lg:grid-cols-2">
      <section class="card space-y-3" aria-label="What each block takes" data-testid="go-sizes">
        <h2>Under each block</h2>
        <ul class="space-y-1.5 text-lg">
          <li v-for="(size, i) in made.sizes" :key="i">
            <strong>{{ size.count }}</strong> backs of
            <strong
              ><Figure :path="`asYouGo.sizes.${i}.back.width`" title="Width of the back" /> ×
              <Figure :path="`asYouGo.sizes.${i}.back.height`" title="Height of the back" /></strong
            >, on the cutting sheet; {{ craft('batting', speech) }} of
            <strong
              ><Figure :path="`asYouGo.sizes.${i}.batting.width`" :title="craft('Batting', speech)" /> ×
              <Figure :path="`asYouGo.sizes.${i}.batting.height`" :title="craft('Batting', speech)" /></strong
            >.
          </li>
        </ul>
        <p v-if="made.packets !== null">
          {{ plural(made.packets, 'packet') }} of {{ craft('batting', speech) }}, cut edge to edge.
        </p>
        <p>
          Over each join lies a sash of <Figure path="asYouGo.sash" title="Sash over the join" />, round the edge a
          binding of <Figure path="asYouGo.edge" title="Binding at the edge" />. So much of each edge of every block
          lies hidden under them: <Figure path="asYouGo.edge" title="Hidden of each edge" />.
        </p>
        <ClothPicker
          :label="inEnglish('Cloth of the backs, the sashes and the binding', speech)"
          :cloths="quilt.cloths"
          :value="quilt.backing!.cloth"
          @choose="cloth => cloth && edit('backs', setBacking({ cloth }))"
        />
        <LengthField
          class="no-print"
          :label="inEnglish('The back beyond the batting, each side', speech)"
          :value="made.allowance"
          :least="1 / 2"
          :most="6"
          :step="1 / 4"
          :disabled="!store.canWrite"
          @commit="v => edit('allowance of the backs', setAllowance(v))"
        />
        <BattingFacts
          v-if="quilt.batting"
          class="no-print"
          :quilt="quilt"
          :plan="null"
          :disabled="!store.canWrite"
          @change="change => edit('batting', setBatting(change))"
        />
      </section>
      <section class="card space-y-3" aria-label="How it is folded">
        <h2>How it is folded</h2>
        <ol class="space-y-3">
          <li v-for="shows in ['layers', 'joined', 'opened', 'folded', 'edge'] as const" :key="shows">
            <FoldPicture :shows="shows" :colours="colours" />
          </li>
        </ol>
      </section>
      <section class="card lg:col-span-2" aria-label="In this order" data-testid="go-steps">
        <h2 class="mb-2">In this order</h2>
        <ol class="space-y-3">
          <li v-for="(step, i) in steps" :key="i" class="flex items-start gap-3">
            <TickBox :checked="isDone(step)" :label="step.place" :disabled="!store.canWrite" @toggle="toggle(step)" />
            <span class="pt-2"
              ><strong>{{ step.place }}.</strong> <FigureText :parts="step.parts"
            /></span>
          </li>
        </ol>
        <p class="caution mt-3">{{ CAUTIONS.needle }}</p>
      </section>
    </div>
  </div>
</template>

<script setup lang="ts">
import { setBinding } from '~~/core/edits/binding'
import { setBacking, setBatting } from '~~/core/edits/layers'
import { setMaking } from '~~/core/edits/making'
import { cornerRules } from '~~/core/file/corners'
import { makingRules } from '~~/core/file/makings'
import { TRIMMED } from '~~/core/top/trimmed'
import { doneCounts } from '~~/core/cut/progress'
import { CAUTIONS } from '~~/words/caution'
import { formatBought, formatRough, formatRoughPart, formatYards } from '~~/words/length'
import { MAKING_OPTIONS } from '~~/words/makings'
import { capital, stageName } from '~~/words/names'
import { craft, inEnglish } from '~~/words/speech'

const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const quilt = computed(() => store.quilt!)
const plan = computed(() => store.plan)
const planned = computed(() => store.plannedQuilt!)
const steps = computed(() => doneCounts(quilt.value.done, 'step'))

function toggle(step: string) {
  store.tick('step', step, steps.value.has(step) ? -(steps.value.get(step) ?? 1) : 1, 'step of the finish')
}
const isDone = (step: string) => (steps.value.get(step) ?? 0) > 0

/** Both sides of a stage, with what was measured of them. */
const bothSides = (stage: number) =>
  (['width', 'height'] as const).map(side => ({
    side,
    figures: plan.value!.stages[stage]!.measures[side],
    path: `stages.${stage}.measures.${side}`,
  }))
const trimmedSides = computed(() =>
  (['width', 'height'] as const).map(side => ({
    side,
    figures: plan.value!.trim.measures[side],
    path: `trim.measures.${side}`,
  })),
)
/** The one side that a border's first pair has changed. */
const firstSide = (stage: number) => {
  const { first } = plan.value!.stages[stage]!
  return first ? [{ side: first.side, figures: first, path: `stages.${stage}.first` }] : []
}
/** What measuring has changed, stage by stage. */
const changes = computed(
  () =>
    plan.value?.stages.flatMap((stage, i) =>
      (['width', 'height'] as const)
        .filter(side => Math.abs(stage[side] - stage.planned[side]) > 1 / 64)
        .map(side => ({ what: stage.what, side, before: `stages.${i}.planned.${side}`, path: `stages.${i}.${side}` })),
    ) ?? [],
)
/** In this order; what is forgotten here stays in the quilt. */
const LAYERING = [
  'Trim stray threads off the back of the top: dark ones show through for ever.',
  'Protect the table, pins scratch it. Unfold the batting a day before.',
  'Press the back, tape it down wrong side up, smooth but never stretched.',
  'Lay the batting on it, then the top, right side up; smooth both from the center.',
] as const
const SEAMS = { vertical: 'upright seams', horizontal: 'level seams', none: 'no seam' } as const
</script>

<template>
  <div class="mx-auto max-w-6xl space-y-6 p-5">
    <h1>Finish</h1>
    <p v-if="!plan" class="note" role="status">Laying it out …</p>
    <template v-else>
      <section class="card no-print flex flex-wrap items-end gap-4" aria-label="How it is made">
        <ChoiceField
          label="How it is made"
          place="grow"
          :value="quilt.making"
          :options="MAKING_OPTIONS"
          data-testid="making"
          :disabled="!store.canWrite"
          @choose="value => edit('way of making', setMaking(value))"
        />
        <UButton v-if="plan.asYouGo" :to="toPage('as-you-go')"
          ><UIcon name="i-lucide-layers" class="size-5" />Block by block, as you go</UButton
        >
      </section>
      <section v-if="plan.asYouGo" class="card space-y-2" aria-label="As you go" data-testid="as-you-go">
        <h2>As you go</h2>
        <p class="text-lg">
          Every block is quilted to a back and a {{ craft('batting', speech) }} of its own; the backs are joined, and
          what they have beyond the {{ craft('batting', speech) }} is folded over each join: a sash of
          <strong><Figure path="asYouGo.sash" title="Sash over the join" /></strong>, and a binding of
          <strong><Figure path="asYouGo.edge" title="Binding at the edge" /></strong>.
        </p>
        <LastThings :done="isDone('labelled')" :disabled="!store.canWrite" @toggle="toggle('labelled')" />
      </section>
      <section v-if="!plan.asYouGo" :aria-label="inEnglish('Center and borders', speech)" class="space-y-4">
        <div class="flex items-center gap-3">
          <TickBox
            :checked="isDone('rows-joined')"
            label="The rows are joined"
            :disabled="!store.canWrite"
            @toggle="toggle('rows-joined')"
          />
          <h2>{{ inEnglish('The center, and its borders', speech) }}</h2>
        </div>
        <p v-if="changes.length > 0" class="caution" role="status" data-testid="changed">
          <strong>Measured, not planned: </strong
          ><template v-for="(change, i) in changes" :key="change.path"
            >{{ i > 0 ? '; ' : '' }}{{ inEnglish(capital(stageName(change.what)), speech) }}
            {{ change.side === 'width' ? 'across' : 'down' }}
            <span class="figure"
              ><Figure :path="change.before" title="As planned" /> →
              <Figure :path="change.path" title="As measured" /></span></template
          >. Borders, {{ craft('batting', speech) }}, backing and binding follow.
        </p>
        <div class="grid items-start gap-4 lg:grid-cols-2">
          <MeasureCard
            :quilt="quilt"
            what="setting"
            :title="inEnglish('the center', speech)"
            :measures="bothSides(0)"
            @edit="edit"
          />
          <template v-for="(border, i) in planned.borders" :key="i">
            <BorderSteps :quilt="planned" :plan="plan" :border="i + 1" />
            <MeasureCard
              v-if="cornerRules(border.corners).spansFirstPair"
              :quilt="planned"
              :what="`border-${i + 1}-first`"
              :title="border.first === 'sides' ? 'across, with the sides on' : 'down, with top and bottom on'"
              :measures="firstSide(i + 1)"
              @edit="edit"
            />
            <MeasureCard
              :quilt="planned"
              :what="`border-${i + 1}`"
              :title="`the top with border ${i + 1}`"
              :measures="bothSides(i + 1)"
              @edit="edit"
            />
          </template>
        </div>
        <div v-if="quilt.borders.length > 0" class="flex items-center gap-3">
          <TickBox
            :checked="isDone('borders')"
            label="The borders are on"
            :disabled="!store.canWrite"
            @toggle="toggle('borders')"
          />The borders are on
        </div>
      </section>

      <section v-if="!plan.asYouGo" class="grid items-start gap-4 lg:grid-cols-2" aria-label="Layers">
        <div class="card" data-testid="backing">
          <h2>Backing</h2>
          <template v-if="quilt.backing && plan.backing">
            <p class="my-2 text-lg">
              <strong
                ><Figure path="backing.panels" kind="count" title="Panels" />
                {{ plan.backing.panels === 1 ? 'panel' : 'panels' }}</strong
              >, each <strong><Figure path="backing.panelLength" title="Length of a panel" /></strong> long,
              {{ SEAMS[plan.backing.seams]
              }}<template v-if="plan.backing.split"
                >, one of them cut in two along its length and sewn to both sides</template
              >. Buy
              <strong
                ><Figure
                  path="backing.buy"
                  kind="cloth"
                  :text="formatBought(plan.backing.buy, speech)"
                  title="Backing to buy" /></strong
              >.
            </p>
            <p v-if="plan.backing.panels > 1 && !plan.backing.pieced" class="note mb-3">
              {{ inEnglish('Take the selvages off before you join; seams of', speech) }}
              <span data-given>{{ formatRoughPart(1 / 2, speech) }}</span>, pressed open.
            </p>
            <ClothPicker
              label="Cloth"
              :cloths="quilt.cloths"
              :value="quilt.backing.cloth"
              @choose="cloth => cloth && edit('backing', setBacking({ cloth }))"
            />
            <LengthField
              class="mt-3"
              label="Beyond the top on each side"
              :value="quilt.backing.overhang"
              :least="0"
              :most="20"
              :step="1 / 2"
              @commit="v => edit('overhang of the backing', setBacking({ overhang: v }))"
            />
            <BackingWays
              class="mt-3"
              :plan="plan.backing"
              :way="quilt.backing.way"
              :off-centre="quilt.backing.offCentre"
              :disabled="!store.canWrite"
              @change="change => edit('way of the backing', setBacking(change))"
            />
            <UButton class="mt-3" @click="edit('no backing', setBacking(null))">No backing</UButton>
          </template>
          <UButton v-else class="mt-2" @click="edit('backing', setBacking({}))"> Add a backing </UButton>
        </div>
        <div class="card" data-testid="batting">
          <h2>{{ craft('Batting', speech) }}</h2>
          <template v-if="quilt.batting && plan.batting">
            <p class="my-2 text-lg">
              At least
              <strong
                ><Figure path="batting.width" title="Width" /> × <Figure path="batting.height" title="Height" /></strong
              >.
            </p>
            <p class="note mb-3">Read on the packet how far apart the quilting lines may be. Unfold it a day before.</p>
            <LengthField
              label="Beyond the top on each side"
              :value="quilt.batting.overhang"
              :least="0"
              :most="20"
              :step="1 / 2"
              @commit="v => edit('overhang', setBatting({ overhang: v }))"
            />
            <BattingFacts
              class="mt-3"
              :quilt="quilt"
              :plan="plan.batting"
              :disabled="!store.canWrite"
              @change="change => edit('batting', setBatting(change))"
            />
            <UButton class="mt-3" @click="edit('no batting', setBatting(null))">
              {{ inEnglish('No batting', speech) }}
            </UButton>
          </template>
          <UButton v-else class="mt-2" @click="edit('batting', setBatting({}))">
            {{ inEnglish('Add a batting', speech) }}
          </UButton>
        </div>
        <div class="card space-y-3">
          <h2>Layer, and quilt</h2>
          <ol class="list-decimal space-y-1.5 pl-6" data-testid="layering">
            <li v-for="line in LAYERING" :key="line">{{ inEnglish(line, speech) }}</li>
            <li>
              Curved pins about every <span class="figure" data-given>{{ formatRough(4, speech) }}</span>
              {{ inEnglish('from the center', speech) }}: <Figure path="holding.pins" kind="count" title="Pins" />; or
              lines of long stitches as far apart, which take
              <Figure
                path="holding.thread"
                kind="yards"
                :text="formatYards(plan.holding.thread, speech)"
                title="Thread to hold the layers"
              />, by hand in a hoop; or spray, both sides, in the open air.
            </li>
          </ol>
          <HoldingPlan :width="plan.trim.measures.width.expected" :height="plan.trim.measures.height.expected" />
          <p class="caution">{{ CAUTIONS.spray }} {{ CAUTIONS.weight }}</p>
          <div class="flex items-center gap-3">
            <TickBox
              :checked="isDone('layered')"
              label="The layers are held together"
              :disabled="!store.canWrite"
              @toggle="toggle('layered')"
            />The layers are held together
          </div>
          <p>
            <UButton :to="toPage('quilting')" data-testid="to-quilting"
              ><UIcon name="i-lucide-spline" class="size-5" />{{
                plan.quilting ? 'The quilting' : 'Plan the quilting'
              }}</UButton
            >
          </p>
          <div class="flex items-center gap-3">
            <TickBox
              :checked="isDone('quilted')"
              label="It is quilted"
              :disabled="!store.canWrite"
              @toggle="toggle('quilted')"
            />It is quilted, anchored along main seams first, {{ inEnglish('from the center out', speech) }}
          </div>
        </div>
        <div class="card space-y-3" data-testid="binding">
          <h2>Binding</h2>
          <template v-if="quilt.binding && planned.binding && plan.binding">
            <div class="flex items-center gap-3">
              <TickBox
                :checked="isDone('trimmed')"
                label="The quilt is trimmed square"
                :disabled="!store.canWrite"
                @toggle="toggle('trimmed')"
              />Trim the quilt square first
            </div>
            <TrimSquare :trim="plan.trim" />
            <MeasureCard
              class="inside"
              :quilt="quilt"
              :what="TRIMMED"
              title="the trimmed quilt"
              :measures="trimmedSides"
              @edit="edit"
            />
            <BindingPart :quilt="planned" :plan="plan" />
            <details
              v-if="makingRules(quilt.making).hasTop && store.canWrite"
              class="no-print"
              data-testid="change-binding"
            >
              <summary class="min-h-11 cursor-pointer py-2 font-semibold">
                Change it: style, width, cloth, joins
              </summary>
              <BindingFields class="mt-2" :quilt="quilt" @edit="edit" />
            </details>
            <p class="no-print">
              <UButton :to="toPage('binding')" data-testid="to-binding"
                ><UIcon name="i-lucide-maximize" class="size-5" />The binding, step by step</UButton
              >
            </p>
            <div class="flex items-center gap-3">
              <TickBox
                :checked="isDone('bound')"
                label="It is bound"
                :disabled="!store.canWrite"
                @toggle="toggle('bound')"
              />It is bound
            </div>
          </template>
          <UButton v-else @click="edit('binding', setBinding({}))">Add a binding</UButton>
          <LastThings :done="isDone('labelled')" :disabled="!store.canWrite" @toggle="toggle('labelled')" />
        </div>
      </section>
    </template>
  </div>
</template>

<style scoped>
/* one of the things in a card, not a card of its own */
.inside {
  border: 0;
  padding: 0;
  box-shadow: none;
}
</style>

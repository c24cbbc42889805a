<script setup lang="ts">
import { setBatting } from '~~/core/edits/layers'
import { addQuilting, removeQuilting, setQuilting, setStitching } from '~~/core/edits/quilting'
import { QUILTING_KINDS } from '~~/core/file/entries/quiltingEntry'
import { lightness } from '~~/core/measure/lightness'
import { shortHash } from '~~/core/measure/shortHash'
import { doneCounts } from '~~/core/cut/progress'
import { USUAL_BOBBIN, USUAL_STITCHES } from '~~/core/plan/plannedQuilting'
import { CAUTIONS } from '~~/words/caution'
import { formatYards, formatLength, formatMillimetres, formatRough } from '~~/words/length'
import { capital } from '~~/words/names'
import {
  hoursText,
  lineText,
  MARK_DAYS,
  markingTools,
  orderText,
  QUILTING_NAMES,
  type MarkDays,
  bobbinsText,
  tiesText,
} from '~~/words/quilting'
import { craft, inEnglish } from '~~/words/speech'
import { textOf } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** How the layers are quilted together: the lines on the quilt, their order, what they take. */
const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const speech = useSpeech()
const quilt = computed(() => store.quilt!)
const quilting = computed(() => store.plan?.quilting ?? null)
const school = computed(() => quilt.value.stitching.school)
const by = computed(() => quilt.value.stitching.by)
const stitch = computed(() => quilt.value.stitching.stitch ?? USUAL_STITCHES[by.value])
const most = computed(() => quilt.value.batting?.maxGap)
const isTooWide = computed(
  () => quilting.value !== null && most.value !== undefined && quilting.value.gap.size > most.value + 1 / 16,
)

const steps = computed(() => doneCounts(quilt.value.done, 'step'))
/** Named by where it lies, so that a tick stays with its line when others come or go. */
const ids = computed(() => {
  const seen = new Map<string, number>()
  return (quilting.value?.lines ?? []).map(({ points, kind }) => {
    const ends = [points[0]!, points.at(-1)!].map(point => point.map(value => value.toFixed(1)).join()).sort()
    const id = `quilting.${kind}.${shortHash(ends.join())}`
    const again = seen.get(id) ?? 0
    seen.set(id, again + 1)
    return again === 0 ? id : `${id}.${again}`
  })
})
const modeSteps = computed((): ModeStep[] =>
  (quilting.value?.lines ?? []).map((line, i) => ({
    place:
      i < quilting.value!.anchors
        ? `Line ${i + 1} of ${quilting.value!.lines.length}: it holds the layers`
        : `Line ${i + 1} of ${quilting.value!.lines.length}: ${QUILTING_NAMES[line.kind]}`,
    parts: [inEnglish(lineText(line, quilting.value!, speech.value), speech.value)],
    done: (steps.value.get(ids.value[i]!) ?? 0) > 0,
    ...(i === 0 ? { caution: CAUTIONS.needle } : {}),
  })),
)
const { isStepping, startAt, keepPlace } = useStepPlace(
  () => ids.value,
  i => modeSteps.value[i]!.done,
)
function tick(i: number) {
  const id = ids.value[i]!
  const isDone = (steps.value.get(id) ?? 0) > 0
  store.tick('step', id, isDone ? -1 : 1, isDone ? 'line not quilted' : 'line quilted')
}
/** More lines are no plan that a person follows on paper. */
const MAX_ON_PAPER = 150
const days = ref<MarkDays>('a week')
const tools = computed(() =>
  markingTools(
    quilt.value.cloths.map(({ colour }) => lightness(colour)),
    days.value,
    quilt.value.quilting.some(({ kind }) => kind !== 'motif' && kind !== 'ties'),
  ),
)
const doneLines = computed(() => modeSteps.value.filter(({ done }) => done).length)
</script>

<template>
  <div class="mx-auto max-w-6xl p-5">
    <StepMode
      v-if="isStepping && quilting && modeSteps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`Quilting: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="tick"
      @at="keepPlace"
    >
      <template #default="{ index }">
        <QuiltedPicture :quilt="quilt" :quilting="quilting" :width="900" :height="900" :line="index" class="h-full" />
      </template>
    </StepMode>
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <StationHead
      title="Quilting"
      :print="quilting ? 'the plan' : undefined"
      :mode="quilting ? 'At the machine' : undefined"
    />
    <h1 class="print-only mb-2 text-2xl">{{ quilt.name }}: quilting</h1>
    <p v-if="!store.plan" class="note" role="status">Laying it out …</p>
    <div v-else class="grid items-start gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section class="card long space-y-3" aria-label="The lines" data-testid="quilting-page">
        <QuiltedView :quilt="quilt" :quilting="quilting" :warn="isTooWide" />
        <QuiltedPicture
          class="print-only"
          :quilt="quilt"
          :quilting="quilting"
          :width="900"
          :height="760"
          :numbered="MAX_ON_PAPER"
          :warn="isTooWide"
        />
        <template v-if="quilting">
          <p class="text-lg" data-testid="gap-text">
            The widest place between lines is
            <strong class="figure" data-given>{{ formatLength(quilting.gap.size, speech) }}</strong> across (the dashed
            circle)<template v-if="most !== undefined"
              >; the {{ craft('batting', speech) }} allows
              <span class="figure" data-given>{{ formatLength(most, speech) }}</span>{{
                isTooWide ? ': more lines are needed there.' : '.'
              }}</template
            ><template v-else>. Say what the {{ craft('batting', speech) }} allows, and it is compared.</template>
          </p>
          <p v-if="quilting.ties" class="text-lg" data-testid="ties">
            {{ tiesText(quilting.ties) }};
            <Figure
              path="quilting.ties.thread"
              kind="yards"
              :text="formatYards(quilting.ties.thread, speech)"
              title="Thread for the ties"
            />
            of strong thread or wool.
          </p>
          <p v-if="quilting.length > 0">{{ orderText(quilting, school, speech) }}</p>
          <p v-if="quilting.length > 0" class="text-lg">
            <Figure
              path="quilting.length"
              kind="yards"
              :text="formatYards(quilting.length, speech)"
              title="Length of the lines"
            />
            of lines,
            <Figure
              path="quilting.thread"
              kind="yards"
              :text="formatYards(quilting.thread, speech)"
              title="Thread, top and bobbin"
            />
            of thread{{ by === 'machine' ? ', top and bobbin together' : '' }} (give or take a seventh);
            <template v-if="by === 'machine'"
              ><Figure path="quilting.bobbins" kind="count" title="Bobbins" />
              {{ bobbinsText(quilting.bobbins, quilt.stitching.bobbin ?? USUAL_BOBBIN) }};</template
            >
            {{ hoursText(quilting, by) }} {{ by === 'machine' ? 'at the machine' : 'by hand' }}.
          </p>
          <p v-if="quilting.length > 0 && by === 'machine'" class="note">
            Stitches of {{ formatMillimetres(stitch) }}, a fresh needle, the even-feed foot for straight lines; for
            motifs the free-motion foot, feed down. Try tension on a scrap of the same three layers.
          </p>
          <p v-else-if="quilting.length > 0" class="note">
            Stitches of {{ formatMillimetres(stitch) }}, in a hoop or frame that is not drum-tight, a thimble on;
            threads of about <span data-given>{{ formatRough(18, speech) }}</span>, the knot popped into the
            {{ craft('batting', speech) }},
            {{ by === 'hand' ? 'rocked through' : 'a thicker thread, meant to be seen' }}.
          </p>
          <div class="space-y-2" data-testid="marking">
            <p class="print-only">Marks that stay {{ days }}:</p>
            <ChoiceField
              label="Marks must stay"
              labelled="beside"
              place="no-print"
              :value="days"
              :options="MARK_DAYS.map(each => ({ value: each, label: each }))"
              class="!w-auto"
              @choose="value => (days = value)"
            />
            <ul class="list-disc pl-6">
              <li v-for="{ tool, off } in tools" :key="tool">
                <strong>{{ tool }}</strong>: {{ off }}.
              </li>
            </ul>
          </div>
          <p class="caution">
            Try every marker on a scrap of each cloth first, and take marks off as its maker says; never iron over one
            that washes out or fades: heat can fix it. {{ CAUTIONS.weight }}
          </p>
          <p v-if="doneLines > 0" class="note">{{ doneLines }} of {{ quilting.lines.length }} lines quilted.</p>
        </template>
        <p v-else class="note">Choose how it is quilted: the lines are drawn here at once.</p>
      </section>
      <div class="no-print space-y-4">
        <ul class="space-y-3">
          <QuiltingEntry
            v-for="(entry, i) in quilt.quilting"
            :key="i"
            :entry="entry"
            :quilt="quilt"
            :disabled="!store.canWrite"
            @change="change => edit('quilting', setQuilting(i, change))"
            @remove="edit('quilting taken away', removeQuilting(i))"
          />
        </ul>
        <section class="card" aria-label="Add lines">
          <h2 class="mb-2 text-lg">Quilt it {{ quilt.quilting.length > 0 ? 'also' : '' }}</h2>
          <ul class="space-y-1.5">
            <li v-for="kind in QUILTING_KINDS" :key="kind">
              <UButton
                class="w-full !justify-start"
                :disabled="!store.canWrite"
                :data-testid="`add-${kind}`"
                @click="edit('quilting', addQuilting(kind))"
              >
                <UIcon name="i-lucide-plus" class="size-5" />{{ capital(QUILTING_NAMES[kind]) }}
              </UButton>
            </li>
          </ul>
        </section>
        <section class="card space-y-3" aria-label="With what">
          <LengthField
            v-if="quilt.batting"
            :label="inEnglish('Lines may lie apart (on the packet of the batting)', speech)"
            :value="most ?? null"
            :least="1 / 2"
            :most="20"
            :step="1 / 2"
            :disabled="!store.canWrite"
            @commit="v => edit('what the batting allows', setBatting({ maxGap: v }))"
          />
          <NumberField
            :label="inEnglish('Meters of thread on a full bobbin', speech)"
            :value="quilt.stitching.bobbin ?? USUAL_BOBBIN"
            :least="1"
            :most="2000"
            :disabled="!store.canWrite"
            @commit="bobbin => edit('bobbin', setStitching({ bobbin }))"
          />
          <ChoiceField
            label="Sewn"
            :value="by"
            :options="[
              { value: 'machine', label: 'by machine' },
              { value: 'hand', label: 'by hand, fine' },
              { value: 'big-stitch', label: 'by hand, in big stitches' },
            ]"
            data-testid="sewn-by"
            :disabled="!store.canWrite"
            @choose="value => edit('machine or hand', setStitching({ by: value }))"
          />
          <ChoiceField
            label="Straight lines first"
            :value="school"
            :options="[
              { value: 'from-the-middle', label: 'from the middle to the right edge' },
              { value: 'from-the-edge', label: 'from the right edge to the middle' },
            ]"
            :disabled="!store.canWrite"
            @choose="value => edit('order of quilting', setStitching({ school: value }))"
          />
        </section>
        <QuiltingPaper v-if="quilting" :quilt="quilt" :quilting="quilting" />
      </div>
      <section v-if="modeSteps.length > 0" class="print-only" data-testid="lines-on-paper">
        <h2>In this order</h2>
        <ol class="lines">
          <li v-for="(step, i) in modeSteps.slice(0, MAX_ON_PAPER)" :key="i">
            <span class="whitespace-nowrap">{{ step.done ? '☑' : '☐' }} {{ i + 1 }}.</span> {{ textOf(step.parts) }}
          </li>
        </ol>
        <p v-if="modeSteps.length > MAX_ON_PAPER">
          {{ modeSteps.length - MAX_ON_PAPER }} lines more stand on the screen, one by one.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.lines {
  columns: 2;
  column-gap: 6mm;
  font-size: 9pt;
  line-height: 1.3;
}
.lines li {
  padding: 0.6mm 0;
  border-top: 1px solid var(--line);
  break-inside: avoid;
}
</style>

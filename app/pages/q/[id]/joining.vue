<script setup lang="ts">
import { CAUTIONS } from '~~/words/caution'
import { crossingsText, easedName, joinTitle, meetingText, pressText } from '~~/words/joining'
import { formatLength, formatSmall } from '~~/words/length'
import { inEnglish } from '~~/words/speech'

/** How the rows become the top: which with which, where to pin, what to mark, what to ease. */
const store = useQuilt()
const speech = useSpeech()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
const rows = computed(() => plan.value?.rows.filter(({ kind }) => kind !== 'corner') ?? [])
/** Drawn as long as it can be taken in. */
const MAX_DRAWN = 40
const pressOf = (middle: number) => plan.value!.pressing.between[middle - 1]?.press

const printPage = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-5xl p-5">
    <header class="no-print mb-4 flex flex-wrap items-center gap-3">
      <BackToStation />
      <h1 class="grow">Join the rows</h1>
      <UButton v-if="plan && plan.joining.length > 0" @click="printPage">
        <UIcon name="i-lucide-printer" class="size-5" />Print this
      </UButton>
    </header>
    <p v-if="!plan" class="note" role="status">The plan is being worked out …</p>
    <NothingYet v-else-if="plan.joining.length === 0" :to="toPage('piece')" station="To Piece">
      The top is a single row: there is nothing to join. With more rows here stands in what order they are sewn
      together, and what to match at each.
    </NothingYet>
    <template v-else>
      <section class="card mb-6" aria-label="In this order">
        <h2>In this order</h2>
        <p class="mb-3 max-w-3xl">
          {{ inEnglish('Neighbors first', speech) }}, then pairs, so that as little as can be hangs from the machine.
          Where seams cross, push their allowances against each other until they lock. The feed helps where the one
          underneath points towards you; where it points away, pin it.
        </p>
        <div class="flex flex-wrap items-start gap-6">
          <JoiningTree v-if="rows.length <= MAX_DRAWN" :rows="rows" :joins="plan.joining" />
          <ol class="min-w-72 flex-1 space-y-2">
            <li v-for="(join, i) in plan.joining" :key="i" class="join" data-testid="rows-joined">
              <span class="number">{{ i + 1 }}</span>
              <span>
                <strong>{{ joinTitle(join, rows) }}.</strong>
                {{ crossingsText(join, rows) }}
                <template v-if="pressOf(join.middle)">{{ pressText(pressOf(join.middle)!) }}</template>
                <template v-if="join.deep"
                  >{{ ' ' }}Then <Figure :path="`joining.${i}.deep`" title="Across the rows, raw" /> across.</template
                >
              </span>
            </li>
          </ol>
        </div>
        <p class="caution mt-3">{{ CAUTIONS.needle }} Take each pin out before the needle reaches it.</p>
      </section>
      <section class="card mb-6" aria-label="From behind">
        <h2 class="mb-1">From behind</h2>
        <p v-if="!store.workbook?.behind">More blocks than can be drawn from behind: follow the row cards.</p>
        <template v-else>
          <p class="mb-3 max-w-3xl">
            Turned over sideways: the first row on top, its left end on the right. The pale bands are the allowances of
            the seams between blocks and between rows, folded the way they are pressed.
          </p>
          <TopFromBehind :behind="store.workbook.behind" :recipes="store.workbook.recipes" :cloths="quilt.cloths" />
        </template>
      </section>
      <SashMarksCard v-if="plan.marks.length > 0" class="mb-6" :quilt="quilt" :all="plan.marks" />
      <section v-if="plan.easing.length > 0" class="card mb-6" aria-label="What was measured, and its place">
        <h2 class="mb-2">What was measured, and its place</h2>
        <table class="w-full text-left">
          <thead>
            <tr>
              <th class="pr-4">Part</th>
              <th class="pr-4">Measured</th>
              <th class="pr-4 whitespace-nowrap">Its place</th>
              <th class="pr-4 whitespace-nowrap">Off by</th>
              <th>What to do</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(eased, i) in plan.easing" :key="i" class="border-t border-line align-top" data-testid="eased">
              <td class="py-1 pr-4 whitespace-nowrap">
                {{ easedName(eased, store.blockNames) }}{{ eased.count > 1 ? ` × ${eased.count}` : '' }}
              </td>
              <td class="figure pr-4" data-given>{{ formatLength(eased.measured, speech) }}</td>
              <td class="pr-4"><Figure :path="`easing.${i}.place`" title="What it is sewn to, raw" /></td>
              <td class="pr-4"><Figure :path="`easing.${i}.off`" title="Too long, or too short" /></td>
              <td class="py-1">
                <template v-if="eased.what !== 'block' && eased.do === 'ease'"
                  >Pin every joint; between two of them ease
                  <Figure
                    :path="`easing.${i}.each`"
                    :text="formatSmall(eased.each, speech)"
                    title="To be eased between two joints"
                  />, the longer side underneath.</template
                >
                <template v-else>{{ meetingText(eased.do, speech) }}</template>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
.join {
  display: flex;
  gap: 0.8rem;
  break-inside: avoid;
}
.number {
  flex: none;
  min-width: 2rem;
  font-weight: 700;
  text-align: right;
}
</style>

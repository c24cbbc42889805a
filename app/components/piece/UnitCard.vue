<script setup lang="ts">
import { METHODS } from '~~/core/make/methods'
import { TRIM_ALLOWANCES, type TrimAllowance } from '~~/core/file/trimAllowances'
import type { MethodId } from '~~/core/file/methodNames'
import type { RecipeUnit } from '~~/core/recipes/recipe'
import type { PlannedUnit } from '~~/core/plan/plannedBlock'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { capital, methodName, unitName } from '~~/words/names'

const { unit, quilt, made, planned, places, canWrite } = defineProps<{
  unit: RecipeUnit
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  quilt: Quilt
  /** Ticked so far, over the whole quilt. */
  made: number
  /** What the plan says of it. */
  planned: PlannedUnit
  canWrite: boolean
}>()
const emit = defineEmits<{ made: [by: number]; choose: [method: MethodId | null]; care: [care: TrimAllowance] }>()

const isOpen = ref(false)
const ALLOWANCE_NAMES: Record<TrimAllowance, string> = {
  exact: 'exactly',
  little: 'a little generously',
  generous: 'generously',
}
/** A unit with a corner of the block is squared with the block. */
const isTrimmedAlone = computed(() => unit.steps.some(step => step.do === 'trim' && step.code !== 'trim-corner-later'))
/** Trimmed after sewing, or it would be if it were cut generously. */
const canBeTrimmed = computed(() => {
  const { care } = METHODS.find(({ id }) => id === unit.method)!
  return care === undefined ? unit.trim : care === 'always'
})
const title = computed(() => capital(unitName(unit, unit.inQuilt)))
</script>

<template>
  <article class="card unit" :data-unit="unit.kind">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h3 class="text-xl">{{ title }}</h3>
      <p class="figure !whitespace-normal">
        {{ unit.perBlock }} in each block,
        <Figure :path="`${unit.path}.count`" kind="count" title="In the quilt" /><template v-if="unit.mirror">
          and
          <Figure :path="`${unit.mirror.path}.count`" kind="count" title="Mirrored, in the quilt" /> mirrored</template
        >
        in the quilt<template v-if="unit.over > 0"
          >, <Figure :path="`${unit.path}.over`" kind="count" title="Left over" /> left over</template
        >
      </p>
      <span v-for="piece in unit.pieces" :key="piece.id" class="inline-flex items-center gap-1.5"
        ><ClothSwatch :cloth="clothOf(quilt, piece.cloth)" :size="30" /><span class="tag">{{ piece.letter }}</span
        ><span class="note"
          ><Figure :path="`pieces.${places.get(piece.id)}.width`" :title="`Width of ${piece.letter}`" /> ×
          <Figure :path="`pieces.${places.get(piece.id)}.height`" :title="`Height of ${piece.letter}`" /></span
      ></span>
    </header>
    <p class="note mt-1">
      Made {{ methodName(unit.method) }}. Seam included in every size.<template v-if="planned.mirrored > 0">
        {{ planned.mirrored }} of the other hand come out besides.</template
      ><template v-if="planned.bonus">
        The cut-off corners would make {{ planned.bonus.count }} half-squares of
        <Figure :path="`${unit.path}.bonus.side`" title="Finished size of what the corners make" />: sew a second seam,
        two seams outside the first, before you cut.</template
      >
    </p>
    <div v-if="canBeTrimmed" class="no-print mt-2 flex flex-wrap items-center gap-2">
      <ChoiceField
        label="Cut its squares"
        labelled="beside"
        :value="planned.care"
        :options="TRIM_ALLOWANCES.map(care => ({ value: care, label: ALLOWANCE_NAMES[care] }))"
        class="!w-auto"
        :disabled="!canWrite"
        data-testid="care"
        @choose="value => emit('care', value)"
      />
      <span v-if="isTrimmedAlone" class="note figure"
        >and trim the unit to <Figure :path="`${unit.path}.width`" title="Trim to this width" /> ×
        <Figure :path="`${unit.path}.height`" title="Trim to this height"
      /></span>
      <span v-else-if="unit.trim" class="note">and trim them with the block</span>
    </div>
    <details
      v-if="planned.ways.length > 1"
      class="no-print mt-2"
      data-testid="ways"
      @toggle="e => (isOpen = isOpened(e))"
    >
      <summary class="cursor-pointer py-2 font-semibold">Ways to make it ({{ planned.ways.length }})</summary>
      <WaysTable
        v-if="isOpen"
        :unit="planned"
        :path="unit.path"
        :aim="quilt.aim"
        :can-write="canWrite"
        @choose="method => emit('choose', method)"
      />
    </details>
    <UnitSteps :unit="unit" :quilt="quilt" :title="title" />
    <footer class="mt-3 flex flex-wrap items-center gap-3">
      <p class="figure">
        Unfinished:
        <strong
          ><Figure :path="`${unit.path}.width`" title="Unfinished width" /> ×
          <Figure :path="`${unit.path}.height`" title="Unfinished height"
        /></strong>
      </p>
      <PartCheck v-if="!unit.trim && unit.across > 0" :name="title" :expected="unit.size.width" :seams="unit.across" />
      <DoneCount
        class="ml-auto"
        :done="made"
        :all="unit.inQuilt"
        :can-write="canWrite"
        :fewer="`One ${unitName(unit, 1)} fewer made`"
        :more="`One ${unitName(unit, 1)} more made`"
        @count="by => emit('made', by)"
      >
        <span class="figure min-w-24 text-center font-semibold" :data-testid="`made-${unit.kind}`"
          >{{ Math.min(made, unit.inQuilt) }} of {{ unit.inQuilt }}</span
        >
        <template #all>All made</template>
      </DoneCount>
    </footer>
  </article>
</template>

<style scoped>
.unit {
  break-inside: avoid;
}
@media print {
  .unit {
    break-inside: auto;
    border: 0;
    padding: 0;
  }
  .unit header {
    break-after: avoid;
  }
}
</style>

<script setup lang="ts">
import type { MethodId } from '~~/core/file/methodNames'
import type { PlannedUnit } from '~~/core/plan/plannedBlock'
import { formatArea, formatCount } from '~~/words/length'
import { aimName, methodName } from '~~/words/names'
import { buyText, whyThisWay } from '~~/words/ways'

const { unit, path, aim, canWrite } = defineProps<{
  unit: PlannedUnit
  /** Where the unit stands in the plan. */
  path: string
  aim: string
  canWrite: boolean
}>()
const emit = defineEmits<{ choose: [method: MethodId | null] }>()
const store = useQuilt()
const speech = useSpeech()
const isInPieces = computed(() => unit.ways.some(way => !way.fitsPieces))
const yesNo = (is: boolean) => (is ? 'yes' : 'no')
/** What each way would mean for the cloth to buy; worked out when the table is looked at. */
const buys = computed(() => store.buysByWay.get(unit.key))
watch([() => unit.key, () => store.workbook], () => store.askWays(unit.key), { immediate: true })
</script>

<template>
  <div class="overflow-x-auto">
    <table class="ways">
      <caption class="sr-only">
        Ways to make it
      </caption>
      <thead>
        <tr>
          <th>Way</th>
          <th>To buy, without the back</th>
          <th>Area cut</th>
          <th>Strips alone</th>
          <th>Wasted</th>
          <th>Seams</th>
          <th>Cuts</th>
          <th>Trimmed</th>
          <th>Bias edges</th>
          <th>Left over</th>
          <th v-if="isInPieces">From my pieces</th>
          <th class="no-print" />
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(way, w) in unit.ways"
          :key="way.method"
          :class="{ chosen: way.method === unit.method }"
          :data-way="way.method"
        >
          <th>{{ methodName(way.method) }}</th>
          <td class="figure" data-buy>{{ buys ? buyText(buys[w] ?? null, speech) : '…' }}</td>
          <td class="figure">{{ formatArea(way.area, speech) }}</td>
          <td>
            <Figure
              v-if="way.length !== null"
              :path="`${path}.ways.${w}.length`"
              title="Length of cloth for these pieces alone"
            /><template v-else>too large</template>
          </td>
          <td class="figure">{{ Math.round(Math.max(0, way.waste) * 100) }} %</td>
          <td class="figure">{{ formatCount(way.seams) }}</td>
          <td class="figure">{{ formatCount(way.cuts) }}</td>
          <td>{{ yesNo(way.trim) }}</td>
          <td class="figure">{{ way.biasEdges }}</td>
          <td class="figure">{{ way.over }}</td>
          <td v-if="isInPieces">{{ yesNo(way.fitsPieces) }}</td>
          <td class="no-print">
            <UButton
              v-if="way.method !== unit.method"
              class="!min-h-10 !px-3"
              :disabled="!canWrite || way.length === null"
              @click="emit('choose', way.method)"
            >
              Make it so</UButton
            ><strong v-else>as planned</strong>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="note figure mt-2 !whitespace-normal" data-testid="why-this-way">
      <span>{{ whyThisWay(unit, aim, buys, speech) }}</span> Seams and cuts are for one unit.
    </p>
    <UButton
      v-if="unit.isAsked && unit.ways.length > 1"
      class="no-print mt-2"
      :disabled="!canWrite"
      @click="emit('choose', null)"
    >
      Let the aim choose: {{ aimName(aim) }}
    </UButton>
  </div>
</template>

<style scoped>
.ways {
  width: 100%;
  border-collapse: collapse;
}
.ways th,
.ways td {
  padding: 0.3rem 0.5rem;
  text-align: left;
  border-top: 1px solid var(--line);
}
.ways td {
  white-space: nowrap;
}
.ways thead th {
  font-weight: 600;
  color: var(--soft);
  border-top: 0;
  line-height: 1.15;
}
.ways tbody th {
  font-weight: 500;
}
.chosen {
  background: color-mix(in srgb, var(--weld) 14%, transparent);
}
</style>

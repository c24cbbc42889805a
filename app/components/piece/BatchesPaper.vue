<script setup lang="ts">
import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { Picture } from '~~/core/make/steps/picture'
import type { Quilt } from '~~/core/file/quilt'
import { AT_STATION, batchGroups, HOW_AT, testParts } from '~~/words/batch'
import type { BatchBook } from '~~/words/batchBook'
import { CAUTIONS } from '~~/words/caution'
import { inEnglish, plural } from '~~/words/speech'
import { textOf } from '~~/words/textPart'
import type { Visit } from '~/composables/useBatches'

/** The batches on paper: how to work at each station once, the test blocks in one table, like steps told once. */
const { visits, book } = defineProps<{
  visits: readonly Visit[]
  book: BatchBook
  quilt: Quilt
  pictureOf: (batch: PlannedBatch) => Picture | null
}>()
const tests = computed(() => visits.filter(({ isTest }) => isTest))
const walks = computed(() =>
  visits.filter(({ isTest }) => !isTest).map(visit => ({ visit, groups: batchGroups(visit.batches, book) })),
)
const SHORT: Readonly<Record<PlannedBatch['at'], string>> = { mat: 'Mat', machine: 'Machine', iron: 'Iron' }
</script>

<template>
  <div class="paper">
    <h1 class="text-2xl">{{ quilt.name }}: the sewing in batches</h1>
    <p v-for="(how, at) in HOW_AT" :key="at">
      <strong>{{ AT_STATION[at] }}:</strong> {{ inEnglish(how, book.speech) }}
    </p>
    <p>{{ CAUTIONS.iron }} {{ CAUTIONS.needle }}</p>
    <table v-if="tests.length > 0" data-testid="test-table">
      <caption>
        First one block of each kind, to measure before the rest is sewn. How each is done is told below.
      </caption>
      <tbody>
        <tr v-for="(visit, v) in tests" :key="v">
          <td class="box">☐</td>
          <th scope="row">{{ v + 1 }} {{ SHORT[visit.at] }}</th>
          <td>
            <template v-for="{ work, to } in testParts(visit.batches, book)" :key="work"
              ><strong>{{ work }}</strong> {{ to }}.
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <h2 class="text-lg">All of it, in {{ plural(walks.length, 'walk') }}</h2>
    <section v-for="({ visit, groups }, w) in walks" :key="w" class="walk">
      <h3>{{ w + 1 }} {{ AT_STATION[visit.at] }}</h3>
      <ul>
        <li v-for="(group, g) in groups" :key="g">
          <div class="shot">
            <PictureView
              v-if="pictureOf(visit.batches[group.first]!)"
              :picture="pictureOf(visit.batches[group.first]!)!"
              :cloths="quilt.cloths"
              :label="textOf(group.parts)"
            />
          </div>
          <p>
            <strong v-if="group.kind">{{ group.kind }}. </strong>
            <template v-for="{ name, count } in group.of" :key="name"
              ><span class="whitespace-nowrap">☐ {{ count }} ×</span> {{ name }}.
            </template>
            <FigureText :parts="group.parts" />
          </p>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.paper {
  font-size: 9.5pt;
  line-height: 1.28;
}
table {
  width: 100%;
  margin: 2mm 0;
  border-collapse: collapse;
}
caption {
  padding-bottom: 1mm;
  font-weight: 650;
  text-align: left;
}
th,
td {
  padding: 0.6mm 1mm;
  border-top: 1px solid var(--line);
  text-align: left;
  vertical-align: top;
}
th {
  white-space: nowrap;
}
.box {
  width: 5mm;
}
.walk h3 {
  margin-top: 2mm;
  font-weight: 700;
  break-after: avoid;
}
ul {
  columns: 2;
  column-gap: 6mm;
}
li {
  display: flex;
  gap: 2mm;
  padding: 0.8mm 0;
  border-top: 1px solid var(--line);
  break-inside: avoid;
}
.shot {
  flex: none;
  width: 13mm;
  height: 11mm;
}
</style>

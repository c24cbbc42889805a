<script setup lang="ts">
import type { PileLabel } from '~~/words/cuttingList'

/** Labels to print, cut apart and lay on the piles. */
const { labels, title } = defineProps<{ labels: readonly PileLabel[]; title: string }>()
</script>

<template>
  <section class="labels" aria-label="Labels for the piles">
    <h1 class="title">Piles of {{ title }}. Seam included in every size.</h1>
    <ul>
      <li v-for="label in labels" :key="label.id" data-testid="pile-label">
        <span class="tag">{{ label.letter }}</span>
        <p>
          <strong>{{ label.cloth }}</strong><br /><span class="figure">{{ label.size }}</span
          >, {{ label.count }}<br />{{ label.use }}
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.title {
  font-size: 13pt;
  margin-bottom: 3mm;
}
ul {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
}
li {
  display: flex;
  gap: 3mm;
  align-items: center;
  min-height: 26mm;
  padding: 2mm;
  border: 0.5px dashed #777;
  break-inside: avoid;
  font-size: 10pt;
  line-height: 1.3;
}
.tag {
  font-size: 20pt;
  height: 13mm;
  min-width: 13mm;
}
</style>

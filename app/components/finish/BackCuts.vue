<script setup lang="ts">
import { clothOf, type Quilt } from '~~/core/file/quilt'
import type { PlannedPiecedBack } from '~~/core/plan/plannedPiecedBack'
import { pieceNames, thingText } from '~~/words/back'

/** What is cut for a pieced back, from what. */
const { back, quilt } = defineProps<{ back: PlannedPiecedBack; quilt: Quilt }>()
const cloth = computed(() => clothOf(quilt, quilt.backing!.cloth))
/** For each thing the pieces cut from it, with their names and their paths. */
const cuts = computed(() => {
  const names = pieceNames(back)
  const found = back.things.map(() => [] as { name: string; path: string }[])
  back.panels.forEach(({ units }, p) => {
    units.forEach(({ pieces }, u) => {
      pieces.forEach(({ thing }, i) => {
        const path = `backing.pieced.panels.${p}.units.${u}.pieces.${i}`
        if (thing !== null) found[thing]!.push({ name: names[p]![u]![i]!, path })
      })
    })
  })
  return found
})
</script>

<template>
  <section class="card" aria-label="What to cut" data-testid="back-cuts">
    <h2 class="mb-2">Cut</h2>
    <p class="note mb-2">Square each one up first. Seam included in every size.</p>
    <table class="w-full text-left">
      <tbody>
        <tr v-for="(thing, i) in back.things" :key="i" class="border-t border-line">
          <td class="py-1.5 pr-3 font-bold">{{ i + 1 }}</td>
          <td class="py-1.5 pr-3">
            <span class="flex items-center gap-2">
              <ClothSwatch v-if="thing.cloth !== null" :cloth="clothOf(quilt, thing.cloth)" :size="28" />
              {{ thingText(thing) }}
            </span>
          </td>
          <td class="py-1.5 pr-3">
            <Figure :path="`backing.pieced.things.${i}.width`" title="As it is" /> ×
            <Figure :path="`backing.pieced.things.${i}.height`" title="As it is" />
          </td>
          <td class="py-1.5">
            <span v-for="{ name, path } in cuts[i]" :key="path" class="mr-4 inline-block"
              ><strong>{{ name }}</strong
              >{{ ' ' }}<Figure :path="`${path}.width`" title="Cut to" /> ×
              <Figure :path="`${path}.height`" title="Cut to"
            /></span>
          </td>
        </tr>
        <tr v-for="(own, i) in back.bought" :key="`new ${i}`" class="border-t border-line">
          <td class="py-1.5 pr-3 font-bold">new</td>
          <td class="py-1.5 pr-3">
            <span class="flex items-center gap-2">
              <ClothSwatch :cloth="cloth" :size="28" />
              {{ cloth.name }}, new
            </span>
          </td>
          <td />
          <td class="py-1.5">
            <template v-if="own.count > 1">{{ own.count }} of </template>
            <Figure :path="`backing.pieced.bought.${i}.width`" title="Cut to" /> ×
            <Figure :path="`backing.pieced.bought.${i}.height`" title="Cut to" />
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

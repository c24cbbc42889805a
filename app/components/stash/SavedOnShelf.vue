<script setup lang="ts">
import { formatLength } from '~~/words/length'
import { savedInAll } from '~~/words/supply'
import { formatMoney } from '~~/words/sum'

/** What laying out saved of cloth, on every quilt of the shelf and in all. */
const speech = useSpeech()
const { state, rows, start, stop } = useSavedOnShelf()
const total = computed(() => savedInAll(rows.value, speech.value))
const hasMoney = computed(() => rows.value.some(({ saved }) => saved?.cost != null))
</script>

<template>
  <section class="card" aria-label="Saved on all quilts" data-testid="saved-on-shelf">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">Saved on all quilts</h2>
      <UButton v-if="state === 'running'" variant="solid" @click="stop()"
        ><UIcon name="i-lucide-square" class="size-5" />Stop</UButton
      >
      <UButton v-else @click="start()">Work it out</UButton>
    </div>
    <p class="note mt-2">Against each size in full strips of its own, as cut with a pencil list.</p>
    <p v-if="state === 'failed'" class="wrong mt-2" role="alert">It stopped by itself. What it worked out is below.</p>
    <template v-if="rows.length > 0">
      <table class="mt-3 w-full max-w-xl">
        <thead>
          <tr class="text-left">
            <th>Quilt</th>
            <th class="text-right">Cloth</th>
            <th v-if="hasMoney" class="text-right">Money</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ id, name, saved } in rows" :key="id" class="border-t border-line">
            <td class="py-1.5">{{ name }}</td>
            <td class="figure text-right">{{ saved ? formatLength(saved.inches, speech) : 'cannot be planned' }}</td>
            <td v-if="hasMoney" class="figure text-right">
              {{ saved?.cost == null ? '' : formatMoney(saved.cost) }}
            </td>
          </tr>
        </tbody>
      </table>
      <p class="figure mt-2 font-bold !whitespace-normal" role="status" data-testid="saved-in-all">{{ total }}</p>
    </template>
    <p v-else-if="state === 'done'" class="note mt-2" role="status">No quilt is on the shelf.</p>
  </section>
</template>

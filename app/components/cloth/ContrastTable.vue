<script setup lang="ts">
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { dimensionsOf } from '~~/core/top/dimensions'
import { touchingCloths } from '~~/core/wall/touchingCloths'
import { contrastText, whereTouching } from '~~/words/contrast'
import { inEnglish } from '~~/words/speech'

/** Cloths that are sewn to each other, those nearest in lightness first; worked out when it is opened. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const store = useQuilt()
const speech = useSpeech()
const isOpen = ref(false)
/** Of more places the page would stand still. */
const MOST_PLACES = 2500
const isTooMany = computed(() => quilt.setting.cells.flat().length > MOST_PLACES)
const pairs = computed(() =>
  isOpen.value && !isTooMany.value
    ? touchingCloths(quilt, dimensionsOf(quilt)).map(pair => ({
        ...pair,
        one: clothOf(quilt, pair.cloths[0]),
        other: clothOf(quilt, pair.cloths[1]),
      }))
    : [],
)
</script>

<template>
  <section class="card no-print" aria-label="Contrast of cloths that touch" data-testid="contrast">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">Contrast of cloths that touch</h2>
      <UButton :aria-expanded="isOpen" @click="isOpen = !isOpen"
        ><UIcon name="i-lucide-contrast" class="size-5" />{{ isOpen ? 'Put it away' : 'Show it' }}</UButton
      >
    </div>
    <p v-if="isOpen && isTooMany" class="note mt-2">
      A quilt of so many blocks is judged from afar: hang it on the wall.
    </p>
    <p v-else-if="isOpen && pairs.length === 0" class="note mt-2">No two cloths touch yet.</p>
    <table v-else-if="isOpen" class="mt-3 w-full">
      <thead>
        <tr class="note text-left">
          <th>Cloths</th>
          <th>{{ inEnglish('In gray', speech) }}</th>
          <th class="text-right">Apart in lightness, of 100</th>
          <th class="pl-4">How it looks</th>
          <th class="pl-4">Where</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="pair in pairs" :key="pair.cloths.join()" class="border-t border-line">
          <td class="py-1">
            <span class="flex flex-wrap items-center gap-2"
              ><ClothSwatch :cloth="pair.one" :size="32" /><ClothSwatch :cloth="pair.other" :size="32" />{{
                pair.one.name
              }}, {{ pair.other.name }}</span
            >
          </td>
          <td>
            <span class="flex"
              ><ClothSwatch :cloth="{ ...pair.one, letter: '' }" :size="32" grey /><ClothSwatch
                :cloth="{ ...pair.other, letter: '' }"
                :size="32"
                grey
            /></span>
          </td>
          <td class="figure text-right" data-given>{{ Math.round(pair.difference) }}</td>
          <td class="pl-4">{{ contrastText(pair, speech) }}</td>
          <td class="pl-4">{{ whereTouching(pair, store.blockNames) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

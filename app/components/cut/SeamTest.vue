<script setup lang="ts">
import { expectedSeamTest, sewnSeam } from '~~/core/made/measures'
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { Quilt } from '~~/core/quilt/quilt'
import { CAUTIONS } from '~~/words/caution'
import { formatLength, formatSmall } from '~~/words/length'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const test = computed(() => quilt.made.findLast(entry => entry.what === 'seam-test'))
const strips = ref(test.value?.strips ?? 2)
const cut = ref(test.value?.cut ?? 3)
const expected = computed(() => expectedSeamTest(strips.value, cut.value, quilt.seam))
const sewn = computed(() => test.value?.measured === undefined ? null : sewnSeam(test.value.strips!, test.value.cut!, test.value.measured))
const off = computed(() => sewn.value === null ? 0 : sewn.value - quilt.seam)
const isRight = computed(() => sewn.value !== null && Math.abs(off.value) < 1 / 64)
</script>

<template>
  <section class="card" aria-label="Seam test">
    <div class="flex items-center gap-3"><h2 class="mr-auto">First: test your seam</h2><span v-if="isRight" class="tag" title="The seam is right" style="color: var(--good)"><UIcon name="i-lucide-check" class="size-5" /></span></div>
    <p class="figure mt-1 !whitespace-normal">Sew {{ strips }} strips, each cut {{ formatLength(cut, speech) }} wide, side by side; press. They should measure <strong data-testid="seam-expected">{{ formatLength(expected, speech) }}</strong>.</p>
    <div class="mt-3 grid gap-3 sm:grid-cols-3">
      <label><span class="label">Strips</span><select v-model.number="strips" class="field figure"><option v-for="n in [2, 3, 4, 5]" :key="n" :value="n">{{ n }}</option></select></label>
      <LengthField label="Each cut" :value="cut" :least="1" :most="12" :step="1 / 2" hide-steps @commit="v => cut = v" />
      <LengthField label="They measure" :value="test?.measured ?? null" :least="0.5" :most="60" :step="1 / 16" hide-steps @commit="v => emit('edit', 'seam test', setMeasures({ what: 'seam-test', strips, cut, measured: v }))" />
    </div>
    <p v-if="sewn !== null" class="figure mt-3 !whitespace-normal" role="status" :class="isRight ? '' : 'caution'" data-testid="seam-verdict">
      <template v-if="isRight">Your seam is right.</template>
      <template v-else>Your seam takes {{ formatSmall(Math.abs(off), speech) }} too {{ off > 0 ? 'much' : 'little' }}. Move the needle or the guide {{ formatSmall(Math.abs(off), speech) }} {{ off > 0 ? 'towards' : 'away from' }} the edge of the cloth, and sew the test again.</template>
      <button type="button" class="button quiet" @click="emit('edit', 'seam test again', removeMeasures('seam-test'))">Test again</button>
    </p>
    <p class="caution mt-3">{{ CAUTIONS.needle }}</p>
  </section>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setMeasures } from '~~/core/edits/record'
import { SEAM_TOLERANCE } from '~~/core/made/seamTest'
import type { Inches } from '~~/core/measure/ruler'
import type { Plan } from '~~/core/plan/plan'
import { CAUTIONS } from '~~/words/caution'
import { formatLength, formatSmall } from '~~/words/length'

const { test } = defineProps<{ test: Plan['seamTest'] }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const isRight = computed(() => test.off !== null && Math.abs(test.off) < SEAM_TOLERANCE)
/** Another number or width of strips is another test: what was measured of the old one no longer counts. */
function choose(strips: number, cut: Inches) {
  emit('edit', 'strips of the seam test', setMeasures({ what: 'seam-test', strips, cut }))
}
</script>

<template>
  <section class="card" aria-label="Seam test">
    <div class="flex items-center gap-3">
      <h2 class="mr-auto">First: test your seam</h2>
      <span v-if="isRight" class="tag" title="The seam is right" style="color: var(--good)"
        ><UIcon name="i-lucide-check" class="size-5"
      /></span>
    </div>
    <p class="figure mt-1 !whitespace-normal">
      Sew {{ test.strips }} strips, each cut <span data-given>{{ formatLength(test.cut, speech) }}</span> wide, side by
      side; press. They should measure
      <strong data-testid="seam-expected"><Figure path="seamTest.expected" title="Strips sewn together" /></strong>.
    </p>
    <div class="mt-3 grid gap-3 sm:grid-cols-3">
      <label
        ><span class="label">Strips</span
        ><select
          :value="test.strips"
          class="field figure"
          @change="e => choose(Number((e.target as HTMLSelectElement).value), test.cut)"
        >
          <option v-for="n in [2, 3, 4, 5]" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
      <LengthField
        label="Each cut"
        :value="test.cut"
        :least="1"
        :most="12"
        :step="1 / 2"
        hide-steps
        @commit="v => choose(test.strips, v)"
      />
      <LengthField
        label="They measure"
        :value="test.measured"
        :least="0.5"
        :most="60"
        :step="1 / 16"
        hide-steps
        @commit="
          v =>
            emit(
              'edit',
              'seam test',
              setMeasures({ what: 'seam-test', strips: test.strips, cut: test.cut, measured: v }),
            )
        "
      />
    </div>
    <p
      v-if="test.off !== null"
      class="figure mt-3 !whitespace-normal"
      role="status"
      :class="isRight ? '' : 'caution'"
      data-testid="seam-verdict"
    >
      <template v-if="isRight">Your seam is right.</template>
      <template v-else
        >Your seam takes
        <Figure
          path="seamTest.off"
          :text="formatSmall(Math.abs(test.off), speech)"
          title="Seam as sewn, and as wanted"
        />
        too {{ test.off > 0 ? 'much' : 'little' }}. Move the needle or the guide as far
        {{ test.off > 0 ? 'towards' : 'away from' }} the edge of the cloth, and sew the test again.</template
      >
      <button type="button" class="button quiet" @click="choose(test.strips, test.cut)">Test again</button>
    </p>
    <p class="caution mt-3">{{ CAUTIONS.needle }}</p>
  </section>
</template>

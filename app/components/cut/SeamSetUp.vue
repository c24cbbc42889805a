<script setup lang="ts">
import type { SeamTestWords } from '~~/core/edits/record'
import type { Plan } from '~~/core/plan/plan'
import { formatMillimetres } from '~~/words/length'

/** In which cloth and on which machine a seam is tested, and the tests there are. */
const { test, setup } = defineProps<{ test: Plan['seamTest']; setup: SeamTestWords }>()
const emit = defineEmits<{
  describe: [words: SeamTestWords]
  /** It was moved; undefined: not known any more. */
  needle: [at: number | undefined]
  remove: [test: number]
}>()
</script>

<template>
  <details class="mt-3" :open="test.tests.length > 1">
    <summary class="min-h-11 cursor-pointer py-2 font-semibold">Which cloth, machine, needle; tests so far</summary>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <div role="group" aria-label="Cloth of the test" class="flex gap-2">
        <UButton
          v-for="cloth in ['thin', 'thick'] as const"
          :key="cloth"
          :class="{ chosen: setup.cloth === cloth }"
          :aria-pressed="setup.cloth === cloth"
          @click="emit('describe', { cloth: setup.cloth === cloth ? undefined : cloth })"
        >
          {{ cloth }} cloth
        </UButton>
      </div>
      <TextField
        place="w-40"
        label="Machine"
        :most="80"
        :value="setup.machine ?? ''"
        @commit="machine => emit('describe', { machine: machine || undefined })"
      />
      <TextField
        place="w-40"
        label="Thread"
        :most="80"
        :value="setup.thread ?? ''"
        @commit="thread => emit('describe', { thread: thread || undefined })"
      />
      <NumberField
        place="w-40"
        label="Needle stands at"
        :value="setup.needle ?? null"
        :least="-100"
        :most="100"
        :decimals="2"
        :step="0.5"
        may-be-empty
        @commit="needle => emit('needle', needle)"
        @empty="emit('needle', undefined)"
      />
    </div>
    <p class="note mt-1">
      The needle by the numbers of your own machine: two tests with the needle elsewhere tell what a step is.
      <template v-if="test.step !== null"
        >A step moves the seam by
        <Figure
          path="seamTest.step"
          :text="formatMillimetres(Math.abs(test.step))"
          title="What one step of the needle moves"
        />.</template
      >
    </p>
    <SeamRecord v-if="test.tests.length > 0" :test="test" @remove="i => emit('remove', i)" />
  </details>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import { timesPlaced } from '~~/core/top/places'

/** What comes before all cutting: the test of the seam, and one block. */
const { quilt, plan } = defineProps<{ quilt: Quilt; plan: Plan }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const edit = (name: string, change: Edit) => emit('edit', name, change)
/** The block with the most to cut is the one to try first. */
const testBlock = computed(() => {
  const blocks = plan.blocks
    .map((block, index) => ({ block, index }))
    .filter(({ block }) => block.test.length > 0 && timesPlaced(quilt, block.id) > 0)
  return blocks.sort((a, b) => b.block.test.length - a.block.test.length)[0] ?? null
})
const isTested = computed(() => testBlock.value !== null && quilt.made.some(entry => entry.what === 'block'))
/** Open until the block was tested; what was opened stays open while one reads what came of it. */
const isTestShown = ref(!isTested.value)
</script>

<template>
  <details class="no-print mb-5" :open="isTestShown" @toggle="e => (isTestShown = isOpened(e))">
    <summary class="mb-3 cursor-pointer text-lg font-semibold">
      Seam test and test block {{ isTested ? '(done)' : 'come first' }}
    </summary>
    <div class="grid items-start gap-4 lg:grid-cols-2">
      <SeamTest :test="plan.seamTest" :quilt="quilt" @edit="edit" />
      <TestBlock
        v-if="testBlock"
        :quilt="quilt"
        :planned="testBlock.block"
        :path="`blocks.${testBlock.index}`"
        @edit="edit"
      />
    </div>
  </details>
  <template v-if="testBlock && !isTested">
    <p class="caution no-print mb-4" data-testid="test-first">
      The rest of the sheet is below. Wait with it until the test block measures right.
    </p>
    <p class="print-only caution mb-2">
      First cut for one block only, sew it and measure it; the rest waits until it measures right.
    </p>
  </template>
</template>

<script setup lang="ts">
import type { Plan } from '~~/core/plan/plan'
import { leanOf } from '~~/core/layers/holding'
import { formatLength } from '~~/words/length'

/** What the quilted quilt is trimmed to, and what its diagonals say of its corners. */
const { trim } = defineProps<{ trim: Plan['trim'] }>()
const speech = useSpeech()
const one = ref<number | null>(null)
const other = ref<number | null>(null)
/** Less than this is lost in the batting. */
const UNSEEN = 1 / 8
const lean = computed(() =>
  one.value === null || other.value === null ? null : leanOf(one.value, other.value, trim.width),
)
</script>

<template>
  <p class="note">
    To <Figure path="trim.measures.width.expected" title="Trim to this width" /> ×
    <Figure path="trim.measures.height.expected" title="Trim to this height" />, or to what it measures in its middle
    where quilting drew it in: long ruler along the border's seam, square ruler in each corner. Both diagonals should
    measure <Figure path="trim.diagonal" title="From corner to corner" />.
  </p>
  <details class="no-print">
    <summary class="cursor-pointer py-1 font-semibold">My diagonals differ</summary>
    <div class="mt-1 grid gap-3 sm:grid-cols-2">
      <LengthField
        label="One diagonal"
        :value="one"
        :least="1"
        :most="400"
        hide-steps
        :step="1 / 8"
        @commit="v => (one = v)"
      />
      <LengthField
        label="The other"
        :value="other"
        :least="1"
        :most="400"
        hide-steps
        :step="1 / 8"
        @commit="v => (other = v)"
      />
    </div>
    <p v-if="lean !== null" role="status" data-given data-testid="lean">
      <template v-if="lean < UNSEEN">That is square enough: trim.</template>
      <template v-else
        >The upper edge leans {{ formatLength(lean, speech) }} to one side over the whole height. Wet the quilt, pull
        along the shorter diagonal until both are alike, pin it out and let it dry; or trim the corners square and lose
        half of that on either side.</template
      >
    </p>
  </details>
</template>

<script setup lang="ts">
import type { SewingStage } from '~~/core/make/steps/stage'
import type { Cloth } from '~~/core/file/quilt'
import { stageParts } from '~~/words/stage'
import { textOf } from '~~/words/textPart'

/** What hands do within one step, with a picture of each; opened by who wants it. */
const { stages } = defineProps<{ stages: readonly SewingStage[]; cloths: readonly Cloth[] }>()
const store = useQuilt()
const speech = useSpeech()
const parts = computed(() => stages.map(stage => stageParts(stage, speech.value, store.clothNames)))
</script>

<template>
  <details class="mt-1" data-testid="stages">
    <summary class="cursor-pointer py-2 font-semibold">Stage by stage ({{ stages.length }})</summary>
    <ol class="space-y-3">
      <li v-for="(stage, i) in stages" :key="i">
        <div class="shot"><PictureView :picture="stage.picture" :cloths="cloths" :label="textOf(parts[i]!)" /></div>
        <p class="figure !whitespace-normal">
          <strong>{{ i + 1 }}.</strong> <FigureText :parts="parts[i]!" />
        </p>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.shot {
  height: 8rem;
  margin-bottom: 0.4rem;
}
</style>

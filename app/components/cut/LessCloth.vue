<script setup lang="ts">
import { dropLayout } from '~~/core/edits/layouts'
import { layoutState } from '~~/words/layouts'
import type { CutCloth } from '~/composables/useCutSteps'

/** How near the layout of a cloth is to the least that is possible, and a search for a shorter or an easier one. */
const { cut } = defineProps<{ cut: CutCloth }>()
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const { aim, state, looked, before, start, stop } = useLessCloth(() => cut.cloth.id)
const path = computed(() => `cloths.${cut.index}`)
const isKept = computed(() => store.quilt?.layouts[cut.cloth.id] !== undefined)
/** A strip that is cut stays where it was. */
const isBegun = computed(() => cut.progress.some(strip => strip.cut > 0))
const isCut = computed(() => cut.progress.every(strip => strip.done))
const words = computed(() =>
  layoutState(
    {
      state: state.value,
      aim: aim.value,
      before: before.value,
      looked: looked.value,
      need: cut.need,
      isBegun: isBegun.value,
    },
    speech.value,
  ),
)
</script>

<template>
  <div
    v-if="cut.need.unit === 'in' && !isCut"
    class="no-print mb-3 flex flex-wrap items-center gap-3"
    data-testid="less-cloth"
  >
    <p class="mr-auto min-w-0">
      <span v-if="words.isProved">No layout takes less: proved.</span>
      <span v-else-if="words.tried">{{ words.tried }}</span>
      <span v-else-if="words.isLoose">How near it is to the least possible could not be proved.</span>
      <span v-else
        >Within <Figure :path="`${path}.gap`" kind="part" title="Over the least possible" /> of the least
        possible.</span
      >
      <span v-if="cut.need.saved > 1 / 16" class="ml-2"
        >Saved against each size in strips of its own: <Figure :path="`${path}.saved`" title="Saved" /><template
          v-if="cut.need.savedCost !== null"
          >, worth <Figure :path="`${path}.savedCost`" kind="money" title="Saved, in money" /></template
        >.</span
      >
      <span class="ml-2"
        ><Figure :path="`${path}.cuts`" kind="count" title="Cuts, like strips on each other" />
        {{ cut.need.cuts === 1 ? 'cut' : 'cuts' }}.</span
      >
      <span v-if="words.told" class="ml-2" role="status" data-testid="layout-told">{{ words.told }}</span>
    </p>
    <template v-if="state === 'running'">
      <UProgress
        class="w-40"
        :model-value="Math.round((looked?.part ?? 0) * 100)"
        aria-label="Part of the search done"
      />
      <UButton variant="solid" @click="stop()"><UIcon name="i-lucide-square" class="size-5" />Stop and keep</UButton>
    </template>
    <template v-else-if="store.canWrite && !isBegun">
      <UButton v-if="!words.isProved && !words.tried" @click="start('shorter')"
        ><UIcon name="i-lucide-scissors-line-dashed" class="size-5" />Look for a shorter layout</UButton
      >
      <UButton @click="start('easier')">Look for fewer cuts</UButton>
    </template>
    <UButton
      v-if="isKept && state !== 'running' && store.canWrite && !isBegun"
      @click="edit('layout as at first', dropLayout(cut.cloth.id))"
      >As at first</UButton
    >
  </div>
</template>

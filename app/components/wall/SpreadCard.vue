<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Quilt } from '~~/core/file/quilt'
import { inEnglish, plural } from '~~/words/speech'
import { improvedText, spreadAims } from '~~/words/wall'

/** The blocks rearranged by what is wanted of them; shown as it is found, and taken or put back. */
const { quilt, spread } = defineProps<{ quilt: Quilt; spread: ReturnType<typeof useSpread>; canWrite: boolean }>()
const speech = useSpeech()
const { state, part, better, outcome } = spread

const aims = computed(() => spreadAims().map(aim => ({ ...aim, label: inEnglish(aim.label, speech.value) })))
const aim = ref('even')
const cloths = computed(() => fabricsOf(quilt.cloths))
const cloth = ref(cloths.value[0]?.id ?? '')
const canTurn = ref(false)
/** Another layout each time it is asked for. */
const seed = ref(0)
function start() {
  const chosen = aims.value.find(({ value }) => value === aim.value)!.aim
  seed.value += 1
  spread.start(chosen.kind === 'gather' ? { ...chosen, cloth: cloth.value } : chosen, canTurn.value, seed.value)
}
</script>

<template>
  <section class="space-y-3" aria-labelledby="spread">
    <h2 id="spread" class="pr-10">Spread the blocks</h2>
    <template v-if="state === 'idle' || state === 'failed' || state === 'nothing'">
      <p class="note">
        Blocks of one size change places; locked ones stay.
        {{ inEnglish('It goes by the colors of the cloths, and looks at neighbors and at the whole.', speech) }}
      </p>
      <RadioField label="How" :value="aim" :options="aims" look="cards" @choose="value => (aim = value)" />
      <ClothPicker
        v-if="aim === 'gather'"
        :label="inEnglish('The color', speech)"
        :cloths="cloths"
        :value="cloth"
        @choose="id => id && (cloth = id)"
      />
      <YesNoField label="Blocks may be turned too" :value="canTurn" @choose="value => (canTurn = value)" />
      <p v-if="state === 'nothing'" class="note" role="status">Nothing better was found.</p>
      <p v-if="state === 'failed'" class="wrong" role="alert">That broke off. Nothing was changed; try it once more.</p>
      <UButton variant="solid" :disabled="!canWrite" @click="start">
        <UIcon name="i-lucide-sparkles" class="size-5" />Spread them
      </UButton>
    </template>
    <template v-else-if="state === 'running'">
      <p role="status">Trying exchanges … {{ better > 0 ? `${plural(better, 'better layout')} so far.` : '' }}</p>
      <UProgress :model-value="Math.round(100 * part)" aria-label="How far it is" />
      <UButton @click="spread.stop()"><UIcon name="i-lucide-square" class="size-5" />Stop here</UButton>
    </template>
    <template v-else>
      <p v-if="outcome" role="status" data-testid="improved" class="font-semibold">
        {{ improvedText(outcome.before, outcome.after, speech) }}
      </p>
      <div class="flex flex-wrap gap-2">
        <UButton variant="solid" @click="spread.take()">Keep it so</UButton>
        <UButton @click="spread.putBack()">Put them back</UButton>
        <UButton @click="start">Another one</UButton>
      </div>
    </template>
  </section>
</template>

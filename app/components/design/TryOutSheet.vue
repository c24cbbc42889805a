<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { dimensionsOf } from '~~/core/top/dimensions'
import { seamEstimate } from '~~/core/top/seamEstimate'
import { formatSize } from '~~/words/length'
import { capital } from '~~/words/names'
import { inEnglish } from '~~/words/speech'
import { trialText, tryOutName } from '~~/words/tryOuts'
import { AS_IT_IS, type Trial } from '~/composables/useTrials'

const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const speech = useSpeech()
const { trials, pins, dropped, figures, pin, again } = useTrials(
  () => file,
  () => quilt,
)
const said = (trial: Trial) => capital(inEnglish(tryOutName(trial.name), speech.value))
const sizeOf = (tried: Quilt) => {
  const { width, height } = dimensionsOf(tried).top.stages.at(-1)!
  return formatSize(width.total, height.total, speech.value)
}
/** The quilt as it is now, and what is pinned beside it. */
const beside = computed(() => [
  { key: AS_IT_IS, quilt, name: 'As it is now', trial: null },
  ...pins.value.map(trial => ({ key: trial.key, quilt: trial.quilt, name: said(trial), trial })),
])
const isPinned = ({ key }: Trial) => pins.value.some(other => other.key === key)
function take(trial: Trial) {
  open.value = false
  emit('edit', tryOutName(trial.name), trial.edit)
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Try-outs"
    description="The same blocks and cloths, set in other ways"
    :ui="{ content: 'max-w-6xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <section v-if="pins.length > 0" class="pins" aria-label="Pinned side by side">
        <article v-for="{ key, quilt: shown, name, trial } in beside" :key="key" class="pin" data-testid="pinned">
          <QuiltPicture :quilt="shown" :width="260" :height="220" />
          <h3>{{ name }}</h3>
          <p class="figure !whitespace-normal">{{ sizeOf(shown) }}</p>
          <p v-if="figures.get(key)" class="figure !whitespace-normal">
            {{ trialText(figures.get(key)!, seamEstimate(shown, dimensionsOf(shown)), speech) }}
          </p>
          <p v-else class="note">{{ figures.has(key) ? 'This one could not be worked out.' : 'working it out …' }}</p>
          <div v-if="trial" class="mt-auto flex gap-2">
            <UButton class="chosen grow !px-2" @click="take(trial)">Take it</UButton>
            <UButton variant="ghost" square :aria-label="`Unpin ${name}`" @click="pin(trial)">
              <UIcon name="i-lucide-pin-off" class="size-5" />
            </UButton>
          </div>
        </article>
      </section>
      <p v-else class="note mb-3">
        Press one to take it; Undo brings the quilt back. Pin up to three to see them beside the quilt as it is now,
        with their figures.
      </p>
      <p v-if="dropped" class="caution mb-3" role="status" data-testid="dropped">
        Four stand side by side: {{ said(dropped) }} is no longer pinned.
      </p>
      <ul class="sheet">
        <li v-for="trial in trials" :key="trial.key" class="tile" data-testid="try-out">
          <button type="button" class="take" @click="take(trial)">
            <QuiltPicture :quilt="trial.quilt" :width="220" :height="190" />
            <strong>{{ said(trial) }}</strong>
            <span class="note figure !whitespace-normal">{{ sizeOf(trial.quilt) }}</span>
          </button>
          <UButton
            variant="ghost"
            square
            class="corner"
            :aria-pressed="isPinned(trial)"
            :aria-label="`${isPinned(trial) ? 'Unpin' : 'Pin'} ${said(trial)}`"
            @click="pin(trial)"
          >
            <UIcon :name="isPinned(trial) ? 'i-lucide-pin-off' : 'i-lucide-pin'" class="size-5" />
          </UButton>
          <UButton
            v-if="trial.name.kind === 'turns' && trial.name.pattern === 'random'"
            variant="ghost"
            class="!px-2"
            @click="again"
          >
            <UIcon name="i-lucide-dices" class="size-5" />Another one
          </UButton>
        </li>
      </ul>
    </template>
  </UModal>
</template>

<style scoped>
.sheet,
.pins {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11.5rem, 1fr));
  gap: 0.6rem;
}
.pins {
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  margin-bottom: 1rem;
  padding-bottom: 1rem;
  border-bottom: 2px dashed var(--line);
}
.pin,
.tile {
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 0.3rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  padding: 0.4rem;
}
.pin {
  background: var(--linen);
  padding: 0.7rem;
}
.take {
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  width: 100%;
  text-align: left;
  line-height: 1.25;
  cursor: pointer;
}
.tile:hover {
  border-color: var(--madder);
}
.corner {
  position: absolute;
  top: 0.3rem;
  right: 0.3rem;
  background: var(--paper);
}
</style>

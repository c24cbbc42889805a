<script setup lang="ts">
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import { setFill } from '~~/core/edits/setting'
import type { Edit } from '~~/core/edits/edit'
import { setTurns, TURN_PATTERNS, type TurnPattern } from '~~/core/edits/turnPatterns'
import { inEnglish } from '~~/words/speech'
import { turnPatternName } from '~~/words/tryOuts'

/** Ways to fill all places of the quilt anew. */
const { quilt, hasOwnPlaces } = defineProps<{
  quilt: Quilt
  /** Single places were turned, mirrored, dressed or exchanged. */
  hasOwnPlaces: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; climb: [] }>()
const speech = useSpeech()

/** What blocks would stand where: one everywhere, or the first two like a chequerboard. */
const arrangements = computed(() => {
  const [first, second] = ownBlocks(quilt)
  const one = ownBlocks(quilt).map(block => ({ name: `${block.name} everywhere`, fill: [[block.id]] }))
  return first && second
    ? [
        {
          name: `${first.name} and ${second.name} by turns`,
          fill: [
            [first.id, second.id],
            [second.id, first.id],
          ],
        },
        ...one,
      ]
    : one
})
let seed = 0
/** Another random arrangement each time it is asked for. */
function nextSeed(pattern: TurnPattern): number {
  if (pattern === 'random') seed += 1
  return seed
}
const places = computed(() => quilt.setting.cells.reduce((sum, line) => sum + line.length, 0))
</script>

<template>
  <p class="mb-3">
    All {{ places }} places are filled anew.<template v-if="hasOwnPlaces">
      Turns, mirrors, exchanges and cloths of single places go (Undo brings them back).</template
    >
  </p>
  <p class="label">Turn the blocks</p>
  <div class="mb-3 flex flex-wrap gap-1.5">
    <UButton
      v-for="pattern in TURN_PATTERNS"
      :key="pattern"
      class="!px-3"
      @click="emit('edit', 'blocks turned', setTurns(quilt, pattern, nextSeed(pattern)))"
    >
      {{ inEnglish(turnPatternName(pattern), speech) }}
    </UButton>
  </div>
  <UButton class="mb-3 w-full" @click="emit('climb')">
    <UIcon name="i-lucide-trending-up" class="size-5" />{{ inEnglish('Colors that climb', speech) }} …
  </UButton>
  <p class="label">Fill the places</p>
  <UButton
    v-for="way in arrangements"
    :key="way.name"
    class="mb-2 w-full !justify-start text-left"
    @click="emit('edit', 'blocks laid out anew', setFill(way.fill))"
  >
    {{ way.name }}
  </UButton>
</template>

<script setup lang="ts">
import type { WallMark } from '~~/words/wall'

/** What the eye would catch, with the way to mend each; numbers are those in the drawing. */
const { marks, shown } = defineProps<{
  marks: readonly WallMark[]
  /** The one that is looked at; null: all of them. */
  shown: number | null
  canWrite: boolean
}>()
const emit = defineEmits<{ show: [mark: number | null]; mend: [mark: number] }>()
const MENDS: Readonly<Record<WallMark['mend'], string>> = {
  exchange: 'Exchange it',
  spread: 'Spread …',
  recolour: 'Change a cloth',
}
/** More are not read; mending the first brings up the next. */
const MOST = 30
const listed = computed(() => marks.slice(0, MOST))
</script>

<template>
  <section aria-labelledby="eye-catches">
    <h2 id="eye-catches" class="pr-10">What the eye would catch</h2>
    <p v-if="marks.length === 0" class="note mt-2">Nothing: it hangs well.</p>
    <ol class="mt-2 space-y-2">
      <li v-for="(mark, i) in listed" :key="i" class="mark" data-testid="mark">
        <UButton
          class="number"
          square
          :class="{ chosen: shown === i }"
          :aria-pressed="shown === i"
          :aria-label="`Show ${i + 1} alone`"
          @click="emit('show', shown === i ? null : i)"
          >{{ i + 1 }}</UButton
        >
        <div class="min-w-0 grow">
          <p>{{ mark.text }}</p>
          <UButton v-if="canWrite" class="mt-1 !px-3" @click="emit('mend', i)">{{ MENDS[mark.mend] }}</UButton>
        </div>
      </li>
    </ol>
    <p v-if="marks.length > MOST" class="note mt-2">And {{ marks.length - MOST }} more.</p>
  </section>
</template>

<style scoped>
.mark {
  display: flex;
  align-items: flex-start;
  gap: 0.6rem;
}
.number {
  font-weight: 700;
}
</style>

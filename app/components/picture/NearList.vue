<script setup lang="ts">
import { nearText } from '~~/words/pictures'
import { inEnglish } from '~~/words/speech'
import type { NearPlaces } from '~~/core/charts/nearLetters'

/** Letters that touch in cloths too near in value; each can be marked where it is. */
const { hands } = defineProps<{ hands: ReturnType<typeof usePictureLetters> }>()
const { near, letters, marked, subject } = hands
const hasSubject = computed(() => subject.value.size > 0)

const speech = useSpeech()
/** More than can be looked into. */
const MAX_SHOWN = 8
const said = ({ one, other, ...rest }: NearPlaces) =>
  inEnglish(nearText({ ...rest, letters: [letters.value[one]!.letter, letters.value[other]!.letter] }), speech.value)
</script>

<template>
  <section aria-label="Edges that melt" class="card space-y-2">
    <h3>Edges that melt</h3>
    <p v-if="near.length === 0" class="note">
      {{ hasSubject ? 'The subject stands out along all its edges.' : 'Every edge holds from afar.' }}
    </p>
    <p v-else-if="!hasSubject" class="note">
      Say which letters are the subject, and only its edges are looked at. Shades of one thing may melt.
    </p>
    <ul class="space-y-1">
      <li v-for="pair in near.slice(0, MAX_SHOWN)" :key="`${pair.one} ${pair.other}`">
        <YesNoField
          :value="marked.has(`${pair.one} ${pair.other}`)"
          :label="said(pair)"
          @choose="hands.toggleMark(`${pair.one} ${pair.other}`)"
        />
      </li>
    </ul>
    <p v-if="near.length > MAX_SHOWN" class="note">And {{ near.length - MAX_SHOWN }} more.</p>
  </section>
</template>

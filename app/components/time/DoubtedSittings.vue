<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setNoteMinutes } from '~~/core/edits/record'
import type { Sitting } from '~~/core/time/pace'
import { doubtText } from '~~/words/time'

/** Sittings that are hard to believe are asked back, and teach nothing until then. */
const { sittings, canWrite } = defineProps<{
  sittings: readonly (Sitting & { at: string; index: number })[]
  canWrite: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const speech = useSpeech()
const day = (at: string) =>
  new Date(at).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long' })
</script>

<template>
  <section class="card space-y-4" aria-label="Is that so?" data-testid="doubted">
    <h2>Is that so?</h2>
    <p>
      A clock left on, or ticks forgotten? These do not fit the others, and nothing is learnt from them until you say.
    </p>
    <div v-for="sitting in sittings" :key="sitting.index" class="border-t border-line pt-3">
      <p class="mb-2">
        {{ day(sitting.at) }}: <strong>{{ doubtText(sitting.minutes, sitting.amounts, speech) }}</strong>
      </p>
      <div class="flex flex-wrap items-end gap-3">
        <NumberField
          label="Minutes"
          place="w-28"
          :value="sitting.minutes"
          :least="1"
          :most="10000"
          :disabled="!canWrite"
          @commit="minutes => emit('edit', 'minutes put right', setNoteMinutes(sitting.index, minutes))"
        />
        <UButton
          :disabled="!canWrite"
          @click="emit('edit', 'it was so', setNoteMinutes(sitting.index, sitting.minutes, true))"
        >
          It was so
        </UButton>
      </div>
    </div>
  </section>
</template>

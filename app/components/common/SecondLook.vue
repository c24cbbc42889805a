<script setup lang="ts">
import type { Check } from '~~/core/checks/check'
import { mendsFor } from '~~/core/edits/mends'
import type { Edit } from '~~/core/edits/edit'
import { checkText, checkTitle } from '~~/words/check'
import { mendText } from '~~/words/mend'
import { inEnglish } from '~~/words/speech'
import type { Quilt } from '~~/core/file/quilt'

const { checks, quilt, blockNames } = defineProps<{
  checks: readonly Check[]
  quilt: Quilt
  blockNames: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ mend: [name: string, edit: Edit]; show: [check: Check] }>()
const open = defineModel<boolean>('open', { required: true })
const speech = useSpeech()
const WORDS = { error: 'cannot be made so', warn: 'look at this', note: 'good to know' } as const
</script>

<template>
  <USlideover
    v-model:open="open"
    title="Second look"
    description="Things worth looking at before you cut on"
    :ui="{ content: 'bg-paper max-w-lg', description: 'note', body: 'space-y-3' }"
  >
    <template #body>
      <p v-if="checks.length === 0" class="note py-8 text-center">Nothing to look at. It can all be made as it is.</p>
      <article v-for="(check, i) in checks" :key="i" class="card" :class="check.severity" :data-check="check.id">
        <p class="text-[0.92rem] font-bold" :class="check.severity === 'error' ? 'wrong' : 'note'">
          <UIcon
            :name="
              check.severity === 'error'
                ? 'i-lucide-octagon-alert'
                : check.severity === 'warn'
                  ? 'i-lucide-triangle-alert'
                  : 'i-lucide-info'
            "
            class="mr-1 size-5 align-text-bottom"
          />{{ WORDS[check.severity] }}
        </p>
        <h3 class="my-1">{{ inEnglish(checkTitle(check), speech) }}</h3>
        <p class="figure !whitespace-normal">{{ checkText(check, speech, blockNames) }}</p>
        <div class="mt-3 flex flex-wrap gap-2">
          <UButton @click="emit('show', check)">Show me</UButton>
          <UButton
            v-for="mend in mendsFor(check, quilt)"
            :key="JSON.stringify(mend.words)"
            variant="solid"
            @click="emit('mend', mendText(mend.words, speech), mend.edit)"
          >
            {{ mendText(mend.words, speech) }}
          </UButton>
        </div>
      </article>
    </template>
  </USlideover>
</template>

<style scoped>
.card {
  border-left-width: 6px;
}
.card.error {
  border-left-color: var(--madder);
}
.card.warn {
  border-left-color: var(--weld);
}
.card.note {
  border-left-color: var(--indigo-dye);
  color: var(--ink);
}
</style>

<script setup lang="ts">
import { bytesText, lastBackupText } from '~~/words/backup'
import { plural } from '~~/words/speech'

/** Everything into one file. */
const { last, changed, made, part, isRunning } = defineProps<{
  /** When the last one was made, as ISO text. */
  last: string | null
  changed: number
  made: { quilts: number; photos: number; left: number; bytes: number } | null
  /** Of 1. */
  part: number
  isRunning: boolean
}>()
const emit = defineEmits<{ make: []; stop: [] }>()
const shelf = useShelf()
const now = () => new Date().toISOString()
</script>

<template>
  <section class="card space-y-3" aria-label="Make a backup">
    <h2>Make a backup</h2>
    <p>
      {{ plural(shelf.quilts.length, 'quilt') }} with all that was measured and written down, the photographs and the
      stash, in one file. Keep it somewhere else than on this computer.
    </p>
    <p class="note" data-testid="last-backup">{{ lastBackupText(last, now(), changed) }}</p>
    <div v-if="isRunning" class="flex flex-wrap items-center gap-3">
      <UProgress :model-value="Math.round(part * 100)" class="max-w-80 grow" />
      <span class="figure" role="status">{{ Math.round(part * 100) }} %</span>
      <UButton @click="emit('stop')">Stop</UButton>
    </div>
    <UButton v-else variant="solid" @click="emit('make')">
      <UIcon name="i-lucide-archive" class="size-5" />Save everything as one file
    </UButton>
    <p v-if="made" role="status" data-testid="backup-made">
      Saved: {{ plural(made.quilts, 'quilt') }}, {{ plural(made.photos, 'photograph') }}, {{ bytesText(made.bytes) }}.
      <template v-if="made.left > 0">
        {{ plural(made.left, 'quilt') }} could not be read, and {{ made.left === 1 ? 'is' : 'are' }} not in it.
      </template>
    </p>
  </section>
</template>

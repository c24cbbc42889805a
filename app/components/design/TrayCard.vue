<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { addToTray } from '~~/core/edits/tray'
import type { Quilt } from '~~/core/file/quilt'
import { plural } from '~~/words/speech'

/** Blocks that exist already, laid in a tray before they are set. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  /** To the ways to bring them together. */
  together: []
}>()
const count = computed(() => quilt.tray.reduce((sum, entry) => sum + entry.count, 0))
const next = computed(() => `Sewn ${quilt.tray.length + 1}`)
</script>

<template>
  <section class="space-y-3.5" aria-labelledby="sewn-blocks">
    <h2 id="sewn-blocks" class="pr-10">Blocks sewn already</h2>
    <p class="note">
      Left from other projects, won, inherited: measure them from raw edge to raw edge, like ones together, by the
      smallest of them.
    </p>
    <ul class="space-y-6">
      <TrayRow
        v-for="(entry, at) in quilt.tray"
        :key="entry.id"
        :quilt="quilt"
        :at="at"
        @edit="(name, change) => emit('edit', name, change)"
      />
    </ul>
    <UButton class="w-full" @click="emit('edit', 'sewn blocks', addToTray(next))"
      ><UIcon name="i-lucide-plus" class="size-5" />{{
        quilt.tray.length === 0 ? 'Lay out the first' : 'Another kind'
      }}</UButton
    >
    <UButton v-if="count > 0" variant="solid" class="w-full" @click="emit('together')"
      >Bring {{ count === 1 ? 'it into a quilt' : `all ${plural(count, 'block')} together` }} …</UButton
    >
  </section>
</template>

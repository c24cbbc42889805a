<script setup lang="ts">
import { bytesText } from '~~/words/backup'

/** How much this browser keeps for Wren, and whether it may throw it away when it is short of room. */
const used = ref<{ bytes: number; of: number } | null>(null)
const isLasting = ref<boolean | null>(null)
const isRefused = ref(false)

onMounted(async () => {
  const { usage, quota } = (await navigator.storage?.estimate?.().catch(() => null)) ?? {}
  if (usage !== undefined && quota !== undefined) used.value = { bytes: usage, of: quota }
  isLasting.value = (await navigator.storage?.persisted?.().catch(() => null)) ?? null
})
async function ask() {
  isLasting.value = await navigator.storage.persist().catch(() => false)
  isRefused.value = !isLasting.value
}
</script>

<template>
  <section class="card space-y-3" aria-label="In this browser">
    <h2>In this browser</h2>
    <p v-if="used">{{ bytesText(used.bytes) }} are used, of {{ bytesText(used.of) }} that it would give.</p>
    <template v-if="isLasting">
      <p>It has promised to keep them until you remove them yourself.</p>
    </template>
    <template v-else-if="isLasting === false">
      <p>It may throw quilts away when the computer runs short of room, or when Wren was not opened for long.</p>
      <UButton @click="ask">Ask it to keep them</UButton>
      <p v-if="isRefused" class="caution" role="status">
        It does not promise that now. Browsers often do once a page is installed or used often: make backups, and ask
        again later.
      </p>
    </template>
  </section>
</template>

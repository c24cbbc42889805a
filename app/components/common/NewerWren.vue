<script setup lang="ts">
import { isNewerReady, takeNewer } from '~/offline/serviceWorker'

/** A newer Wren is told in the bar, and taken when the quilter says so. */
const { say } = useToasts()
const store = useQuilt()

async function keepAll(): Promise<boolean> {
  if (!store.quilt || !store.canWrite) return true
  await store.saveNow()
  return store.isKept
}
async function take() {
  const outcome = await takeNewer(keepAll)
  if (outcome === 'other-tabs')
    say('Close the other tabs first', 'Wren is open in another tab or window, and both must be the same.')
  else if (outcome === 'not-kept')
    say('Your last change is not kept yet', 'The newer Wren comes when this browser has kept your work.')
}
</script>

<template>
  <UButton v-if="isNewerReady" title="Wren is loaded anew; your work stays" data-testid="newer" @click="take">
    <UIcon name="i-lucide-refresh-cw" class="size-5" />A newer Wren
  </UButton>
</template>

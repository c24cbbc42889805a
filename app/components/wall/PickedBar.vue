<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { plural } from '~~/words/speech'

/** What can be done with the blocks that are picked, and those left over beside the quilt. */
const { wall } = defineProps<{ quilt: Quilt; wall: ReturnType<typeof useWall>; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const { picked, carried, several, leftOver, areLocked } = wall
const count = computed(() => picked.value.length)
</script>

<template>
  <footer class="tray" role="group" aria-label="Picked blocks">
    <p v-if="carried || leftOver !== null" class="caution grow" role="status">
      Now press the place where it is to hang. Esc lets go.
    </p>
    <template v-else-if="count > 0">
      <strong data-testid="picked">{{ plural(count, 'block') }} picked</strong>
      <UButton @click="wall.turn()"><UIcon name="i-lucide-rotate-cw" class="size-5" />Turn</UButton>
      <UButton @click="wall.mirror()"><UIcon name="i-lucide-flip-horizontal-2" class="size-5" />Mirror</UButton>
      <UButton @click="wall.lock()">
        <UIcon :name="areLocked ? 'i-lucide-lock-open' : 'i-lucide-lock'" class="size-5" />{{
          areLocked ? 'Unlock' : 'Lock'
        }}
      </UButton>
      <UButton v-if="count === 2" @click="wall.exchange()">
        <UIcon name="i-lucide-arrow-left-right" class="size-5" />Exchange
      </UButton>
      <UButton @click="carried = true"><UIcon name="i-lucide-hand" class="size-5" />Move</UButton>
      <UButton v-if="count === 1" @click="wall.another()">
        <UIcon name="i-lucide-plus" class="size-5" />One more, left over
      </UButton>
      <UButton variant="ghost" @click="wall.letGo()">Let go</UButton>
    </template>
    <p v-else class="note grow">
      Drag a block onto another, or press blocks to pick them; with Shift several.
      <UButton variant="ghost" class="!px-2" @click="several = !several">{{
        several ? 'One at a time' : 'Pick several'
      }}</UButton>
    </p>
    <LeftOver
      v-if="quilt.wall.out.length > 0"
      :quilt="quilt"
      :chosen="leftOver"
      :can-write="canWrite"
      @choose="entry => (leftOver = entry)"
      @edit="(name, change) => emit('edit', name, change)"
    />
  </footer>
</template>

<style scoped>
.tray {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  padding: 0.5rem 0.9rem;
  min-height: 4rem;
  border-top: 1px solid var(--line);
  background: var(--paper);
}
</style>

<script setup lang="ts">
import type { Design } from '~~/core/designs/design'

/** Blocks to choose from, each in the colours it would wear. */
const { designs, colours } = defineProps<{
  designs: readonly Design[]
  colours: (design: Design) => Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ choose: [design: Design] }>()
</script>

<template>
  <ul class="grid max-h-[52vh] grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-3 overflow-y-auto p-1">
    <li v-for="design in designs" :key="design.id">
      <button type="button" class="tile" @click="emit('choose', design)">
        <DesignPicture :design="design" :colours="colours(design)" :size="92" />
        <span class="font-semibold">{{ design.name }}</span>
        <span class="note text-[0.9rem]">{{
          design.patches.length === 1 ? 'one patch' : `${design.patches.length} patches`
        }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.tile {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.3rem;
  width: 100%;
  height: 100%;
  padding: 0.75rem 0.4rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  cursor: pointer;
  text-align: center;
  line-height: 1.2;
}
.tile:hover {
  border-color: var(--madder);
}
</style>

<script setup lang="ts">
import { PICTURE_TOOLS, type PictureTool } from '~/composables/usePictureTools'

/** What is drawn with, how it is looked at, where squares come from. */
defineProps<{ canUndo: boolean; canRedo: boolean; mirrors: { across: boolean; down: boolean } }>()
const emit = defineEmits<{
  undo: []
  redo: []
  mirror: [which: 'across' | 'down']
  nearer: []
  farther: []
  photo: []
  chart: []
}>()
const sources = [
  { label: 'A photograph …', icon: 'i-lucide-image', onSelect: () => emit('photo') },
  { label: 'A chart, from a table or typed in …', icon: 'i-lucide-table', onSelect: () => emit('chart') },
]
const tool = defineModel<PictureTool>('tool', { required: true })
const look = defineModel<'cloth' | 'chart'>('look', { required: true })
</script>

<template>
  <header class="bar" role="group" aria-label="The picture">
    <BackToStation />
    <UButton
      v-for="{ id, label, icon } in PICTURE_TOOLS"
      :key="id"
      square
      :class="{ chosen: tool === id }"
      :aria-pressed="tool === id"
      :aria-label="label"
      :title="label"
      @click="tool = id"
    >
      <UIcon :name="icon" class="size-5" />
    </UButton>
    <UButton
      square
      :class="{ chosen: mirrors.across }"
      :aria-pressed="mirrors.across"
      aria-label="Mirrored left to right"
      title="Mirrored left to right"
      @click="emit('mirror', 'across')"
    >
      <UIcon name="i-lucide-flip-horizontal-2" class="size-5" />
    </UButton>
    <UButton
      square
      :class="{ chosen: mirrors.down }"
      :aria-pressed="mirrors.down"
      aria-label="Mirrored top to bottom"
      title="Mirrored top to bottom"
      @click="emit('mirror', 'down')"
    >
      <UIcon name="i-lucide-flip-vertical-2" class="size-5" />
    </UButton>
    <UButton square aria-label="Undo in the picture" :disabled="!canUndo" @click="emit('undo')">
      <UIcon name="i-lucide-undo-2" class="size-5" />
    </UButton>
    <UButton square aria-label="Redo in the picture" :disabled="!canRedo" @click="emit('redo')">
      <UIcon name="i-lucide-redo-2" class="size-5" />
    </UButton>
    <TabRow
      label="How it is looked at"
      :tabs="[
        { value: 'cloth', label: 'In cloth' },
        { value: 'chart', label: 'As a chart' },
      ]"
      :value="look"
      @choose="value => (look = value)"
    />
    <UButton square aria-label="Farther" @click="emit('farther')"
      ><UIcon name="i-lucide-zoom-out" class="size-5"
    /></UButton>
    <UButton square aria-label="Nearer" @click="emit('nearer')"
      ><UIcon name="i-lucide-zoom-in" class="size-5"
    /></UButton>
    <span class="grow" />
    <UDropdownMenu :items="sources" :modal="false">
      <UButton><UIcon name="i-lucide-image" class="size-5" />Begin from …</UButton>
    </UDropdownMenu>
    <UPopover :ui="{ content: 'bg-paper text-ink border border-line rounded-xl p-4 w-80 z-50' }">
      <UButton variant="solid"><UIcon name="i-lucide-check" class="size-5" />Use it …</UButton>
      <template #content><slot /></template>
    </UPopover>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem;
  padding: 0.5rem 0.9rem;
}
.bar > .button:not([aria-label]) {
  padding-inline: 0.7rem;
}
</style>

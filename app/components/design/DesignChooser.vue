<script setup lang="ts">
import type { Design } from '~~/core/block/design'

const { designs, colours = () => ({}), title } = defineProps<{
  designs: readonly Design[]
  /** The colours a design would wear. */
  colours?: (design: Design) => Readonly<Record<string, string>>
  title: string
}>()
const emit = defineEmits<{ choose: [design: Design] }>()
const open = defineModel<boolean>('open', { required: true })

const words = ref('')
const input = useTemplateRef('input')
const content = useFirstFocus(input)
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase().split(/\s+/)
  return designs.filter(design => wanted.every(word => `${design.name} ${design.family} ${design.patches.length} patches`.toLowerCase().includes(word)))
})

function choose(design: Design) {
  open.value = false
  emit('choose', design)
}
</script>

<template>
  <UModal
    v-model:open="open"
    :content="content"
    :title="title"
    description="Choose a block"
    :ui="{ content: 'max-w-4xl bg-paper', description: 'sr-only', body: 'p-4' }"
  >
    <template #body>
      <label class="label" for="design-words">Find a block</label>
      <input
        id="design-words"
        ref="input"
        v-model="words"
        class="field mb-4"
        type="search"
        placeholder="star, log, nine-patches …"
        autocomplete="off"
        @keydown.enter="found.length > 0 && choose(found[0]!)"
      >
      <p v-if="found.length === 0" class="note py-8 text-center">No block of that name. Try a part of it: star, log, goose.</p>
      <ul class="grid max-h-[55vh] grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-3 overflow-y-auto p-1">
        <li v-for="design in found" :key="design.id">
          <button type="button" class="tile" @click="choose(design)">
            <DesignPicture :design="design" :colours="colours(design)" :size="92" />
            <span class="font-semibold">{{ design.name }}</span>
            <span class="note text-[0.9rem]">{{ design.patches.length === 1 ? 'one patch' : `${design.patches.length} patches` }}</span>
          </button>
        </li>
      </ul>
    </template>
  </UModal>
</template>

<style scoped>
.tile { display: flex; flex-direction: column; align-items: center; gap: 0.3rem; width: 100%; height: 100%; padding: 0.75rem 0.4rem; border: 1.5px solid var(--line); border-radius: 12px; cursor: pointer; text-align: center; line-height: 1.2; }
.tile:hover { border-color: var(--madder); }
</style>

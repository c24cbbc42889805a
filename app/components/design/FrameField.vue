<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { setFrame } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import type { Block, Quilt } from '~~/core/file/quilt'
import { formatLength } from '~~/words/length'

const { quilt, block } = defineProps<{ quilt: Quilt; block: Block }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null]; sizes: [] }>()

const speech = useSpeech()
const frames = computed(() => block.frame.map(({ cloth, sides }) => ({ cloth, width: sides })))
/** What is left for the block itself while it stands in its place. */
const most = computed(() => (Math.min(block.outer.width, block.outer.height) - 1) / 2)
const changed = (at: number, change: Partial<{ cloth: string; width: number }>) =>
  setFrame(
    block.id,
    frames.value.map((frame, i) => (i === at ? { ...frame, ...change } : frame)),
  )
function add() {
  const cloth = fabricsOf(quilt.cloths).at(-1)!.id
  emit('edit', 'frame', setFrame(block.id, [...frames.value, { cloth, width: Math.min(1, most.value / 2) }]))
}
function remove(at: number) {
  const left = frames.value.filter((_, i) => i !== at)
  emit('edit', 'frame', setFrame(block.id, left.length > 0 ? left : null))
}
</script>

<template>
  <div class="space-y-2">
    <p class="label">Frame round it</p>
    <p v-if="frames.length > 0" class="note">
      The block itself is {{ formatLength(block.width, speech) }} × {{ formatLength(block.height, speech) }}; with its
      frame it fills its place.
    </p>
    <div v-for="(frame, i) in frames" :key="i" class="space-y-1">
      <div class="flex items-end gap-1">
        <LengthField
          class="grow"
          :label="frames.length > 1 ? `Frame ${i + 1}, inside out` : 'Finished width of the frame'"
          :value="frame.width"
          :least="1 / 4"
          :most="most"
          why="The block must keep some room"
          :step="quilt.ruler || 1 / 8"
          @preview="v => emit('preview', v === null ? null : changed(i, { width: v }))"
          @commit="v => emit('edit', 'frame', changed(i, { width: v }))"
        />
        <UButton variant="ghost" square :aria-label="`Without frame ${i + 1}`" @click="remove(i)">
          <UIcon name="i-lucide-x" class="size-5" />
        </UButton>
      </div>
      <ClothPicker
        label="Cloth of the frame"
        :cloths="quilt.cloths"
        :value="frame.cloth"
        @choose="cloth => cloth && emit('edit', 'cloth of the frame', changed(i, { cloth }))"
      />
    </div>
    <UButton class="!px-3" @click="add">
      <UIcon name="i-lucide-plus" class="size-5" />{{ frames.length > 0 ? 'Another frame' : 'Frame' }}
    </UButton>
    <UButton class="!px-3" @click="emit('sizes')">
      <UIcon name="i-lucide-ruler" class="size-5" />Sizes and frames of all blocks …
    </UButton>
  </div>
</template>

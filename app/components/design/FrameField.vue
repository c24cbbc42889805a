<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { setFrame } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import type { Block, Frame, Quilt } from '~~/core/file/quilt'
import { sameLength, type Inches } from '~~/core/measure/ruler'
import { formatLength } from '~~/words/length'

const { quilt, block } = defineProps<{ quilt: Quilt; block: Block }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null]; sizes: [] }>()

const speech = useSpeech()
/** What is left for the block itself while it stands in its place. */
const most = computed(() => (Math.min(block.outer.width, block.outer.height) - 1) / 2)
const changed = (at: number, change: Partial<Frame>) =>
  setFrame(
    block.id,
    block.frame.map((frame, i) => (i === at ? { ...frame, ...change } : frame)),
  )
/** One width, or that of each pair of strips where they differ; a pair may have none. */
function widthsOf({ sides, ends }: Frame, i: number) {
  const which = block.frame.length > 1 ? `frame ${i + 1}, inside out` : 'the frame'
  if (sameLength(sides, ends))
    return [
      {
        label: `Finished width of ${which}`,
        value: sides,
        least: 1 / 4,
        change: (to: Inches) => ({ sides: to, ends: to }),
      },
    ]
  return [
    { label: `Sides of ${which}`, value: sides, least: 0, change: (to: Inches) => ({ sides: to }) },
    { label: `Ends of ${which}`, value: ends, least: 0, change: (to: Inches) => ({ ends: to }) },
  ]
}
function add() {
  const cloth = fabricsOf(quilt.cloths).at(-1)!.id
  const width = Math.min(1, most.value / 2)
  emit('edit', 'frame', setFrame(block.id, [...block.frame, { cloth, sides: width, ends: width }]))
}
function remove(at: number) {
  const left = block.frame.filter((_, i) => i !== at)
  emit('edit', 'frame', setFrame(block.id, left.length > 0 ? left : null))
}
</script>

<template>
  <div class="space-y-2">
    <p class="label">Frame round it</p>
    <p v-if="block.frame.length > 0" class="note">
      The block itself is {{ formatLength(block.width, speech) }} × {{ formatLength(block.height, speech) }}; with its
      frame it fills its place.
    </p>
    <div v-for="(frame, i) in block.frame" :key="i" class="space-y-1">
      <div class="flex items-end gap-1">
        <div class="grow space-y-1">
          <LengthField
            v-for="{ label, value, least, change } in widthsOf(frame, i)"
            :key="label"
            :label="label"
            :value="value"
            :least="least"
            :most="most"
            why="The block must keep some room"
            :step="quilt.ruler || 1 / 8"
            @preview="v => emit('preview', v === null ? null : changed(i, change(v)))"
            @commit="v => emit('edit', 'frame', changed(i, change(v)))"
          />
        </div>
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
      <UIcon name="i-lucide-plus" class="size-5" />{{ block.frame.length > 0 ? 'Another frame' : 'Frame' }}
    </UButton>
    <UButton class="!px-3" @click="emit('sizes')">
      <UIcon name="i-lucide-ruler" class="size-5" />Sizes and frames of all blocks …
    </UButton>
  </div>
</template>

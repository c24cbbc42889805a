<script setup lang="ts">
import { setFrame } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { isNarrow, setOwnSize } from '~~/core/edits/sampler'
import { designOf, type Block, type Quilt } from '~~/core/file/quilt'
import { sameLength, type Inches } from '~~/core/measure/ruler'
import { timesPlaced } from '~~/core/top/places'
import { formatLength } from '~~/words/length'
import { framingText } from '~~/words/sampler'

/** One block of a sampler: its own size, and the frame that brings it to the module. */
const { quilt, block, module } = defineProps<{ quilt: Quilt; block: Block; module: Inches }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()

const speech = useSpeech()
const MAX_SIDE = 100
const MIN_FRAME = 1 / 8
const step = computed(() => quilt.ruler || 1 / 8)
const isSquare = computed(() => sameLength(block.width, block.height))
const times = computed(() => timesPlaced(quilt, block.id))
const colours = computed(() =>
  Object.fromEntries(
    Object.entries(block.cloths).map(([role, id]) => [role, quilt.cloths.find(cloth => cloth.id === id)!.colour]),
  ),
)
const sides = computed(() => {
  const { width, height } = block
  const size = (change: Partial<{ width: Inches; height: Inches }>) =>
    setOwnSize(block.id, { width, height, ...change })
  return isSquare.value
    ? [{ label: `${block.name}, finished`, value: width, resize: (to: Inches) => size({ width: to, height: to }) }]
    : [
        { label: `${block.name}, width`, value: width, resize: (to: Inches) => size({ width: to }) },
        { label: `${block.name}, height`, value: height, resize: (to: Inches) => size({ height: to }) },
      ]
})
const frame = computed(() => (block.frame.length === 1 ? block.frame[0]! : null))
const framed = (width: Inches) => setFrame(block.id, [{ cloth: frame.value!.cloth, sides: width, ends: width }])
</script>

<template>
  <li class="space-y-2">
    <div class="flex items-center gap-3">
      <DesignPicture :design="designOf(quilt, block)" :colours="colours" :size="44" />
      <p class="min-w-0">
        <b class="block truncate">{{ block.name }}</b>
        <span class="note">{{ times === 0 ? 'stands nowhere yet' : times === 1 ? 'once' : `${times} times` }}</span>
      </p>
    </div>
    <LengthField
      v-for="{ label, value, resize } in sides"
      :key="label"
      :label="label"
      :value="value"
      :least="1"
      :most="MAX_SIDE"
      why="A block has to be sewn"
      :step="step"
      @preview="v => emit('preview', v === null ? null : resize(v))"
      @commit="v => emit('edit', 'size of a block', resize(v))"
    />
    <LengthField
      v-if="frame && isSquare && sameLength(frame.sides, frame.ends)"
      :label="`Frame of ${block.name}`"
      :value="frame.sides"
      :least="MIN_FRAME"
      :most="(block.outer.width - 1) / 2"
      why="The block must keep some room"
      :step="step"
      @preview="v => emit('preview', v === null ? null : framed(v))"
      @commit="v => emit('edit', 'frame', framed(v))"
    />
    <p class="note">{{ framingText(block.frame, quilt.seam, speech) }}</p>
    <p v-if="isNarrow(block, module)" class="caution">
      So narrow a frame is hardly seen, and hard to sew evenly.
      <UButton
        class="mt-1 !px-3"
        @click="emit('edit', 'size of a block', setOwnSize(block.id, { width: module, height: module }))"
        >Make it {{ formatLength(module, speech) }}</UButton
      >
    </p>
  </li>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { changeTray, removeFromTray, type TrayChange } from '~~/core/edits/tray'
import type { Quilt } from '~~/core/file/quilt'
import { timesPlaced } from '~~/core/top/places'
import { craft, inEnglish } from '~~/words/speech'
import { NO_PICTURE } from '~~/words/sewnSettings'
import { smallPicture } from '~/drawing/smallPicture'

/** One kind of sewn block: what it measures, how many there are, what one looks like. */
const { quilt, at } = defineProps<{ quilt: Quilt; at: number }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const toast = useToasts()
const MAX_SIDE = 100
const MAX_COUNT = 500
const entry = computed(() => quilt.tray[at]!)
const name = computed(() => entry.value.name ?? entry.value.id)
const height = computed(() => entry.value.height ?? entry.value.width)
const placed = computed(() =>
  quilt.blocks.reduce((sum, { tray, id }) => sum + (tray === entry.value.id ? timesPlaced(quilt, id) : 0), 0),
)
const change = (to: TrayChange) => emit('edit', 'sewn blocks', changeTray(at, to))
async function takePicture(file: File) {
  const small = await smallPicture(file, { width: entry.value.width, height: height.value })
  if (typeof small === 'string') toast.say('That photograph was not taken', inEnglish(NO_PICTURE[small], speech.value))
  else change(small)
}
</script>

<template>
  <li class="space-y-2" :data-testid="`sewn-${at + 1}`">
    <div class="flex items-end gap-2">
      <TextField
        class="grow"
        label="Called"
        place="grow"
        :value="name"
        @commit="to => to !== '' && change({ name: to })"
      />
      <UButton
        variant="ghost"
        square
        :aria-label="`Without ${name}`"
        @click="emit('edit', 'sewn blocks taken out', removeFromTray(at))"
      >
        <UIcon name="i-lucide-x" class="size-5" />
      </UButton>
    </div>
    <CountField
      :label="`How many of ${name}`"
      :value="entry.count"
      :least="1"
      :most="MAX_COUNT"
      @commit="count => change({ count })"
    />
    <LengthField
      :label="`${name}: width, raw edge to raw edge`"
      :value="entry.width"
      :least="1"
      :most="MAX_SIDE"
      :step="quilt.ruler || 1 / 8"
      @commit="v => change({ width: v })"
    />
    <LengthField
      :label="`${name}: height`"
      :value="height"
      :least="1"
      :most="MAX_SIDE"
      :step="quilt.ruler || 1 / 8"
      @commit="v => change({ height: v })"
    />
    <div class="flex flex-wrap items-end gap-2">
      <img
        v-if="entry.picture"
        :src="entry.picture"
        alt=""
        class="size-16 rounded-lg border border-line object-cover"
      />
      <ColourField
        place="w-20"
        :label="craft('Color', speech)"
        :value="entry.colour"
        @commit="colour => change({ colour })"
      />
      <FilePicker accept="image/*" :label="`Photograph of ${name}`" icon="i-lucide-image" @choose="takePicture"
        >Photograph …</FilePicker
      >
      <UButton
        v-if="entry.picture"
        variant="ghost"
        square
        :aria-label="`${name} without its picture`"
        @click="change({ picture: null })"
        ><UIcon name="i-lucide-image-off" class="size-5"
      /></UButton>
    </div>
    <p class="note">{{ placed }} of {{ entry.count }} stand in the quilt.</p>
  </li>
</template>

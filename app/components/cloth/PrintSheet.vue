<script setup lang="ts">
import type { PrintRepeat } from '~~/core/cut/motifs'
import type { Inches } from '~~/core/measure/ruler'
import { imageTroubleText } from '~~/words/pictures'
import { inEnglish } from '~~/words/speech'
import { openPhoto, pixelsOfPart, smallPart } from '~/drawing/photoPart'

/** One repeat of a print, cut from a photograph, and how large it is on the cloth. */
const { name, repeat = undefined } = defineProps<{ name: string; repeat?: PrintRepeat | undefined }>()
const emit = defineEmits<{ take: [print: { picture: string; colour: string; repeat: PrintRepeat }]; close: [] }>()
const speech = useSpeech()
const photo = shallowRef<ImageBitmap | null>(null)
const trouble = shallowRef<Parameters<typeof imageTroubleText>[0] | null>(null)
const part = reactive({ across: [0, 100] as [number, number], down: [0, 100] as [number, number] })
const across = ref<Inches>(repeat?.across ?? 4)
const small = computed(() => photo.value && smallPart(photo.value, part))
/** As high as it is wide, by the shape of the part. */
const down = computed(() => {
  if (!photo.value) return across.value
  const { width, height } = pixelsOfPart(photo.value, part)
  return Math.round(((across.value * height) / width) * 16) / 16
})

async function choose(file: File) {
  photo.value?.close()
  photo.value = trouble.value = null
  const found = await openPhoto(file)
  Object.assign(part, { across: [0, 100], down: [0, 100] })
  if (found instanceof ImageBitmap) photo.value = found
  else trouble.value = found
}
const canvas = useTemplateRef('canvas')
const WIDE_PX = 520
watch([photo, part, canvas], () => {
  const image = photo.value
  const context = canvas.value?.getContext('2d')
  if (!image || !context) return
  const scale = WIDE_PX / image.width
  context.canvas.width = WIDE_PX
  context.canvas.height = Math.max(1, Math.round(image.height * scale))
  context.drawImage(image, 0, 0, context.canvas.width, context.canvas.height)
  context.fillStyle = 'rgb(0 0 0 / 60%)'
  const { x, y, width, height } = pixelsOfPart(image, part)
  context.beginPath()
  context.rect(0, 0, context.canvas.width, context.canvas.height)
  context.rect(x * scale, y * scale, width * scale, height * scale)
  context.fill('evenodd')
})
onBeforeUnmount(() => photo.value?.close())

function take() {
  if (!small.value) return
  const first = repeat?.first
  const size = { across: across.value, down: down.value }
  emit('take', { ...small.value, repeat: first === undefined ? size : { ...size, first } })
}
</script>

<template>
  <UModal
    :open="true"
    :title="`The print of ${name}`"
    description="From a photograph of the cloth lying flat. It stays on this machine."
    :ui="{ content: 'max-w-4xl bg-paper', body: 'p-4' }"
    @update:open="emit('close')"
  >
    <template #body>
      <FilePicker accept="image/png,image/jpeg" label="Photograph of the cloth" icon="i-lucide-image" @choose="choose"
        >Choose a photograph …</FilePicker
      >
      <p v-if="trouble" class="wrong mt-2" role="alert">{{ inEnglish(imageTroubleText(trouble), speech) }}</p>
      <div v-if="photo" class="mt-3 grid gap-5 sm:grid-cols-[minmax(0,1fr)_18rem]">
        <canvas
          ref="canvas"
          class="w-full rounded-lg"
          role="img"
          aria-label="The part of the photograph that is taken"
        />
        <div class="space-y-3">
          <p>Take one repeat of the print, so that the sample beneath goes on without a break.</p>
          <div role="group" aria-label="From left to right">
            <p class="label">From left to right</p>
            <USlider v-model="part.across" :max="100" :step="0.5" :min-steps-between-thumbs="4" />
          </div>
          <div role="group" aria-label="From top to bottom">
            <p class="label">From top to bottom</p>
            <USlider v-model="part.down" :max="100" :step="0.5" :min-steps-between-thumbs="4" />
          </div>
          <LengthField
            label="So wide on the cloth"
            :value="across"
            :least="1 / 4"
            :most="120"
            :step="1 / 8"
            @commit="v => (across = v)"
          />
          <div
            v-if="small"
            class="h-32 rounded-lg border border-line"
            role="img"
            aria-label="The repeat laid side by side"
            :style="{ backgroundImage: `url(${small.picture})`, backgroundSize: '33.4% auto' }"
          />
          <UButton variant="solid" @click="take"><UIcon name="i-lucide-check" class="size-5" />Take this print</UButton>
        </div>
      </div>
    </template>
  </UModal>
</template>

<script setup lang="ts">
import { CHART_LETTERS } from '~~/core/charts/codingColours'
import type { Cloth } from '~~/core/file/quilt'
import { fabricsOf } from '~~/core/file/trayCloths'
import { imageNoteText, imageTroubleText } from '~~/words/pictures'
import { inEnglish } from '~~/words/speech'
import { squaresImage } from '~/drawing/paintSquares'

/** A photograph, or a picture with one point a square, as squares in few cloths. */
const { cloths } = defineProps<{ cloths: readonly Cloth[] }>()
const emit = defineEmits<{ take: [picture: DraftedPicture] }>()
const open = defineModel<boolean>('open', { required: true })

const speech = useSpeech()
const photo = usePhoto()
const { opened, refused, reduced, isBusy } = photo
const fabrics = computed(() => fabricsOf(cloths))
const { wish, asked, canBePointByPoint, fitRows, turn, pointByPoint } = usePhotoWish(opened, () =>
  fabrics.value.map(({ colour }) => colour),
)
watchDebounced([asked, opened], () => opened.value && photo.ask(asked.value), { debounce: 150 })

const preview = useTemplateRef('preview')
watch([reduced, preview], () => {
  const canvas = preview.value
  const found = reduced.value
  if (!canvas || !found) return
  const { columns, rows } = found.wish
  canvas.width = columns
  canvas.height = rows
  const size = { columns, rows }
  canvas.getContext('2d')!.drawImage(squaresImage({ size, squares: found.cloth, colours: found.colours }), 0, 0)
})
function take() {
  const found = reduced.value
  if (!found) return
  const { columns, rows } = found.wish
  const own = found.own?.map(place => fabrics.value[place]!.id)
  emit('take', {
    size: { columns, rows },
    squares: found.cloth,
    letters: found.colours.map((colour, i) => ({
      letter: CHART_LETTERS[i]!,
      cloths: own ? [own[i]!] : [],
      colour,
    })),
  })
  open.value = false
  photo.end()
}
const isStale = computed(() => isBusy.value || JSON.stringify(reduced.value?.wish) !== JSON.stringify(asked.value))
</script>

<template>
  <UModal
    v-model:open="open"
    title="From a photograph"
    description="A PNG or JPEG of your own. It stays on this machine."
    :ui="{ content: 'max-w-5xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <div class="sheet">
        <div class="space-y-2">
          <FilePicker accept="image/png,image/jpeg" label="Photograph" icon="i-lucide-image" @choose="photo.open"
            >Choose a picture …</FilePicker
          >
          <p v-if="refused" class="wrong" role="alert">{{ inEnglish(imageTroubleText(refused), speech) }}</p>
          <p v-for="note in opened?.notes ?? []" :key="note" class="note">
            {{ inEnglish(imageNoteText(note), speech) }}
          </p>
          <canvas v-if="reduced" ref="preview" class="preview" data-testid="photo-preview" />
          <p v-if="opened" class="note" role="status">
            {{
              isStale
                ? 'Working it out …'
                : `${reduced!.wish.columns} × ${reduced!.wish.rows} squares, ${reduced!.colours.length} cloths`
            }}
          </p>
        </div>
        <div v-if="opened" class="space-y-3">
          <PhotoSettings
            :wish="wish"
            :by-point="canBePointByPoint"
            @set="change => Object.assign(wish, change)"
            @fit="fitRows"
            @turn="turn"
            @points="pointByPoint"
          />
          <UButton variant="solid" :disabled="isStale" @click="take">
            <UIcon name="i-lucide-check" class="size-5" />Take these squares
          </UButton>
        </div>
      </div>
    </template>
  </UModal>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 21rem;
  gap: 1.2rem;
}
.preview {
  width: 100%;
  max-height: 60vh;
  object-fit: contain;
  image-rendering: pixelated;
}
@media (max-width: 800px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { MAX_SQUARES } from '~~/core/designs/squares'
import type { GridSize } from '~~/core/charts/drawing'
import type { Inches } from '~~/core/measure/ruler'
import { formatSize } from '~~/words/length'

/** What the picture is called, how large it is, and where it goes. */
const { size, side, isNew, canWrite, step } = defineProps<{
  size: GridSize
  side: Inches
  isNew: boolean
  canWrite: boolean
  step: Inches
}>()
const emit = defineEmits<{ side: [side: Inches]; resize: [size: GridSize]; keep: [isWhole: boolean] }>()
const name = defineModel<string>('name', { required: true })
const speech = useSpeech()
const finished = computed(() => formatSize(size.columns * side, size.rows * side, speech.value))
</script>

<template>
  <section class="space-y-3" aria-label="The whole picture">
    <TextField label="Name of the picture" :most="80" :value="name" @write="text => (name = text)" />
    <div class="grid grid-cols-2 gap-2">
      <NumberField
        label="Squares across"
        :value="size.columns"
        :least="1"
        :most="MAX_SQUARES"
        @commit="columns => emit('resize', { ...size, columns })"
      />
      <NumberField
        label="Squares down"
        :value="size.rows"
        :least="1"
        :most="MAX_SQUARES"
        @commit="rows => emit('resize', { ...size, rows })"
      />
    </div>
    <LengthField
      label="A square, finished"
      :value="side"
      :least="1 / 4"
      :most="24"
      :step="step"
      @commit="value => emit('side', value)"
    />
    <p class="note" data-testid="picture-size">Finished {{ finished }}.</p>
    <div class="flex flex-wrap gap-2">
      <UButton v-if="!isNew" variant="solid" class="grow" :disabled="!canWrite" @click="emit('keep', false)">
        <UIcon name="i-lucide-check" class="size-5" />Use it in the quilt
      </UButton>
      <template v-else>
        <UButton variant="solid" class="grow" :disabled="!canWrite" @click="emit('keep', true)">
          <UIcon name="i-lucide-check" class="size-5" />The quilt is this picture
        </UButton>
        <UButton class="grow" :disabled="!canWrite" @click="emit('keep', false)">One block among others</UButton>
      </template>
    </div>
  </section>
</template>

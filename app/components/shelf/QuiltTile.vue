<script setup lang="ts">
import { dimensionsOf } from '~~/core/top/dimensions'
import { readQuilt } from '~~/core/file/readQuilt'
import type { KeptQuilt } from '~/keeping/keptQuilt'
import { formatSize } from '~~/words/length'

const { kept } = defineProps<{ kept: KeptQuilt }>()
const emit = defineEmits<{ duplicate: []; save: []; remove: [] }>()

const settings = useSettings()
const quilt = computed(() => {
  const read = readQuilt(kept.file)
  return read.ok ? read.value : null
})
const dimensions = computed(() => quilt.value && dimensionsOf(quilt.value))
const size = computed(() => {
  const top = dimensions.value?.top.stages.at(-1)
  return top ? formatSize(top.width.total, top.height.total, { units: settings.unitsFor(kept.file.units) }) : ''
})
const when = computed(() => new Date(kept.savedAt).toLocaleDateString(undefined, { day: 'numeric', month: 'long' }))
const station = computed(() => STATIONS.find(s => s.id === kept.bookmark?.station)?.name)
</script>

<template>
  <article class="card flex flex-col gap-2 !p-3" data-testid="quilt-tile">
    <NuxtLink :to="`/q/${kept.id}`" class="block no-underline" style="color: inherit">
      <QuiltPicture v-if="quilt" :quilt="quilt" :width="480" :height="420" />
      <h2 class="truncate">{{ kept.file.name ?? 'Untitled quilt' }}</h2>
      <p class="note figure !whitespace-normal">{{ size }}</p>
      <p class="note">{{ when }}{{ station ? `, at ${station}` : '' }}</p>
    </NuxtLink>
    <div class="mt-auto flex gap-1">
      <UButton
        variant="ghost"
        square
        :aria-label="`Save a copy of ${kept.file.name} as a file`"
        title="Save a copy as a file"
        @click="emit('save')"
      >
        <UIcon name="i-lucide-download" class="size-5" />
      </UButton>
      <UButton
        variant="ghost"
        square
        :aria-label="`Duplicate ${kept.file.name}`"
        title="Duplicate"
        @click="emit('duplicate')"
      >
        <UIcon name="i-lucide-copy" class="size-5" />
      </UButton>
      <UButton
        variant="ghost"
        square
        class="ml-auto"
        :aria-label="`Remove ${kept.file.name}`"
        title="Remove"
        @click="emit('remove')"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </UButton>
    </div>
  </article>
</template>

<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { setCounts } from '~~/core/edits/setting'
import type { Edit } from '~~/core/edits/edit'
import { craft } from '~~/words/speech'
import { additions, type Addition } from '~/commands/additions'

const { quilt, isGrey, shown } = defineProps<{
  quilt: Quilt
  isGrey: boolean
  /** The card or list that is open for the whole quilt. */
  shown: OverDrawing | null
}>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  grey: []
  /** A part just added, or a list. */
  open: [what: Addition['part'] | { list: OverDrawing }]
}>()

function count(side: 'across' | 'down', by: number) {
  const { across, down } = quilt.setting
  const next = Math.min(200, Math.max(1, quilt.setting[side] + by))
  emit('edit', 'number of blocks', setCounts(side === 'across' ? next : across, side === 'down' ? next : down))
}
const toAdd = computed(() => [
  ...additions(quilt).map(({ id, label, icon, edit, part }) => ({
    label,
    icon,
    onSelect() {
      emit('edit', id, edit())
      emit('open', part)
    },
  })),
  { label: 'A picture in squares …', icon: 'i-lucide-grid-3x3', onSelect: () => void navigateTo(toPage('picture')) },
  { label: 'Blocks sewn already …', icon: 'i-lucide-package-open', onSelect: () => emit('open', { list: 'tray' }) },
])
const speech = useSpeech()
</script>

<template>
  <div class="bar" role="group" aria-label="The whole quilt">
    <div
      v-for="side in ['across', 'down'] as const"
      :key="side"
      class="count"
      role="group"
      :aria-label="`Blocks ${side}`"
    >
      <UButton square :aria-label="`One block fewer ${side}`" @click="count(side, -1)">
        <UIcon name="i-lucide-minus" class="size-5" />
      </UButton>
      <span class="figure px-1 text-center"
        ><strong class="text-xl" :data-testid="`count-${side}`">{{ quilt.setting[side] }}</strong> {{ side }}</span
      >
      <UButton square :aria-label="`One block more ${side}`" @click="count(side, 1)">
        <UIcon name="i-lucide-plus" class="size-5" />
      </UButton>
    </div>
    <UButton
      :aria-pressed="shown === 'lay-out'"
      :class="{ chosen: shown === 'lay-out' }"
      @click="emit('open', { list: 'lay-out' })"
    >
      <UIcon name="i-lucide-layout-grid" class="size-5" />Lay out
    </UButton>
    <UButton @click="emit('open', { list: 'try-outs' })">
      <UIcon name="i-lucide-gallery-thumbnails" class="size-5" />Try-outs
    </UButton>
    <UButton :to="toPage('wall')"><UIcon name="i-lucide-frame" class="size-5" />Wall</UButton>
    <UButton @click="emit('open', { list: 'fit' })">
      <UIcon name="i-lucide-bed-double" class="size-5" />Size to fit
    </UButton>
    <UButton
      :aria-pressed="shown === 'setting'"
      :class="{ chosen: shown === 'setting' }"
      @click="emit('open', { list: 'setting' })"
    >
      <UIcon name="i-lucide-blocks" class="size-5" />Setting
    </UButton>
    <UDropdownMenu :items="toAdd" :modal="false" :content="{ onCloseAutoFocus: leaveMovedFocus }">
      <UButton><UIcon name="i-lucide-plus" class="size-5" />Add</UButton>
    </UDropdownMenu>
    <UButton
      square
      :class="{ chosen: isGrey }"
      :aria-pressed="isGrey"
      :aria-label="`In ${craft('gray', speech)}`"
      :title="`In ${craft('gray', speech)}`"
      @click="emit('grey')"
    >
      <UIcon name="i-lucide-contrast" class="size-5" />
    </UButton>
    <UPopover :ui="{ content: 'bg-paper text-ink border border-line rounded-xl p-4 w-80 z-50' }">
      <UButton class="ml-auto"> <UIcon name="i-lucide-sliders-horizontal" class="size-5" />Seam, ruler </UButton>
      <template #content><QuiltBasics :quilt="quilt" @edit="(name, change) => emit('edit', name, change)" /></template>
    </UPopover>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  padding: 0.55rem 0.9rem;
}
.bar > .button {
  padding-inline: 0.55rem;
}
.count {
  display: flex;
  align-items: center;
  gap: 0.15rem;
  margin-right: 0.2rem;
}
</style>

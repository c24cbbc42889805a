<script setup lang="ts">
import { setPanel } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import type { Block, Quilt } from '~~/core/file/quilt'

/** A plain block that is embroidered or appliquéd before it is cut to size. */
const { quilt, block } = defineProps<{ quilt: Quilt; block: Block }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const usual = computed(() =>
  quilt.units === 'cm' ? { extra: 2.5 / 2.54, margin: 1 / 2.54 } : { extra: 1, margin: 1 / 2 },
)
const set = (change: Partial<{ extra: number; margin: number }>) =>
  emit('edit', 'panel', setPanel(block.id, { ...usual.value, ...block.panel, ...change }))
</script>

<template>
  <div class="space-y-2">
    <YesNoField
      label="Embroidered or appliquéd first"
      :value="block.panel !== undefined"
      @choose="is => (is ? set({}) : emit('edit', 'panel', setPanel(block.id, null)))"
    />
    <template v-if="block.panel">
      <LengthField
        label="Cloth beyond its cut edge"
        :value="block.panel.extra"
        :least="1 / 4"
        :most="12"
        why="A hoop needs some to hold"
        :step="1 / 4"
        @commit="value => set({ extra: value })"
      />
      <LengthField
        label="Kept free inside its finished edge"
        :value="block.panel.margin"
        :least="0"
        :most="Math.min(12, Math.min(block.width, block.height) / 2 - 1 / 8)"
        why="There must be room for the work"
        :step="1 / 8"
        @commit="value => set({ margin: value })"
      />
    </template>
  </div>
</template>

<script setup lang="ts">
import { removeLeftOver } from '~~/core/edits/wall'
import type { Edit } from '~~/core/edits/edit'
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '~~/core/file/quilt'

/** Blocks for which there is no place: one is chosen, and changes places with a block of the quilt. */
const { quilt, chosen } = defineProps<{ quilt: Quilt; chosen: number | null; canWrite: boolean }>()
const emit = defineEmits<{ choose: [entry: number | null]; edit: [name: string, edit: Edit] }>()

const coloursOf = (cell: Cell) =>
  Object.fromEntries(Object.entries(clothsOfCell(quilt, cell)).map(([role, id]) => [role, clothOf(quilt, id).colour]))
const nameOf = (cell: Cell) => blockOf(quilt, cell.block).name
</script>

<template>
  <ul class="flex flex-wrap gap-2" aria-label="Blocks left over">
    <li v-for="({ entry, cell }, i) in quilt.wall.out" :key="entry" class="flex" data-testid="left-over">
      <UButton
        class="!p-1"
        :class="{ chosen: chosen === entry }"
        :aria-pressed="chosen === entry"
        :aria-label="`${nameOf(cell)}, left over, ${i + 1} of ${quilt.wall.out.length}`"
        :disabled="!canWrite"
        @click="emit('choose', chosen === entry ? null : entry)"
      >
        <DesignPicture
          :design="designOf(quilt, blockOf(quilt, cell.block))"
          :colours="coloursOf(cell)"
          :size="44"
          :style="{ transform: `rotate(${cell.turn}deg) scaleX(${cell.mirror ? -1 : 1})` }"
        />
      </UButton>
      <UButton
        v-if="chosen === entry && canWrite"
        variant="ghost"
        square
        :aria-label="`Put ${nameOf(cell)} away for good`"
        @click="(emit('choose', null), emit('edit', 'block put away', removeLeftOver(entry)))"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </UButton>
    </li>
  </ul>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setShifts } from '~~/core/edits/setting'
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import { rulesOf } from '~~/core/file/settings'
import type { Inches } from '~~/core/measure/ruler'

/** How far rows or columns stand from the edge, used in turn. */
const { quilt, line } = defineProps<{ quilt: Quilt; line: 'row' | 'column' }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const shifts = computed(() => quilt.setting.shifts)
const half = computed(() => ownBlocks(quilt)[0]![rulesOf(quilt.setting).shifted ?? 'width'] / 2)

function shift(at: number, to: Inches | null) {
  const next = shifts.value.flatMap((old, i) => (i !== at ? [old] : to === null ? [] : [to]))
  emit('edit', 'shift', setShifts(next))
}
/** As much further in as the last from the one before. */
function addShift() {
  const [last, before] = [shifts.value.at(-1)!, shifts.value.at(-2) ?? 0]
  emit('edit', 'shift', setShifts([...shifts.value, last + (last - before || half.value)]))
}
</script>

<template>
  <div>
    <p class="label">Distance from the edge, {{ line }} by {{ line }}, then over again</p>
    <div v-for="(length, i) in shifts" :key="i" class="mb-1 flex items-end gap-1">
      <LengthField
        class="grow"
        :label="`${line === 'row' ? 'Row' : 'Column'} ${i + 1}`"
        :value="length"
        :least="0"
        :most="100"
        :step="quilt.ruler || 1 / 8"
        @commit="v => shift(i, v)"
      />
      <UButton
        v-if="shifts.length > 1"
        variant="ghost"
        square
        :aria-label="`Without the distance of ${line} ${i + 1}`"
        @click="shift(i, null)"
      >
        <UIcon name="i-lucide-x" class="size-5" />
      </UButton>
    </div>
    <div class="flex flex-wrap gap-2">
      <UButton class="!px-3" @click="addShift">
        <UIcon name="i-lucide-plus" class="size-5" />Another {{ line }}
      </UButton>
      <UButton
        class="!px-3"
        :class="{ chosen: quilt.setting.shift === undefined }"
        @click="emit('edit', 'shift', setShifts(null))"
      >
        half a block, by turns
      </UButton>
    </div>
  </div>
</template>

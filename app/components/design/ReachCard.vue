<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { waysToReach } from '~~/core/edits/reach'
import type { Inches } from '~~/core/measure/ruler'
import type { Quilt } from '~~/core/file/quilt'
import { formatLength } from '~~/words/length'

const { quilt, side, value } = defineProps<{ quilt: Quilt; side: 'width' | 'height'; value: Inches }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const settings = useSettings()
const target = ref<Inches | null>(null)
const ways = computed(() => (target.value === null ? [] : waysToReach(quilt, side, target.value)))
const partName = (way: (typeof ways.value)[number]) =>
  way.part === 'border'
    ? quilt.borders.length > 1
      ? `border ${way.border}`
      : 'the border'
    : way.part === 'blocks'
      ? `${way.count} blocks`
      : `${way.count} sashes`

function take(way: (typeof ways.value)[number]) {
  target.value = null
  emit('edit', `${side} of the quilt`, way.edit)
}
</script>

<template>
  <div class="mt-3 border-t border-line pt-3">
    <LengthField
      :label="side === 'width' ? 'Make it this wide' : 'Make it this high'"
      :value="target ?? value"
      :least="2"
      :most="400"
      :step="1"
      @commit="v => (target = v)"
    />
    <div v-if="target !== null" class="mt-3 space-y-2" role="group" aria-label="Which part takes it up">
      <p class="label">Which part shall take it up?</p>
      <UButton
        v-for="way in ways"
        :key="`${way.part}${way.border}`"
        class="w-full !justify-start text-left"
        @click="take(way)"
      >
        <span data-given
          >{{ partName(way) }}:
          <span class="figure">{{ formatLength(way.from, settings) }} → {{ formatLength(way.to, settings) }}</span
          ><span v-if="Math.abs(way.total - target) > 1e-6" class="note figure">
            comes to {{ formatLength(way.total, settings) }}</span
          ></span
        >
      </UButton>
      <p v-if="ways.length === 0" class="note">
        No part can take that up by itself. Add a border, or another row of blocks.
      </p>
    </div>
  </div>
</template>

<script setup lang="ts">
import { setBinding } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { sameLength } from '~~/core/measure/ruler'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; removed: [] }>()
const binding = computed(() => quilt.binding!)

function remove() {
  emit('edit', 'no binding', setBinding(null))
  emit('removed')
}
</script>

<template>
  <section class="card floating space-y-3.5" aria-label="Binding">
    <h2>
      Binding
      <span class="note text-base font-normal">{{ binding.style === 'single' ? 'single' : 'double' }}-fold</span>
    </h2>
    <LengthField
      label="Strip, as cut"
      :value="binding.strip"
      :least="1"
      :most="6"
      why="Narrower cannot be folded over"
      :step="quilt.ruler || 1 / 8"
      @commit="v => emit('edit', 'binding strip', setBinding({ strip: v }))"
    />
    <ClothPicker
      label="Cloth"
      :cloths="quilt.cloths"
      :value="binding.cloth"
      @choose="cloth => cloth && emit('edit', 'cloth of the binding', setBinding({ cloth }))"
    />
    <LengthField
      label="Seam that sews it on"
      :value="binding.seam"
      :least="1 / 8"
      :most="1"
      why="A narrower seam would not hold, a wider one would hide the border"
      :step="quilt.ruler || 1 / 8"
      @commit="v => emit('edit', 'seam of the binding', setBinding({ seam: sameLength(v, quilt.seam) ? null : v }))"
    />
    <label class="block">
      <span class="label">Strips joined</span>
      <select
        class="field"
        :value="binding.join"
        @change="
          event =>
            emit(
              'edit',
              'joins of the binding',
              setBinding({ join: (event.target as HTMLSelectElement).value as 'diagonal' | 'straight' }),
            )
        "
      >
        <option value="diagonal">on the diagonal</option>
        <option value="straight">straight</option>
      </select>
    </label>
    <button type="button" class="button" @click="remove">
      <UIcon name="i-lucide-trash-2" class="size-5" />No binding
    </button>
  </section>
</template>

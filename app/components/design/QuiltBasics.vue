<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { AIMS } from '~~/core/file/schema'
import type { Edit } from '~~/core/edits/edit'
import { fromInches } from '~~/core/measure/units'
import { aimName, capital } from '~~/words/names'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const setAim = useAim()
const name = ref(quilt.name)
watch(
  () => quilt.name,
  value => (name.value = value),
)
function rename() {
  const text = name.value.trim()
  if (text !== '' && text !== quilt.name) emit('edit', 'name of the quilt', file => ({ ...file, name: text }))
}
</script>

<template>
  <div class="space-y-3">
    <div>
      <label class="label" for="quilt-name">Name</label>
      <input id="quilt-name" v-model="name" class="field" maxlength="200" @blur="rename" @keydown.enter="rename" />
    </div>
    <LengthField
      label="Seam allowance"
      :value="quilt.seam"
      :least="1 / 16"
      :most="2"
      :step="1 / 16"
      @commit="v => emit('edit', 'seam allowance', file => ({ ...file, seam: fromInches(v, file.units ?? 'in') }))"
    />
    <LengthField
      label="Ruler step"
      :value="quilt.ruler"
      :least="0"
      :most="1"
      :step="1 / 16"
      @commit="v => emit('edit', 'ruler', file => ({ ...file, ruler: fromInches(v, file.units ?? 'in') }))"
    />
    <div>
      <label class="label" for="quilt-aim">Make units with</label>
      <select
        id="quilt-aim"
        class="field"
        :value="quilt.aim"
        @change="event => setAim((event.target as HTMLSelectElement).value as typeof quilt.aim)"
      >
        <option v-for="aim in AIMS" :key="aim" :value="aim">{{ capital(aimName(aim)) }}</option>
      </select>
    </div>
  </div>
</template>

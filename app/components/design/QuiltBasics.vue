<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { AIMS } from '~~/core/file/schema'
import type { Edit } from '~~/core/edits/edit'
import { fromInches } from '~~/core/measure/units'
import { aimName, capital } from '~~/words/names'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const setAim = useAim()
</script>

<template>
  <div class="space-y-3">
    <TextField
      label="Name"
      :value="quilt.name"
      @commit="name => name !== '' && emit('edit', 'name of the quilt', file => ({ ...file, name }))"
    />
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
    <ChoiceField
      label="Make units with"
      :value="quilt.aim"
      :options="AIMS.map(aim => ({ value: aim, label: capital(aimName(aim)) }))"
      @choose="setAim"
    />
  </div>
</template>

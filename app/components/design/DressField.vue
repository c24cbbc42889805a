<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'

/** The cloth of a part: chosen by its swatch, or from pictures of this quilt side by side. */
const { name, dress } = defineProps<{
  quilt: Quilt
  value: string
  /** Over the pictures. */
  title: string
  /** What the change is called. */
  name: string
  /** The part in another cloth. */
  dress: (cloth: string) => Edit
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const isAuditioning = ref(false)
</script>

<template>
  <ClothPicker
    label="Cloth"
    :cloths="quilt.cloths"
    :value="value"
    @choose="cloth => cloth && emit('edit', name, dress(cloth))"
  />
  <UButton class="w-full" @click="isAuditioning = true">
    <UIcon name="i-lucide-columns-3" class="size-5" />Cloths side by side
  </UButton>
  <AuditionSheet
    v-if="isAuditioning"
    v-model:open="isAuditioning"
    :title="title"
    :name="name"
    :value="value"
    :dress="dress"
    @edit="(change, edit) => emit('edit', change, edit)"
  />
</template>

<script setup lang="ts">
import { setBinding } from '~~/core/edits/binding'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; removed: [] }>()
function remove() {
  emit('edit', 'no binding', setBinding(null))
  emit('removed')
}
</script>

<template>
  <section class="card floating space-y-3.5" aria-label="Binding">
    <h2>Binding</h2>
    <BindingFields :quilt="quilt" @edit="(name, change) => emit('edit', name, change)" />
    <UButton @click="remove"> <UIcon name="i-lucide-trash-2" class="size-5" />No binding </UButton>
  </section>
</template>

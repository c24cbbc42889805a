<script setup lang="ts">
import type { PageKind } from '~~/core/paper/sheet'

/** On which paper it is printed. */
const { value } = defineProps<{ value: PageKind }>()
const emit = defineEmits<{ choose: [value: PageKind] }>()
</script>

<template>
  <ChoiceField
    label="Page"
    :value="value"
    :options="[
      { value: 'letter', label: 'Letter' },
      { value: 'a4', label: 'A4' },
    ]"
    @choose="page => emit('choose', page)"
  />
</template>

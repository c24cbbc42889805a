<script setup lang="ts">
/** Yes or no; the words may be given as a slot. */
const {
  value,
  label = undefined,
  disabled = false,
} = defineProps<{ value: boolean; label?: string; disabled?: boolean }>()
const emit = defineEmits<{ choose: [value: boolean] }>()
</script>

<template>
  <UCheckbox :model-value="value" :disabled="disabled" @update:model-value="is => emit('choose', is === true)">
    <template #label>
      <slot>{{ label }}</slot>
    </template>
  </UCheckbox>
</template>

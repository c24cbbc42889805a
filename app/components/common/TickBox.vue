<script setup lang="ts">
const {
  checked,
  label,
  disabled = false,
} = defineProps<{ checked: boolean | 'mixed'; label: string; disabled?: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <button
    type="button"
    class="tick"
    role="checkbox"
    :aria-checked="checked"
    :aria-label="label"
    :disabled="disabled"
    @click="emit('toggle')"
  >
    <UIcon v-if="checked === true" name="i-lucide-check" class="size-7" />
    <UIcon v-else-if="checked === 'mixed'" name="i-lucide-minus" class="size-7" />
  </button>
</template>

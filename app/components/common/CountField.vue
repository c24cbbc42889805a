<script setup lang="ts">
/** A count that is changed one by one, or typed. */
const { value, label, least, most } = defineProps<{ value: number; label: string; least: number; most: number }>()
const emit = defineEmits<{ commit: [value: number] }>()
</script>

<template>
  <NumberField
    class="!w-24"
    :label="label"
    :value="value"
    :least="least"
    :most="most"
    @commit="count => emit('commit', count)"
  >
    <template #before>
      <UButton square :aria-label="`${label}: one fewer`" :disabled="value <= least" @click="emit('commit', value - 1)">
        <UIcon name="i-lucide-minus" class="size-5" />
      </UButton>
    </template>
    <template #after>
      <UButton square :aria-label="`${label}: one more`" :disabled="value >= most" @click="emit('commit', value + 1)">
        <UIcon name="i-lucide-plus" class="size-5" />
      </UButton>
    </template>
  </NumberField>
</template>

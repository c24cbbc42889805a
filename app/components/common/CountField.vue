<script setup lang="ts">
/** A count that is changed one by one, or typed. */
const { value, label, least, most } = defineProps<{ value: number; label: string; least: number; most: number }>()
const emit = defineEmits<{ commit: [value: number] }>()
</script>

<template>
  <div class="flex items-end gap-2" role="group" :aria-label="label">
    <UButton square :aria-label="`${label}: one fewer`" :disabled="value <= least" @click="emit('commit', value - 1)">
      <UIcon name="i-lucide-minus" class="size-5" />
    </UButton>
    <NumberField
      place="order-first grow"
      :label="label"
      :value="value"
      :least="least"
      :most="most"
      @commit="count => emit('commit', count)"
    />
    <UButton square :aria-label="`${label}: one more`" :disabled="value >= most" @click="emit('commit', value + 1)">
      <UIcon name="i-lucide-plus" class="size-5" />
    </UButton>
  </div>
</template>

<script setup lang="ts" generic="T extends string">
/** One of a few, all in sight. */
const { value, options, label } = defineProps<{
  value: T | null
  options: readonly { value: T; label: string; disabled?: boolean }[]
  label: string
}>()
const emit = defineEmits<{ choose: [value: T] }>()
defineSlots<{
  /** A picture before the words. */
  picture?: (props: { value: T }) => unknown
}>()

const items = computed(() =>
  options.map(({ value: own, label: words, disabled = false }) => ({ value: own as string, label: words, disabled })),
)
</script>

<template>
  <URadioGroup
    :legend="label"
    :model-value="value ?? undefined"
    :items="items"
    :variant="$slots.picture ? 'card' : 'list'"
    :orientation="$slots.picture ? 'vertical' : 'horizontal'"
    :indicator="$slots.picture ? 'hidden' : 'start'"
    @update:model-value="chosen => emit('choose', chosen as T)"
  >
    <template #label="{ item }">
      <span class="flex items-center gap-2"><slot name="picture" :value="item.value as T" />{{ item.label }}</span>
    </template>
  </URadioGroup>
</template>

<script setup lang="ts" generic="T extends string">
/** One of a few, all in sight. */
const {
  value,
  options,
  label,
  look = 'list',
  labelled = 'above',
} = defineProps<{
  value: T | null
  options: readonly { value: T; label: string; disabled?: boolean }[]
  label: string
  /** In a line, or each a card as wide as its fellow. */
  look?: 'list' | 'cards'
  labelled?: 'above' | 'unseen'
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
    :variant="look === 'cards' ? 'card' : 'list'"
    :orientation="look === 'cards' ? 'vertical' : 'horizontal'"
    :indicator="look === 'cards' ? 'hidden' : 'start'"
    :ui="labelled === 'unseen' ? { legend: 'sr-only' } : {}"
    @update:model-value="chosen => emit('choose', chosen as T)"
  >
    <template #label="{ item }">
      <span class="flex items-center gap-2"><slot name="picture" :value="item.value as T" />{{ item.label }}</span>
    </template>
  </URadioGroup>
</template>

<script setup lang="ts" generic="T extends string">
import type { VNode } from 'vue'

/** What is shown of several like things, one tab each; what a tab shows stands on the page below. */
const { label, tabs, value } = defineProps<{
  label: string
  tabs: readonly { value: T; label: string }[]
  value: T
}>()
const emit = defineEmits<{ choose: [value: T] }>()
defineSlots<{
  /** A picture before the name. */
  picture?: (props: { value: T }) => unknown
  /** How much of it, after the name. */
  more?: (props: { value: T }) => unknown
}>()

const items = computed(() => tabs.map(({ value: own, label: words }) => ({ value: own as string, label: words })))
/** The kit gives its list no name. */
function nameList({ el }: VNode) {
  if (el instanceof HTMLElement) el.querySelector('[role="tablist"]')?.setAttribute('aria-label', label)
}
</script>

<template>
  <UTabs
    class="no-print"
    :model-value="value"
    :items="items"
    :content="false"
    activation-mode="manual"
    @update:model-value="chosen => emit('choose', chosen as T)"
    @vue:mounted="nameList"
  >
    <template #leading="{ item }"><slot name="picture" :value="item.value as T" /></template>
    <template #trailing="{ item }"><slot name="more" :value="item.value as T" /></template>
  </UTabs>
</template>

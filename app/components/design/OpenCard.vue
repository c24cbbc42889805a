<script setup lang="ts">
const { name } = defineProps<{ name: string }>()
const emit = defineEmits<{ close: [] }>()

const root = useTemplateRef('root')
defineExpose({
  /** Into the card, for what is done next. */
  focus: () => root.value?.focus(),
  /** To its first field, for a hand that stays at the keys. */
  enter: () => root.value?.querySelector<HTMLElement>('input, button:not(.close)')?.focus(),
})
</script>

<template>
  <div ref="root" class="open-card" role="group" tabindex="-1" :aria-label="name" @keydown.esc.stop="emit('close')">
    <slot />
    <UButton variant="ghost" square class="close" aria-label="Close" @click="emit('close')">
      <UIcon name="i-lucide-x" class="size-5" />
    </UButton>
  </div>
</template>

<style scoped>
.open-card {
  z-index: 20;
  overflow-y: auto;
  border-radius: 16px;
}
.open-card:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
.close {
  position: absolute;
  top: 0.5rem;
  right: 0.5rem;
}
.open-card :deep(header) {
  padding-right: 2.6rem;
}
</style>

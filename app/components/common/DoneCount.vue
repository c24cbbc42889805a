<script setup lang="ts">
/** How many of like things are done: one fewer, one more, all. */
const { done, all, canWrite, fewer, more } = defineProps<{
  done: number
  all: number
  canWrite: boolean
  /** What the buttons do, for those who do not see them. */
  fewer: string
  more: string
}>()
const emit = defineEmits<{ count: [by: number] }>()
defineSlots<{
  /** The figure between the buttons. */
  default?: () => unknown
  /** The words, or the picture, of the button for all that is left. */
  all: () => unknown
}>()
const isDone = computed(() => done >= all)
</script>

<template>
  <div class="no-print flex items-center gap-2">
    <UButton square :disabled="done === 0 || !canWrite" :aria-label="fewer" @click="emit('count', -1)">
      <UIcon name="i-lucide-minus" class="size-5" />
    </UButton>
    <slot />
    <UButton square :disabled="isDone || !canWrite" :aria-label="more" @click="emit('count', 1)">
      <UIcon name="i-lucide-plus" class="size-5" />
    </UButton>
    <UButton :disabled="isDone || !canWrite" @click="emit('count', all - done)"><slot name="all" /></UButton>
  </div>
</template>

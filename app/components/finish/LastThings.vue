<script setup lang="ts">
import { CAUTIONS } from '~~/words/caution'

/** The last tick of every quilt, however it was made. */
const { done, disabled } = defineProps<{ done: boolean; disabled: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <div class="flex items-center gap-3">
    <TickBox :checked="done" label="It has its label" :disabled="disabled" @toggle="emit('toggle')" />It has its label,
    and its first wash
  </div>
  <p>
    <UButton :to="toPage('last')" data-testid="to-last"
      ><UIcon name="i-lucide-tag" class="size-5" />Hanging, label, care</UButton
    >
  </p>
  <p class="note">{{ CAUTIONS.children }}</p>
</template>

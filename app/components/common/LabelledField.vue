<script setup lang="ts">
/** A field with its name. */
const {
  id,
  label,
  labelled = 'above',
  place = '',
} = defineProps<{
  /** Of the field. */
  id: string
  label: string
  labelled?: Labelled
  /** How it lies among others: classes of label and field together. */
  place?: string
}>()
const NAMED = { above: 'label', beside: 'font-semibold', unseen: 'sr-only' } as const
</script>

<script lang="ts">
/** Where the name of a field stands. */
export type Labelled = 'above' | 'beside' | 'unseen'
</script>

<template>
  <div :class="[place, { 'flex flex-wrap items-center gap-2': labelled === 'beside' }]">
    <label :for="id" :class="NAMED[labelled]">{{ label }}</label>
    <slot />
  </div>
</template>

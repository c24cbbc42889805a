<script setup lang="ts">
const {
  title,
  print = undefined,
  mode = undefined,
} = defineProps<{
  title: string
  /** What printing gives, where the station prints: "the recipe". */
  print?: string
  /** Name of the full-screen mode, where it has one: "At the mat". */
  mode?: string
}>()
const printPage = () => window.print()
</script>

<template>
  <div class="no-print mb-4 flex flex-wrap items-center gap-3">
    <h1 class="mr-auto">{{ title }}</h1>
    <slot />
    <UButton v-if="print" @click="printPage">
      <UIcon name="i-lucide-printer" class="size-5" />Print {{ print }}
    </UButton>
    <UButton v-if="mode" variant="solid" :to="{ query: { steps: null } }"
      ><UIcon name="i-lucide-maximize" class="size-5" />{{ mode }}, step by step</UButton
    >
  </div>
</template>

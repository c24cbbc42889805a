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
const route = useRoute()
const printPage = () => window.print()
</script>

<template>
  <div class="no-print mb-4 flex flex-wrap items-center gap-3">
    <h1 class="mr-auto">{{ title }}</h1>
    <slot />
    <button v-if="print" type="button" class="button" @click="printPage">
      <UIcon name="i-lucide-printer" class="size-5" />Print {{ print }}
    </button>
    <NuxtLink v-if="mode" class="button act" :to="`${route.path}?steps`"
      ><UIcon name="i-lucide-maximize" class="size-5" />{{ mode }}, step by step</NuxtLink
    >
  </div>
</template>

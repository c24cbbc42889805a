<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'

/** A page that has nothing to show yet: what will stand here, and where that is begun. */
const { to = undefined, station = undefined } = defineProps<{ to?: RouteLocationRaw; station?: string }>()
</script>

<template>
  <div class="card max-w-2xl space-y-3" role="status" data-testid="nothing-yet">
    <p><slot /></p>
    <slot name="action">
      <UButton v-if="to" variant="solid" :to="to">{{ station }}</UButton>
    </slot>
  </div>
</template>

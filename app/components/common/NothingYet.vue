<script setup lang="ts">
/** A page that has nothing to show yet: what will stand here, and where that is begun. */
const { to = undefined, station = undefined } = defineProps<{ to?: string; station?: string }>()
</script>

<template>
  <div class="card max-w-2xl space-y-3" role="status" data-testid="nothing-yet">
    <p><slot /></p>
    <slot name="action">
      <NuxtLink v-if="to" class="button act" :to="to">{{ station }}</NuxtLink>
    </slot>
  </div>
</template>

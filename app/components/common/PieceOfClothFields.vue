<script setup lang="ts">
/** A piece of cloth as it is measured: across, along, and how many are alike. */
const {
  piece,
  nth = undefined,
  most,
} = defineProps<{
  piece: { width: number | null; length: number | null; count: number }
  /** Which it is, where several stand below each other. */
  nth?: number
  /** How many may be alike. */
  most: number
}>()
const emit = defineEmits<{ change: [piece: { width: number | null; length: number | null; count: number }] }>()
const named = (what: string, between = ', ') => (nth === undefined ? what : `${what}${between}piece ${nth}`)
</script>

<template>
  <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
    <LengthField
      class="w-44"
      :label="named('Across')"
      :value="piece.width"
      :least="1 / 2"
      :most="150"
      hide-steps
      :step="1 / 8"
      @commit="width => emit('change', { ...piece, width })"
    />
    <LengthField
      class="w-44"
      :label="named('Along')"
      :value="piece.length"
      :least="1 / 2"
      :most="4000"
      hide-steps
      :step="1 / 8"
      @commit="length => emit('change', { ...piece, length })"
    />
    <NumberField
      :label="named('How many', ' of ')"
      place="w-40"
      :value="piece.count"
      :least="1"
      :most="most"
      @commit="count => emit('change', { ...piece, count })"
    />
    <slot />
  </div>
</template>

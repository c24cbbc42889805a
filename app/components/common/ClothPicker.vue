<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Cloth } from '~~/core/file/quilt'

const {
  cloths,
  value,
  label,
  none = undefined,
} = defineProps<{
  cloths: readonly Cloth[]
  /** Id of the chosen cloth; null for none. */
  value: string | null
  label: string
  /** Words for "none of them", where that is a choice. */
  none?: string
}>()
const emit = defineEmits<{ choose: [cloth: string | null] }>()
const group = useId()
</script>

<template>
  <fieldset>
    <legend class="label">{{ label }}</legend>
    <div class="flex flex-wrap gap-1.5">
      <label
        v-for="cloth in fabricsOf(cloths)"
        :key="cloth.id"
        class="choice"
        :class="{ chosen: cloth.id === value }"
        :title="cloth.name"
      >
        <input
          type="radio"
          class="sr-only"
          :name="group"
          :checked="cloth.id === value"
          @change="emit('choose', cloth.id)"
        />
        <ClothSwatch :cloth="cloth" :size="40" />
        <span class="sr-only">{{ cloth.letter }}, {{ cloth.name }}</span>
      </label>
      <label v-if="none" class="choice px-3" :class="{ chosen: value === null }">
        <input type="radio" class="sr-only" :name="group" :checked="value === null" @change="emit('choose', null)" />{{
          none
        }}
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.choice {
  display: inline-grid;
  place-items: center;
  min-height: 48px;
  min-width: 48px;
  border: 2.5px solid transparent;
  border-radius: 11px;
  cursor: pointer;
}
.choice.chosen {
  border-color: var(--madder);
}
.choice:has(:focus-visible) {
  outline: 3px solid var(--indigo-dye);
  outline-offset: 1px;
}
</style>

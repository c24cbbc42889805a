<script setup lang="ts">
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import { blockOf, clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import type { Recipe } from '~~/core/recipes/recipe'

/** A tab for each block in its cloths, as it is pressed. Tabs are called by their place. */
const { recipes, quilt, nameOf } = defineProps<{
  recipes: readonly Recipe[]
  quilt: Quilt
  nameOf: (recipe: Recipe) => string
  value: string
}>()
const emit = defineEmits<{ choose: [value: string] }>()
const tabs = computed(() => recipes.map((recipe, i) => ({ value: String(i), label: nameOf(recipe) })))
const at = (value: string) => recipes[Number(value)]!
const coloursOf = ({ cell }: Recipe) =>
  Object.fromEntries(Object.entries(clothsOfCell(quilt, cell)).map(([role, id]) => [role, clothOf(quilt, id).colour]))
</script>

<template>
  <TabRow label="Blocks" :tabs="tabs" :value="value" @choose="chosen => emit('choose', chosen)">
    <template #picture="{ value: place }">
      <DesignPicture
        :design="designOf(quilt, blockOf(quilt, at(place).block))"
        :colours="coloursOf(at(place))"
        :size="34"
        :style="at(place).cell.mirror ? { transform: 'scaleX(-1)' } : {}"
      />
    </template>
    <template #more="{ value: place }"
      ><span class="note figure">× {{ at(place).count }}</span></template
    >
  </TabRow>
</template>

<script setup lang="ts">
import type { Recipe } from '~~/core/recipes/recipe'
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import { blockOf, designOf, type Quilt } from '~~/core/file/quilt'
import { CAUTIONS } from '~~/words/caution'
import { sewnText } from '~~/words/sewnSettings'

/** A block in its cloths: how large it is to be, and how many of it are sewn. */
const { recipe, quilt, all, made } = defineProps<{
  recipe: Recipe
  name: string
  quilt: Quilt
  /** In how many cloths, or ways of pressing, the block stands. */
  versions: number
  /** Blocks of this design in the quilt, and how many of them are sewn. */
  all: number
  made: number
  /** Sewn before this quilt was planned. */
  isSewn: boolean
  canWrite: boolean
}>()
const emit = defineEmits<{ count: [by: number] }>()

const design = computed(() => designOf(quilt, blockOf(quilt, recipe.block)))
const colours = computed(() => {
  const cloths = new Map(quilt.cloths.map(({ id, colour }) => [id, colour]))
  return Object.fromEntries(
    Object.entries(clothsOfCell(quilt, recipe.cell)).map(([role, id]) => [role, cloths.get(id)!]),
  )
})
/** In a square of 8rem. */
const pictureWidth = computed(() => 128 * Math.min(1, design.value.width / design.value.height))
</script>

<template>
  <header class="mb-4 flex flex-wrap items-center gap-4">
    <div class="h-32 w-32 flex-none">
      <DesignPicture v-if="design.picture" :design="design" :colours="colours" :size="pictureWidth" />
      <PictureView v-else :picture="recipe.done.picture" :cloths="quilt.cloths" label="The block" />
    </div>
    <div>
      <h2 class="text-2xl">{{ name }}</h2>
      <p class="figure !whitespace-normal">
        {{ recipe.count }} in these cloths{{ recipe.version ? ', pressed so' : ''
        }}<template v-if="versions > 1">, {{ all }} in all</template>;
        <Figure :path="`${recipe.path}.width`" title="Unfinished width" /> ×
        <Figure :path="`${recipe.path}.height`" title="Unfinished height" /> unfinished
      </p>
      <p v-if="isSewn" class="font-semibold">{{ sewnText(recipe.frames.length > 0) }}</p>
      <DoneCount
        v-if="!isSewn || recipe.frames.length > 0"
        class="mt-2"
        :done="made"
        :all="all"
        :can-write="canWrite"
        fewer="One block fewer made"
        more="One block more made"
        @count="by => emit('count', by)"
      >
        <span class="figure font-semibold" data-testid="blocks-made"
          >{{ made }} of {{ all }} blocks {{ isSewn ? 'framed' : 'sewn' }}</span
        >
        <template #all>All {{ isSewn ? 'framed' : 'sewn' }}</template>
      </DoneCount>
    </div>
    <p class="caution ml-auto min-w-72 max-w-md flex-1 print:max-w-none">{{ CAUTIONS.needle }}</p>
  </header>
</template>

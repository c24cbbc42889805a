<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { rolesOf } from '~~/core/designs/design'
import { addBlock, frameAll } from '~~/core/edits/blocks'
import { inTurn, type Edit } from '~~/core/edits/edit'
import { dealBlocks, moduleOffers } from '~~/core/edits/sampler'
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import { fabricsOf } from '~~/core/file/trayCloths'
import { sameLength } from '~~/core/measure/ruler'
import { timesPlaced } from '~~/core/top/places'
import { moduleText } from '~~/words/sampler'

/** Blocks of many sizes: each in its own, and all framed to one module. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()

const speech = useSpeech()
const isChoosing = ref(false)
const blocks = computed(() => ownBlocks(quilt))
const module = computed(() => Math.max(...blocks.value.flatMap(({ outer }) => [outer.width, outer.height])))
const largest = computed(() => Math.max(...blocks.value.flatMap(({ width, height }) => [width, height])))
const offers = computed(() => moduleOffers(quilt))
const nameOf = (id: string) => blocks.value.find(block => block.id === id)!.name
const homeless = computed(() => blocks.value.filter(({ id }) => timesPlaced(quilt, id) === 0))
const designs = computed(() => {
  const derived = new Set(quilt.blocks.flatMap(({ derived: of, design }) => (of ? [design] : [])))
  return [...quilt.designs.values()].filter(({ id }) => !derived.has(id))
})
const dressed = (design: Design) =>
  Object.fromEntries(
    rolesOf(design).map((role, i) => [role, fabricsOf(quilt.cloths)[i % fabricsOf(quilt.cloths).length]!.colour]),
  )
</script>

<template>
  <section class="space-y-3.5" aria-labelledby="sizes-of-blocks">
    <h2 id="sizes-of-blocks" class="pr-10">Sizes and frames</h2>
    <p class="note">Each block in its own size; strips round the smaller ones bring all to one module.</p>
    <LengthField
      label="Module: each block with its frame"
      :value="module"
      :least="largest"
      :most="100"
      why="The largest block must fit"
      :step="quilt.ruler || 1 / 8"
      @preview="v => emit('preview', v === null ? null : frameAll(v))"
      @commit="v => emit('edit', 'module', frameAll(v))"
    />
    <div v-if="blocks.length > 1" class="space-y-1.5" role="group" aria-label="Modules that suit these blocks">
      <UButton
        v-for="offer in offers"
        :key="offer.module"
        class="w-full !justify-start text-left"
        :class="{ chosen: sameLength(offer.module, module) }"
        :aria-pressed="sameLength(offer.module, module)"
        data-testid="module-offer"
        @click="emit('edit', 'module', frameAll(offer.module))"
        >{{ moduleText(offer, nameOf, speech) }}</UButton
      >
    </div>
    <UButton v-if="blocks.length > 1" class="w-full" @click="emit('edit', 'blocks by turns', dealBlocks(quilt))"
      ><UIcon name="i-lucide-layout-grid" class="size-5" />Fill the places with all {{ blocks.length }} by
      turns</UButton
    >
    <p v-if="homeless.length > 0" class="caution" role="status">
      {{ homeless.length === 1 ? '1 block stands' : `${homeless.length} blocks stand` }} nowhere yet.
    </p>
    <ul class="space-y-5">
      <SizeRow
        v-for="block in blocks"
        :key="block.id"
        :quilt="quilt"
        :block="block"
        :module="module"
        @edit="(name, change) => emit('edit', name, change)"
        @preview="change => emit('preview', change)"
      />
    </ul>
    <UButton class="w-full" @click="isChoosing = true"
      ><UIcon name="i-lucide-plus" class="size-5" />Another block …</UButton
    >
    <DesignChooser
      v-model:open="isChoosing"
      :designs="designs"
      :colours="dressed"
      title="Another block beside these"
      @choose="design => emit('edit', 'another block', inTurn(addBlock(design, null), frameAll(module)))"
    />
  </section>
</template>

<script setup lang="ts">
import { removeBorder, setBorder, setCorners } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { borderOffers, repeatOffers } from '~~/core/edits/widthOffers'
import { CORNER_KINDS, cornerRules } from '~~/core/file/corners'
import type { Quilt } from '~~/core/file/quilt'
import { cornersName } from '~~/words/border'

const { quilt, border } = defineProps<{
  quilt: Quilt
  /** Counted from 1, inside out. */
  border: number
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null]; removed: [] }>()

const speech = useSpeech()
const found = computed(() => quilt.borders[border - 1]!)
const isEven = computed(() => Math.abs(found.value.sides - found.value.ends) < 1e-6)
const apart = ref(false)
const showBoth = computed(() => apart.value || !isEven.value)
const edit = (change: Parameters<typeof setBorder>[1]) => setBorder(border - 1, change)

// sizes of a large quilt take longer than a frame: while a width is typed they wait
const settled = refDebounced(
  computed(() => quilt),
  200,
)
const offers = computed(() => borderOffers(settled.value, border - 1))
const dividing = computed(() => repeatOffers(settled.value, border - 1))
const dressBorder = (cloth: string) => edit({ cloth })
const cornerCloth = computed(() => {
  const { cornerWears } = found.value
  return cornerWears && 'cloth' in cornerWears ? cornerWears.cloth : null
})

function remove() {
  emit('edit', 'no border', removeBorder(border - 1))
  emit('removed')
}
</script>

<template>
  <section class="card floating space-y-3.5" :aria-label="`Border ${border}`">
    <header class="flex items-baseline justify-between gap-2">
      <h2>Border {{ quilt.borders.length > 1 ? border : '' }}</h2>
      <span v-if="quilt.borders.length > 1" class="note">of {{ quilt.borders.length }}, inside out</span>
    </header>
    <LengthField
      :label="showBoth ? 'Sides, finished' : 'Finished width'"
      :value="found.sides"
      :least="1 / 4"
      :most="60"
      why="Narrower cannot be sewn"
      :step="quilt.ruler || 1 / 8"
      @preview="v => emit('preview', v === null ? null : edit(showBoth ? { sides: v } : { sides: v, ends: v }))"
      @commit="v => emit('edit', 'border width', edit(showBoth ? { sides: v } : { sides: v, ends: v }))"
    />
    <LengthField
      v-if="showBoth"
      label="Top and bottom, finished"
      :value="found.ends"
      :least="1 / 4"
      :most="60"
      :step="quilt.ruler || 1 / 8"
      @preview="v => emit('preview', v === null ? null : edit({ ends: v }))"
      @commit="v => emit('edit', 'border width', edit({ ends: v }))"
    />
    <WidthOffers
      v-if="dividing.length > 0"
      label="Its units divide the sides: across × down, and the quilt's size"
      :offers="dividing"
      :value="found.sides"
      @choose="width => emit('edit', 'border width', edit({ sides: width, ends: width }))"
    />
    <WidthOffers
      v-if="!showBoth"
      label="Between sashing and block, and the quilt's size"
      :offers="offers"
      :value="found.sides"
      @choose="width => emit('edit', 'border width', edit({ sides: width, ends: width }))"
    />
    <YesNoField
      label="Sides and ends differ"
      :value="showBoth"
      @choose="
        differ =>
          differ ? (apart = true) : (emit('edit', 'even border', edit({ ends: found.sides })), (apart = false))
      "
    />
    <DressField
      :title="`Cloths for border ${border}`"
      name="cloth of the border"
      :quilt="quilt"
      :value="found.cloth"
      :dress="dressBorder"
      @edit="(change, edit) => emit('edit', change, edit)"
    />
    <StripStripesField
      v-if="!found.pieced"
      :quilt="quilt"
      :cloth="found.cloth"
      :value="found.stripes ?? null"
      @choose="stripes => emit('edit', 'stripes of the border', edit({ stripes }))"
    />
    <ChoiceField
      label="Corners"
      :value="found.corners"
      :options="CORNER_KINDS.map(value => ({ value, label: cornersName(value, speech) }))"
      @choose="value => emit('edit', 'corners of the border', setCorners(border - 1, value))"
    />
    <ClothPicker
      v-if="cornerCloth !== null"
      label="Cloth of the corners"
      :cloths="quilt.cloths"
      :value="cornerCloth"
      @choose="cloth => cloth && emit('edit', 'cloth of the corners', edit({ corners: { cloth } }))"
    />
    <PiecedBorder :quilt="quilt" :border="border" @edit="(name, change) => emit('edit', name, change)" />
    <ChoiceField
      v-if="!cornerRules(found.corners).isOnSlant"
      label="Sewn on first"
      :value="found.first"
      :options="[
        { value: 'sides', label: 'the sides' },
        { value: 'ends', label: 'top and bottom' },
      ]"
      @choose="value => emit('edit', 'order of the border', edit({ first: value }))"
    />
    <ChoiceField
      v-if="!found.pieced && !found.stripes"
      label="Longer than the cloth is wide?"
      :value="found.long"
      :options="[
        { value: 'across', label: 'join strips cut across' },
        { value: 'along', label: 'cut along the cloth, no joins' },
      ]"
      @choose="value => emit('edit', 'cut of the border', edit({ long: value }))"
    />
    <UButton @click="remove"> <UIcon name="i-lucide-trash-2" class="size-5" />Take this border off </UButton>
  </section>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setSashing, setSashStripes, withoutCornerstones } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'
import { rulesOf } from '~~/core/file/settings'
import { sashOffers, sizeWithoutSashing } from '~~/core/edits/widthOffers'
import { formatSize } from '~~/words/length'

const { quilt, strips, cornerstones } = defineProps<{
  quilt: Quilt
  /** How many sashes and cornerstones there are. */
  strips: number
  cornerstones: number
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()

const sashing = computed(() => quilt.setting.sashing!)
const speech = useSpeech()
// sizes of a large quilt take longer than a frame: while a width is typed they wait
const settled = refDebounced(
  computed(() => quilt),
  200,
)
const offers = computed(() => sashOffers(settled.value))
const without = computed(() => sizeWithoutSashing(settled.value))
const rules = computed(() => rulesOf(quilt.setting).sashing)
/** Where sashes run one way only there are no crossings. */
const isCrossed = computed(() => sashing.value.between === 'both')
const canHaveStones = computed(() => isCrossed.value && rules.value.stones !== 'none')
const WAYS = [
  { value: 'both', label: 'round every block' },
  { value: 'rows', label: 'only between rows' },
  { value: 'columns', label: 'only between columns' },
] as const
const ways = computed(() => WAYS.filter(({ value }) => rules.value.between.includes(value)))
const stoneCloth = computed(() => {
  const stones = sashing.value.cornerstones
  return stones && 'cloth' in stones ? stones.cloth : null
})
const dressSashing = (cloth: string) => setSashing({ cloth })
</script>

<template>
  <section class="card floating space-y-3.5" aria-label="Sashing">
    <header class="flex items-baseline gap-2">
      <h2>Sashing</h2>
      <span class="note">all {{ strips }} strips</span>
    </header>
    <LengthField
      label="Finished width"
      :value="sashing.width"
      :least="1 / 4"
      :most="60"
      why="Narrower cannot be sewn"
      :step="quilt.ruler || 1 / 8"
      @preview="v => emit('preview', v === null ? null : setSashing({ width: v }))"
      @commit="v => emit('edit', 'sashing width', setSashing({ width: v }))"
    />
    <WidthOffers
      label="A part of the block, and the quilt's size"
      :offers="offers"
      :value="sashing.width"
      @choose="width => emit('edit', 'sashing width', setSashing({ width }))"
    >
      <UButton class="offer-none" @click="emit('edit', 'no sashing', setSashing(null))">
        <span>none</span>
        <span class="figure font-normal">{{ formatSize(without.width, without.height, speech) }}</span>
      </UButton>
    </WidthOffers>
    <DressField
      title="Cloths for the sashing"
      name="cloth of the sashing"
      :quilt="quilt"
      :value="sashing.cloth"
      :dress="dressSashing"
      @edit="(change, edit) => emit('edit', change, edit)"
    />
    <StripStripesField
      :quilt="quilt"
      :cloth="sashing.cloth"
      :value="sashing.stripes ?? null"
      @choose="stripes => emit('edit', 'stripes of the sashing', setSashStripes(stripes))"
    />
    <ClothPicker
      v-if="canHaveStones"
      :label="cornerstones > 0 ? `${cornerstones} cornerstones` : 'Cornerstones'"
      :cloths="quilt.cloths"
      :value="stoneCloth"
      :none="rules.stones === 'always' ? undefined : 'none'"
      @choose="
        cloth => emit('edit', 'cornerstones', cloth ? setSashing({ cornerstones: { cloth } }) : withoutCornerstones())
      "
    />
    <PiecedSashes
      v-if="rules.canBePieced && isCrossed"
      :quilt="quilt"
      :sashing="sashing"
      @edit="(name, change) => emit('edit', name, change)"
    />
    <YesNoField
      v-if="!rules.isOuter"
      label="Round the outside too"
      :value="sashing.outer"
      @choose="outer => emit('edit', 'sashing all round', setSashing({ outer }))"
    />
    <ChoiceField
      v-if="ways.length > 1"
      label="Where they run"
      :value="sashing.between"
      :options="ways"
      @choose="value => emit('edit', 'where sashes run', setSashing({ between: value }))"
    />
    <ChoiceField
      v-if="!sashing.cornerstones && !sashing.stripes"
      label="Long sashes"
      :value="sashing.long"
      :options="[
        { value: 'along', label: 'cut along the cloth, no joins' },
        { value: 'across', label: 'joined from strips across' },
      ]"
      @choose="value => emit('edit', 'long sashes', setSashing({ long: value }))"
    />
  </section>
</template>

<style scoped>
.offer-none {
  justify-content: space-between;
  width: 100%;
  padding-inline: 0.8rem;
}
</style>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setSashing, withoutCornerstones } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'
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
/** Where sashes run one way only, or past shifted rows, there are no crossings. */
const isStoned = computed(() => sashing.value.between === 'both' && !quilt.setting.kind.startsWith('offset'))
const stoneCloth = computed(() => {
  const stones = sashing.value.cornerstones
  return stones && 'cloth' in stones ? stones.cloth : null
})
const stoneBlock = computed(() => {
  const stones = sashing.value.cornerstones
  return stones && 'design' in stones ? stones : null
})
/** A design of the quilter's own goes into the file with it. */
const both =
  (also: Edit, change: NonNullable<Parameters<typeof setSashing>[0]>): Edit =>
  file =>
    setSashing(change)(also(file))
const isAuditioning = ref(false)
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
      <button type="button" class="button offer-none" @click="emit('edit', 'no sashing', setSashing(null))">
        <span>none</span>
        <span class="figure font-normal">{{ formatSize(without.width, without.height, speech) }}</span>
      </button>
    </WidthOffers>
    <ClothPicker
      label="Cloth"
      :cloths="quilt.cloths"
      :value="sashing.cloth"
      @choose="cloth => cloth && emit('edit', 'cloth of the sashing', setSashing({ cloth }))"
    />
    <button type="button" class="button w-full" @click="isAuditioning = true">
      <UIcon name="i-lucide-columns-3" class="size-5" />Cloths side by side
    </button>
    <AuditionSheet
      v-if="isAuditioning"
      v-model:open="isAuditioning"
      title="Cloths for the sashing"
      name="cloth of the sashing"
      :value="sashing.cloth"
      :dress="dressSashing"
      @edit="(name, change) => emit('edit', name, change)"
    />
    <ClothPicker
      v-if="isStoned"
      :label="cornerstones > 0 ? `${cornerstones} cornerstones` : 'Cornerstones'"
      :cloths="quilt.cloths"
      :value="stoneCloth"
      :none="quilt.setting.kind === 'on-point' ? undefined : 'none'"
      @choose="
        cloth => emit('edit', 'cornerstones', cloth ? setSashing({ cornerstones: { cloth } }) : withoutCornerstones())
      "
    />
    <template v-if="quilt.setting.kind === 'straight' && sashing.between === 'both'">
      <PiecedField
        label="Short sashes"
        :quilt="quilt"
        :value="sashing.pieced ?? null"
        can-be-plain
        @choose="(pieced, also) => emit('edit', 'piecing of the sashes', both(also, { pieced: pieced ?? undefined }))"
      />
      <PiecedField
        v-if="sashing.cornerstones"
        label="In the cornerstones"
        :quilt="quilt"
        :value="stoneBlock"
        can-be-plain
        @choose="
          (pieced, also) =>
            emit('edit', 'cornerstones', both(also, { cornerstones: pieced ?? { cloth: sashing.cloth } }))
        "
      />
    </template>
    <label v-if="quilt.setting.kind !== 'on-point'" class="flex min-h-11 items-center gap-3"
      ><input
        type="checkbox"
        class="size-6"
        :checked="sashing.outer"
        @change="emit('edit', 'sashing all round', setSashing({ outer: !sashing.outer }))"
      />Round the outside too</label
    >
    <label v-if="quilt.setting.kind === 'straight'" class="block">
      <span class="label">Where they run</span>
      <select
        class="field"
        :value="sashing.between"
        @change="
          event =>
            emit(
              'edit',
              'where sashes run',
              setSashing({ between: (event.target as HTMLSelectElement).value as typeof sashing.between }),
            )
        "
      >
        <option value="both">round every block</option>
        <option value="rows">only between rows</option>
        <option value="columns">only between columns</option>
      </select>
    </label>
    <label v-if="!sashing.cornerstones" class="block">
      <span class="label">Long sashes</span>
      <select
        class="field"
        :value="sashing.long"
        @change="
          event =>
            emit(
              'edit',
              'long sashes',
              setSashing({ long: (event.target as HTMLSelectElement).value as 'along' | 'across' }),
            )
        "
      >
        <option value="along">cut along the cloth, no joins</option>
        <option value="across">joined from strips across</option>
      </select>
    </label>
  </section>
</template>

<style scoped>
.offer-none {
  justify-content: space-between;
  width: 100%;
  padding-inline: 0.8rem;
}
</style>

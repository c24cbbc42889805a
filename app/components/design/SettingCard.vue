<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Edit } from '~~/core/edits/edit'
import { setEnds, setFloat, setKind, setSettingCloth } from '~~/core/edits/setting'
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import { canEndInHalves, rulesOf, SETTING_KINDS, type SettingKind } from '~~/core/file/settings'
import type { EndFiller } from '~~/core/file/settings/settingRules'
import type { QuiltFile } from '~~/core/file/schema'
import { sameLength } from '~~/core/measure/ruler'
import { settingName } from '~~/words/names'

/** Shows what the way of setting says of itself: it knows none by name. */
const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  preview: [edit: Edit | null]
  /** To the sizes and frames of all blocks. */
  sizes: []
}>()

const setting = computed(() => quilt.setting)
const rules = computed(() => rulesOf(quilt.setting))
/** Only square blocks of one size can stand on a corner. */
const canStandOnCorner = computed(() => {
  const [first, ...others] = ownBlocks(quilt).map(({ outer }) => outer)
  const isAlike = (size: number) => sameLength(size, first!.width)
  return isAlike(first!.height) && others.every(({ width, height }) => isAlike(width) && isAlike(height))
})
const kinds = computed(() =>
  SETTING_KINDS.map(kind => ({
    value: kind,
    label: settingName(kind),
    disabled: rulesOf({ kind }).standing === 'on-corner' && !canStandOnCorner.value,
  })),
)
const line = computed(() => (rules.value.joined === 'column' ? 'column' : 'row'))
const isFramed = computed(() => quilt.blocks.some(({ frame }) => frame.length > 0))
const hasHalves = computed(() => setting.value.ends === 'half-blocks')
const endCloth = computed(() => (typeof setting.value.ends === 'object' ? setting.value.ends.cloth : null))
const ends = computed(() => [
  {
    value: 'half-blocks' as const,
    label: 'half blocks',
    disabled: !canEndInHalves(rules.value, setting.value, isFramed.value),
  },
  { value: 'cloth' as const, label: 'cloth' },
])

function choose(kind: SettingKind) {
  if (kind !== setting.value.kind) emit('edit', 'way of setting', setKind(kind))
}
function fillEnds(filler: EndFiller) {
  emit('edit', 'ends', setEnds(filler === 'half-blocks' ? filler : { cloth: fabricsOf(quilt.cloths).at(-1)!.id }))
}
</script>

<template>
  <section class="space-y-3.5" aria-label="Setting">
    <div>
      <RadioField look="cards" label="How the blocks are set" :value="setting.kind" :options="kinds" @choose="choose">
        <template #picture="{ value }"><SettingSample :kind="value" :file="file" :quilt="quilt" /></template>
      </RadioField>
      <p v-if="!canStandOnCorner" class="note mt-1">On point the blocks must be square and all of one size.</p>
      <UButton class="mt-1.5 w-full" @click="emit('sizes')"
        ><UIcon name="i-lucide-ruler" class="size-5" />Sizes and frames of the blocks …</UButton
      >
    </div>

    <ClothPicker
      v-if="rules.hasTriangles"
      label="Triangles at the sides and corners"
      :cloths="quilt.cloths"
      :value="setting.settingCloth ?? null"
      @choose="cloth => cloth && emit('edit', 'cloth of the triangles', setSettingCloth(cloth))"
    />
    <template v-if="rules.canFloat">
      <LengthField
        v-if="!setting.sashing"
        label="Blocks float: cloth beyond their corners"
        :value="setting.float"
        :least="0"
        :most="20"
        :step="quilt.ruler || 1 / 8"
        @preview="v => emit('preview', v === null ? null : setFloat(v))"
        @commit="v => emit('edit', 'float', setFloat(v))"
      />
      <p v-else class="note">Sashed on point, the edge runs through the middle of the outer cornerstones.</p>
    </template>

    <RadioField
      v-if="rules.ends.length > 1"
      :label="`Ends of the shifted ${line}s`"
      :value="hasHalves ? 'half-blocks' : 'cloth'"
      :options="ends"
      @choose="fillEnds"
    />
    <p v-if="rules.shifted && hasHalves" class="note">
      Every second {{ line }} is shifted by half a block. There is no sashing.
    </p>
    <ClothPicker
      v-if="rules.ends.length > 0 && endCloth"
      label="Cloth of the ends"
      :cloths="quilt.cloths"
      :value="endCloth"
      @choose="cloth => cloth && emit('edit', 'cloth of the ends', setEnds({ cloth }))"
    />
    <ShiftsField
      v-if="rules.shifted && !hasHalves"
      :quilt="quilt"
      :line="line"
      @edit="(name, change) => emit('edit', name, change)"
    />
    <template v-if="rules.hasOwnRows">
      <OwnRowsField
        :quilt="quilt"
        @edit="(name, change) => emit('edit', name, change)"
        @preview="change => emit('preview', change)"
      />
    </template>
  </section>
</template>

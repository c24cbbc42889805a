<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setSashing, withoutCornerstones } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'
import { roundToRuler } from '~~/core/measure/ruler'

const { quilt, strips, cornerstones } = defineProps<{
  quilt: Quilt
  /** How many sashes and cornerstones there are. */
  strips: number
  cornerstones: number
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()

const sashing = computed(() => quilt.setting.sashing!)
const block = computed(() => quilt.blocks[0]!.width)
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
const SHARES = [
  [1, 6, '1/6'],
  [1, 4, '1/4'],
  [1, 3, '1/3'],
  [1, 2, '1/2'],
] as const
const share = (over: number, under: number) => roundToRuler((block.value * over) / under, quilt.ruler)
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
    <div>
      <p class="label">A part of the block</p>
      <div class="flex flex-wrap gap-2">
        <button
          v-for="[over, under, text] in SHARES"
          :key="text"
          type="button"
          class="button figure !px-3"
          :class="{ chosen: Math.abs(share(over, under) - sashing.width) < 1e-6 }"
          @click="emit('edit', 'sashing width', setSashing({ width: share(over, under) }))"
        >
          {{ text }}
        </button>
        <button type="button" class="button !px-3" @click="emit('edit', 'no sashing', setSashing(null))">none</button>
      </div>
    </div>
    <ClothPicker
      label="Cloth"
      :cloths="quilt.cloths"
      :value="sashing.cloth"
      @choose="cloth => cloth && emit('edit', 'cloth of the sashing', setSashing({ cloth }))"
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

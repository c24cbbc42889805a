<script setup lang="ts">
import { setBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { blockOf, type Quilt } from '~~/core/file/quilt'
import { sameLength } from '~~/core/measure/ruler'

/** What a border is pieced of: its units, those in every second place, how they run, and the blocks in its corners. */
const { quilt, border } = defineProps<{
  quilt: Quilt
  /** Counted from 1, inside out. */
  border: number
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const found = computed(() => quilt.borders[border - 1]!)
const edit = (change: Parameters<typeof setBorder>[1]) => setBorder(border - 1, change)
const piecedOf = (id: string | undefined) => {
  if (id === undefined) return null
  const { design, cloths } = blockOf(quilt, id)
  return { design, cloths }
}
const unit = computed(() => piecedOf(found.value.pieced?.sides))
const alternate = computed(() => piecedOf(found.value.pieced?.alternate?.sides))
/** As the file writes it, changed in one thing. */
const piecing = (change: Partial<NonNullable<Parameters<typeof setBorder>[1]['pieced']>>) => {
  const { run = 'round' } = found.value.pieced ?? {}
  const now = { ...unit.value!, run, ...(alternate.value ? { alternate: alternate.value } : {}) }
  const { alternate: other, ...next } = { ...now, ...change }
  return other ? { ...next, alternate: other } : next
}
const fabric = computed(() => found.value.cornerWears)
const cornerBlock = computed(() => piecedOf(fabric.value && 'block' in fabric.value ? fabric.value.block : undefined))
/** A design of the quilter's own goes into the file with it. */
const both =
  (also: Edit, change: Parameters<typeof setBorder>[1]): Edit =>
  file =>
    edit(change)(also(file))

/** A quarter on; one that is not square can only stand on its head. */
function turnedCorner(): Parameters<typeof setBorder>[1] {
  const step = sameLength(found.value.sides, found.value.ends) ? 90 : 180
  const turn = ((found.value.cornerTurn + step) % 360) as 0 | 90 | 180 | 270
  return { corners: { ...cornerBlock.value!, turn } }
}
</script>

<template>
  <div class="space-y-3.5">
    <PiecedField
      v-if="cornerBlock"
      label="Block in the corners"
      :quilt="quilt"
      :value="cornerBlock"
      @choose="
        (pieced, also) =>
          pieced
          && emit('edit', 'corners of the border', both(also, { corners: { ...pieced, turn: found.cornerTurn } }))
      "
    />
    <UButton v-if="cornerBlock" class="!px-3" @click="emit('edit', 'corner block turned', edit(turnedCorner()))"
      ><UIcon name="i-lucide-rotate-cw" class="size-5" />Turn the corner blocks</UButton
    >
    <PiecedField
      label="Along the border"
      :quilt="quilt"
      :value="unit"
      can-be-plain
      @choose="
        (pieced, also) =>
          emit('edit', 'piecing of the border', both(also, { pieced: pieced && (unit ? piecing(pieced) : pieced) }))
      "
    />
    <template v-if="found.pieced">
      <PiecedField
        label="By turns with"
        :quilt="quilt"
        :value="alternate"
        can-be-plain
        plain="alone"
        @choose="
          (pieced, also) =>
            emit('edit', 'piecing of the border', both(also, { pieced: piecing({ alternate: pieced ?? undefined }) }))
        "
      />
      <ChoiceField
        label="They run"
        :value="found.pieced.run"
        :options="[
          { value: 'round', label: 'on round the corners' },
          { value: 'mirrored', label: 'mirrored at the middle of each side' },
        ]"
        @choose="run => emit('edit', 'run of the border', edit({ pieced: piecing({ run }) }))"
      />
    </template>
  </div>
</template>

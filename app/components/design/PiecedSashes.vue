<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setSashing } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'

/** What short sashes and cornerstones are pieced of. */
const { quilt, sashing } = defineProps<{ quilt: Quilt; sashing: NonNullable<Quilt['setting']['sashing']> }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const stoneBlock = computed(() => {
  const stones = sashing.cornerstones
  return stones && 'design' in stones ? stones : null
})
/** A design of the quilter's own goes into the file with it. */
const both =
  (also: Edit, change: NonNullable<Parameters<typeof setSashing>[0]>): Edit =>
  file =>
    setSashing(change)(also(file))
</script>

<template>
  <div class="space-y-3.5">
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
        (pieced, also) => emit('edit', 'cornerstones', both(also, { cornerstones: pieced ?? { cloth: sashing.cloth } }))
      "
    />
  </div>
</template>

<script setup lang="ts">
import { bindingRules, isSewnOn } from '~~/core/file/bindings'
import type { Quilt } from '~~/core/file/quilt'
import { cornerPictures } from '~~/core/layers/binding/cornerPictures'
import type { PlannedBinding } from '~~/core/plan/plannedBinding'

/** A corner of the binding, step by step; nothing where the back is brought round. */
const {
  quilt,
  binding,
  from = 0,
  to = 4,
  large = false,
} = defineProps<{
  quilt: Quilt
  binding: PlannedBinding
  /** Which of the four pictures, from and up to. */
  from?: number
  to?: number
  /** To be seen at arm's length. */
  large?: boolean
}>()
const own = computed(() => quilt.binding!)
const sewn = computed(() => (isSewnOn(binding) ? binding : null))
const outermost = computed(() => quilt.borders.at(-1)?.cloth ?? quilt.cloths[0]!.id)
const corners = computed(() => {
  const strips = sewn.value
  if (!strips) return []
  const { strip, flange, style, visible } = strips
  const { seam, cloth } = own.value
  const wide = bindingRules(style).sewnWidth({ strip, seam, flangeSeam: quilt.seam, flange: flange?.strip ?? 0 })
  return cornerPictures(outermost.value, cloth, { seam, wide, visible })
})
const CORNER_WORDS = ['Stop a seam short', 'Fold up', 'Fold down, sew on', 'Folded over']
</script>

<template>
  <ol v-if="corners.length > 0" class="corners" :class="{ large }" aria-label="The corner, step by step">
    <li v-for="(picture, i) in corners.slice(from, to)" :key="i">
      <div class="shot">
        <PictureView :picture="picture" :cloths="quilt.cloths" :label="CORNER_WORDS[from + i]!" />
      </div>
      <p class="note text-center">{{ CORNER_WORDS[from + i] }}</p>
    </li>
  </ol>
</template>

<style scoped>
.corners {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(7rem, 1fr));
  gap: 0.8rem;
}
.shot {
  height: 7rem;
}
.large {
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
}
.large .shot {
  height: min(16rem, 30vh);
}
</style>

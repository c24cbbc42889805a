<script setup lang="ts">
import { isSewnOn } from '~~/core/file/bindings'
import type { Quilt } from '~~/core/file/quilt'
import { joinPicture } from '~~/core/layers/binding/joinPicture'
import type { Plan } from '~~/core/plan/plan'
import type { BindingStep } from '~~/words/binding'

/** What belongs to one step of the binding: two strips, the edge from above, the corner. */
const { quilt, plan, about } = defineProps<{ quilt: Quilt; plan: Plan; about: BindingStep['about'] }>()
const binding = computed(() => plan.binding!)
const sewn = computed(() => (isSewnOn(binding.value) ? binding.value : null))
const join = computed(() => {
  const { cloths, join: way } = quilt.binding!
  return joinPicture([cloths[0]!, cloths[1 % cloths.length]!], sewn.value!.strip, way, quilt.seam)
})
</script>

<template>
  <div v-if="sewn" class="flex h-full items-center justify-center">
    <div v-if="about === 'join'" class="h-[min(22rem,50vh)] w-full">
      <PictureView :picture="join" :cloths="quilt.cloths" label="Two strips, right sides together" />
    </div>
    <BindingCorners v-else-if="about === 'corner'" class="w-full" :quilt="quilt" :binding="binding" :to="3" large />
    <BindingCorners v-else-if="about === 'over'" class="w-full" :quilt="quilt" :binding="binding" :from="3" large />
    <EdgePlan v-else class="!max-h-[60vh]" :binding="sewn" :raw="plan.trim" />
  </div>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setHanging } from '~~/core/edits/last'
import type { Quilt } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import { hangingSteps } from '~~/words/last'

/** What the quilt hangs by, if it hangs. */
const { quilt, plan } = defineProps<{ quilt: Quilt; plan: Plan; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const speech = useSpeech()
/** Wider quilts sag at the middle of a stick that is held at its corners. */
const isHeavy = computed(() => plan.hanging?.way === 'corners' && plan.quilt.edged.width > 40)
</script>

<template>
  <section class="card space-y-3" aria-label="To hang it" data-testid="hanging">
    <h2>To hang it</h2>
    <template v-if="quilt.hanging && plan.hanging">
      <p class="text-lg">
        <template v-if="plan.hanging.way === 'sleeve'">
          {{ plan.hanging.sections === 1 ? 'A strip' : 'Two strips, each' }}
          <strong
            ><Figure path="hanging.length" title="Length of the strip" /> ×
            <Figure path="hanging.width" title="Width of the strip" /></strong
          >.
        </template>
        <template v-else
          >Two squares of <strong><Figure path="hanging.square" title="Side of the square" /></strong>.</template
        >
        It is on the cutting sheet.
      </p>
      <ClothPicker
        label="Cloth"
        :cloths="quilt.cloths"
        :value="quilt.hanging.cloth"
        @choose="cloth => cloth && emit('edit', 'cloth to hang by', setHanging({ cloth }))"
      />
      <ChoiceField
        label="It hangs by"
        place="no-print"
        :value="quilt.hanging.way"
        :options="[
          { value: 'sleeve', label: 'a sleeve along its upper edge' },
          { value: 'corners', label: 'folded corners and a stick' },
        ]"
        :disabled="!canWrite"
        @choose="value => emit('edit', 'hanging', setHanging({ way: value }))"
      />
      <LengthField
        v-if="quilt.hanging.way === 'sleeve'"
        class="no-print"
        label="The rod measures, all round"
        :value="quilt.hanging.girth"
        :least="1"
        :most="20"
        :step="1 / 2"
        :disabled="!canWrite"
        @commit="v => emit('edit', 'rod', setHanging({ girth: v }))"
      />
      <LengthField
        v-else
        class="no-print"
        label="Side of the squares"
        :value="quilt.hanging.square"
        :least="2"
        :most="12"
        :step="1 / 2"
        :disabled="!canWrite"
        @commit="v => emit('edit', 'hanging corners', setHanging({ square: v }))"
      />
      <ol class="list-decimal space-y-1.5 pl-6" data-testid="hanging-steps">
        <li v-for="(step, i) in hangingSteps(plan.hanging, speech)" :key="i"><FigureText :parts="step" /></li>
      </ol>
      <p v-if="isHeavy" class="caution">
        A stick held at its corners is for small quilts: this one is heavy for it. A sleeve carries it all along.
      </p>
      <UButton class="no-print" :disabled="!canWrite" @click="emit('edit', 'not hung', setHanging(null))">
        It is not hung
      </UButton>
    </template>
    <UButton v-else :disabled="!canWrite" @click="emit('edit', 'hanging', setHanging({}))">
      <UIcon name="i-lucide-plus" class="size-5" />A sleeve or corners to hang it by
    </UButton>
  </section>
</template>

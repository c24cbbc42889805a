<script setup lang="ts">
import { bindingRules, isSewnOn } from '~~/core/file/bindings'
import type { Plan } from '~~/core/plan/plan'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { bindingSteps, BINDING_NAMES, closingText } from '~~/words/binding'
import { formatLength, formatRough } from '~~/words/length'
import { capital } from '~~/words/names'
import { inEnglish, plural } from '~~/words/speech'

/** What the binding is, what is cut for it, where its joins lie, and how it is sewn on. */
const { quilt, plan } = defineProps<{ quilt: Quilt; plan: Plan }>()
const speech = useSpeech()
const own = computed(() => quilt.binding!)
const binding = computed(() => plan.binding!)
const sewn = computed(() => (isSewnOn(binding.value) ? binding.value : null))
const isTape = computed(() => bindingRules(binding.value.style).of === 'tape')
const raw = computed(() => plan.quilt.edged)
const isFromPieces = computed(() => clothOf(quilt, own.value.cloth).form === 'piece')
const names = computed(() => [...new Set(own.value.cloths)].map(id => clothOf(quilt, id).name).join(', '))
/** Cloths of the strips, where there are several. */
const inOrder = computed(() => {
  const { cloths, isBias } = own.value
  if (!sewn.value || isTape.value || isBias || new Set(cloths).size === 1) return []
  return Array.from({ length: sewn.value.strips }, (_, i) => clothOf(quilt, cloths[i % cloths.length]!))
})
const overlap = ref<number | null>(null)
</script>

<template>
  <p class="flex flex-wrap items-center gap-2 text-lg">
    <ClothSwatch :cloth="clothOf(quilt, own.cloth)" :size="36" />
    <span v-if="sewn && sewn.square !== undefined"
      ><strong
        ><Figure path="binding.square" title="Side of the square" />
        {{ sewn.squares === 1 ? 'square' : `squares, ${sewn.squares} of them,` }}</strong
      >
      cut on the bias into strips of <span class="figure" data-given>{{ formatLength(sewn.strip, speech) }}</span> give
      at least <strong><Figure path="binding.length" title="Length of the binding" /></strong>.</span
    >
    <span v-else-if="sewn && isTape"
      ><strong><Figure path="binding.length" title="Length of the binding" /></strong> of ready-made tape.</span
    >
    <span v-else-if="sewn"
      ><strong
        ><Figure path="binding.strips" kind="count" title="Strips" />
        {{ sewn.strips === 1 ? 'strip' : 'strips' }}</strong
      >
      of <span class="figure" data-given>{{ formatLength(sewn.strip, speech) }}</span>, joined
      {{ own.join === 'diagonal' ? 'on the diagonal' : 'straight' }}, give at least
      <strong><Figure path="binding.length" title="Length of the binding" /></strong>.</span
    >
    <span v-else
      >The back is brought round to the front:
      <strong><Figure path="binding.visible" title="On the front" /></strong> shows.</span
    >
  </p>
  <p v-if="inOrder.length > 0" class="flex flex-wrap items-center gap-1.5" data-testid="strips-in-order">
    <span class="mr-1">Joined in this order:</span
    ><span v-for="(cloth, i) in inOrder" :key="i" role="img" :aria-label="cloth.name"
      ><ClothSwatch :cloth="cloth" :size="30"
    /></span>
  </p>
  <p v-if="sewn?.flange" class="text-lg">
    The flange:
    <strong><Figure path="binding.flange.strips" kind="count" title="Strips of the flange" /> strips</strong> of
    <span class="figure" data-given>{{ formatLength(sewn.flange.strip, speech) }}</span>;
    <Figure path="binding.flange.visible" title="What shows of the flange" /> of it shows.
  </p>
  <p class="note">
    {{ capital(inEnglish(BINDING_NAMES[binding.style], speech)) }}.
    <template v-if="sewn && !isTape"
      ><template v-if="isFromPieces">It is counted in the need of {{ names }}. </template
      ><template v-else
        >It takes <Figure path="binding.buy" title="Cloth for the binding" /> of cloth, counted in the need of
        {{ names }}.
      </template></template
    >
    <template v-if="sewn"
      >In front <Figure path="binding.visible" title="On the front" /> shows, behind
      <Figure path="binding.back" title="On the back" />. </template
    >Edged, the quilt is <Figure path="quilt.edged.width" title="Width with the binding" /> ×
    <Figure path="quilt.edged.height" title="Height with the binding" />.
  </p>
  <div v-if="sewn" class="grid items-center gap-4 sm:grid-cols-2">
    <EdgePlan :binding="sewn" :raw="raw" />
    <p class="note">
      From above: begin and close at the red mark<template v-if="sewn.joins.length > 0"
        >; {{ plural(sewn.joins.length, 'join') }} at the lines<template v-if="sewn.flange"
          >, the flange's at the rings</template
        ></template
      >. None lies within <span class="figure" data-given>{{ formatRough(4, speech) }}</span> of a corner<template
        v-if="sewn.badJoins.length > 0"
        >, but for {{ sewn.badJoins.length }}</template
      >.
    </p>
  </div>
  <ol class="list-decimal space-y-1.5 pl-6" data-testid="binding-steps">
    <li v-for="(step, i) in bindingSteps(binding, own, raw, quilt.seam, speech)" :key="i">
      <FigureText :parts="step.parts" />
    </li>
  </ol>
  <BindingCorners :quilt="quilt" :binding="binding" />
  <div v-if="sewn && !isTape" class="no-print">
    <LengthField
      label="Closing: my tails overlap by"
      :value="overlap"
      :least="0"
      :most="60"
      hide-steps
      :step="1 / 8"
      @commit="v => (overlap = v)"
    />
    <p v-if="overlap !== null" class="mt-1" role="status" data-given data-testid="closing">
      {{ closingText(overlap, sewn.overlap, own.join, speech) }}
    </p>
  </div>
</template>

<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { DESIGN_FAMILIES, type DesignNumber } from '~~/core/designs/shipped/parametric'
import { designFacts } from '~~/core/make/units/designFacts'
import { sewingText } from '~~/words/drafting'
import { inEnglish, plural } from '~~/words/speech'

const { colours } = defineProps<{
  /** The colours a design would wear. */
  colours: (design: Design) => Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ choose: [design: Design]; back: [] }>()

const speech = useSpeech()
const chosen = ref(DESIGN_FAMILIES[0]!.id)
const family = computed(() => DESIGN_FAMILIES.find(candidate => candidate.id === chosen.value)!)
const values = ref<Record<string, number>>({})
const valueOf = ({ key, least, most, usual }: DesignNumber) =>
  Math.min(most, Math.max(least, Math.round(values.value[key] ?? usual)))
const design = computed(() =>
  family.value.make(Object.fromEntries(family.value.numbers.map(number => [number.key, valueOf(number)]))),
)
const facts = computed(() => designFacts(design.value))
</script>

<template>
  <div class="grid gap-5 sm:grid-cols-[16rem_1fr]">
    <div class="text-center">
      <DesignPicture :design="design" :colours="colours(design)" :size="230" class="mx-auto max-h-72" />
    </div>
    <div class="space-y-4">
      <ChoiceField
        label="Kind"
        :value="chosen"
        :options="DESIGN_FAMILIES.map(kind => ({ value: kind.id, label: kind.name }))"
        @choose="value => (chosen = value)"
      />
      <CountField
        v-for="number in family.numbers"
        :key="number.key"
        :label="inEnglish(number.label, speech)"
        :value="valueOf(number)"
        :least="number.least"
        :most="number.most"
        @commit="value => (values = { ...values, [number.key]: value })"
      />
      <p class="note">
        {{ design.name }}: {{ plural(facts.patches, 'patch', 'patches') }}.
        {{ sewingText({ ...facts, isProven: true }) }}
      </p>
      <div class="flex gap-2">
        <UButton variant="solid" @click="emit('choose', design)">Take it</UButton
        ><UButton @click="emit('back')">All blocks</UButton>
      </div>
    </div>
  </div>
</template>

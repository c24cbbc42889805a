<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { DESIGN_FAMILIES, type DesignNumber } from '~~/core/designs/shipped/parametric'
import { designFacts } from '~~/core/make/units/designFacts'
import { sewingText } from '~~/words/drafting'
import { plural } from '~~/words/speech'

const { colours } = defineProps<{
  /** The colours a design would wear. */
  colours: (design: Design) => Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ choose: [design: Design]; back: [] }>()

const chosen = ref(DESIGN_FAMILIES[0]!.id)
const family = computed(() => DESIGN_FAMILIES.find(candidate => candidate.id === chosen.value)!)
const values = ref<Record<string, number>>({})
const valueOf = ({ key, least, most, usual }: DesignNumber) =>
  Math.min(most, Math.max(least, Math.round(values.value[key] ?? usual)))
const design = computed(() =>
  family.value.make(Object.fromEntries(family.value.numbers.map(number => [number.key, valueOf(number)]))),
)
const facts = computed(() => designFacts(design.value))
function set({ key, least, most }: DesignNumber, value: number) {
  values.value = { ...values.value, [key]: Math.min(most, Math.max(least, Math.round(value))) }
}
</script>

<template>
  <div class="grid gap-5 sm:grid-cols-[16rem_1fr]">
    <div class="text-center">
      <DesignPicture :design="design" :colours="colours(design)" :size="230" class="mx-auto max-h-72" />
    </div>
    <div class="space-y-4">
      <label class="block"
        ><span class="label">Kind</span
        ><select v-model="chosen" class="field">
          <option v-for="kind in DESIGN_FAMILIES" :key="kind.id" :value="kind.id">{{ kind.name }}</option>
        </select></label
      >
      <div v-for="number in family.numbers" :key="number.key">
        <label class="label" :for="`by-${number.key}`">{{ number.label }}</label>
        <div class="flex items-center gap-2">
          <button
            type="button"
            class="button icon"
            :aria-label="`${number.label}: one fewer`"
            :disabled="valueOf(number) <= number.least"
            @click="set(number, valueOf(number) - 1)"
          >
            <UIcon name="i-lucide-minus" class="size-5" />
          </button>
          <input
            :id="`by-${number.key}`"
            type="number"
            class="field figure !w-24 text-center"
            :min="number.least"
            :max="number.most"
            :value="valueOf(number)"
            @change="e => set(number, Number((e.target as HTMLInputElement).value))"
          />
          <button
            type="button"
            class="button icon"
            :aria-label="`${number.label}: one more`"
            :disabled="valueOf(number) >= number.most"
            @click="set(number, valueOf(number) + 1)"
          >
            <UIcon name="i-lucide-plus" class="size-5" />
          </button>
        </div>
      </div>
      <p class="note">
        {{ design.name }}: {{ plural(facts.patches, 'patch', 'patches') }}.
        {{ sewingText({ ...facts, isProven: true }) }}
      </p>
      <div class="flex gap-2">
        <button type="button" class="button act" @click="emit('choose', design)">Take it</button
        ><button type="button" class="button" @click="emit('back')">All blocks</button>
      </div>
    </div>
  </div>
</template>

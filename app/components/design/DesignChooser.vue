<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { DIFFICULTIES, designFacts } from '~~/core/make/units/designFacts'
import { plural } from '~~/words/speech'

const {
  designs,
  colours = () => ({}),
  title,
} = defineProps<{
  designs: readonly Design[]
  /** The colours a design would wear. */
  colours?: (design: Design) => Readonly<Record<string, string>>
  title: string
}>()
const emit = defineEmits<{ choose: [design: Design] }>()
const open = defineModel<boolean>('open', { required: true })
defineSlots<{
  /** Another way to come by a block, beside the library. */
  own?: () => unknown
}>()

const words = ref('')
const family = ref('')
const difficulty = ref('')
const wanted = ref<string[]>([])
const isByNumbers = ref(false)
const input = useTemplateRef('input')
const content = useFirstFocus(input)
const families = computed(() => [...new Set(designs.map(design => design.family))])
const WISHES = [
  ['no-triangles', 'no triangles'],
  ['no-set-in', 'no set-in seams'],
  ['strips', 'from strips'],
  ['papers', 'on foundation papers'],
] as const
/** Looked at only when something is wished for: each design has to be taken apart to know. */
function isAsWished(design: Design): boolean {
  if (wanted.value.length === 0 && difficulty.value === '') return true
  const facts = designFacts(design)
  return (
    (difficulty.value === '' || facts.difficulty === difficulty.value)
    && wanted.value.every(
      wish =>
        ({
          'no-triangles': facts.hasNoTriangles,
          'no-set-in': facts.setIn + facts.partial === 0,
          'strips': facts.isStripPieced,
          'papers': facts.papers !== null,
        })[wish],
    )
  )
}
const found = computed(() => {
  const parts = words.value.trim().toLowerCase().split(/\s+/)
  return designs.filter(
    design =>
      (family.value === '' || design.family === family.value)
      && parts.every(word =>
        `${design.name} ${design.family} ${grid(design)} ${design.patches.length} patches`.toLowerCase().includes(word),
      )
      && isAsWished(design),
  )
})
const grid = ({ width, height }: Design) => `${+width.toFixed(1)} by ${+height.toFixed(1)}`
function toggle(wish: string) {
  wanted.value = wanted.value.includes(wish) ? wanted.value.filter(other => other !== wish) : [...wanted.value, wish]
}
function choose(design: Design) {
  open.value = false
  emit('choose', design)
}
</script>

<template>
  <UModal
    v-model:open="open"
    :content="content"
    :title="title"
    description="Choose a block"
    :ui="{ content: 'max-w-5xl bg-paper', description: 'sr-only', body: 'p-4' }"
  >
    <template #body>
      <DesignByNumbers v-if="isByNumbers" :colours="colours" @choose="choose" @back="isByNumbers = false" />
      <template v-else>
        <div class="mb-3 flex flex-wrap items-end gap-2">
          <div class="min-w-56 grow">
            <label class="label" for="design-words">Find a block</label>
            <input
              id="design-words"
              ref="input"
              v-model="words"
              class="field"
              type="search"
              placeholder="star, log, 4 by 4, nine-patches …"
              autocomplete="off"
              @keydown.enter="found.length > 0 && choose(found[0]!)"
            />
          </div>
          <ChoiceField
            label="Family"
            labelled="unseen"
            :value="family"
            :options="[{ value: '', label: 'all families' }, ...families.map(name => ({ value: name, label: name }))]"
            class="!w-auto"
            @choose="value => (family = value)"
          />
          <ChoiceField
            label="How hard"
            labelled="unseen"
            :value="difficulty"
            :options="[
              { value: '', label: 'easy to hard' },
              ...DIFFICULTIES.map(name => ({ value: name, label: name })),
            ]"
            class="!w-auto"
            @choose="value => (difficulty = value)"
          />
          <UButton @click="isByNumbers = true">
            <UIcon name="i-lucide-sliders-horizontal" class="size-5" />By my own numbers
          </UButton>
          <slot name="own" />
        </div>
        <div class="mb-3 flex flex-wrap items-center gap-2">
          <UButton
            v-for="[wish, label] in WISHES"
            :key="wish"
            class="!min-h-10 !px-3"
            :class="{ chosen: wanted.includes(wish) }"
            :aria-pressed="wanted.includes(wish)"
            @click="toggle(wish)"
          >
            {{ label }}
          </UButton>
          <span class="note ml-auto" role="status">{{ plural(found.length, 'block') }}</span>
        </div>
        <p v-if="found.length === 0" class="note py-8 text-center">
          No block like that. Try a part of its name: star, log, goose; or fewer wishes.
        </p>
        <DesignTiles :designs="found" :colours="colours" @choose="choose" />
      </template>
    </template>
  </UModal>
</template>

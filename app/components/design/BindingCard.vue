<script setup lang="ts">
import { setBinding, type BindingChange } from '~~/core/edits/binding'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { sameLength } from '~~/core/measure/ruler'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { BINDING_STYLES, scrappyText } from '~~/words/binding'
import { inEnglish } from '~~/words/speech'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; removed: [] }>()
const store = useQuilt()
const speech = useSpeech()
const binding = computed(() => quilt.binding!)
const step = computed(() => quilt.ruler || 1 / 8)
const isStrips = computed(() => binding.value.style !== 'self' && binding.value.style !== 'tape')
/** The back can be brought round only where there is one. */
const styles = computed(() =>
  Object.entries(BINDING_STYLES).filter(([style]) => style !== 'self' || quilt.backing !== null),
)
const chosen = (event: Event) => (event.target as HTMLSelectElement).value

function change(name: string, value: BindingChange) {
  emit('edit', name, setBinding(value))
}
/** Another cloth of those that the strips are dealt from, or one fewer. */
function deal(cloth: string) {
  const { cloths } = binding.value
  const next = cloths.includes(cloth) ? cloths.filter(other => other !== cloth) : [...cloths, cloth]
  if (next.length > 0) change('cloths of the binding', { cloths: next })
}
const isLooking = ref(false)
const scrapsText = ref('')
function lookForScraps() {
  isLooking.value = true
  scrapsText.value = ''
  store.askScraps()
}
watch(
  () => store.scraps,
  found => {
    if (!isLooking.value || found === null) return
    isLooking.value = false
    if (found === 'none') return
    scrapsText.value = scrappyText(found, id => store.clothNames.get(id) ?? id)
    if (found.missing < found.cloths.length)
      emit('edit', 'binding from what is left over', setBinding({ cloths: found.cloths }))
  },
)
// a question is forgotten when a newer plan is asked for
watch(
  () => store.isPlanning,
  () => (isLooking.value = false),
)
function remove() {
  emit('edit', 'no binding', setBinding(null))
  emit('removed')
}
</script>

<template>
  <section class="card floating space-y-3.5" aria-label="Binding">
    <h2>Binding</h2>
    <label class="block">
      <span class="label">Made</span>
      <select
        class="field"
        :value="binding.style"
        data-testid="binding-style"
        @change="event => change('style of the binding', { style: chosen(event) as typeof binding.style })"
      >
        <option v-for="[style, name] in styles" :key="style" :value="style">{{ inEnglish(name, speech) }}</option>
      </select>
    </label>
    <LengthField
      v-if="binding.style === 'self'"
      label="The back, beyond the top"
      :value="binding.extra ?? UNIT_DEFAULTS[quilt.units].selfBinding"
      :least="1 / 2"
      :most="6"
      why="It is folded twice; half of it shows"
      :step="step"
      @commit="v => change('what the back is larger', { extra: v })"
    />
    <template v-else>
      <LengthField
        :label="isStrips ? 'Strip, as cut' : 'Tape, opened'"
        :value="binding.strip"
        :least="1"
        :most="6"
        why="Narrower cannot be folded over"
        :step="step"
        @commit="v => change('binding strip', { strip: v })"
      />
      <ClothPicker
        label="Cloth"
        :cloths="quilt.cloths"
        :value="binding.cloth"
        @choose="cloth => cloth && change('cloth of the binding', { cloths: [cloth] })"
      />
      <details v-if="isStrips && !binding.isBias && quilt.cloths.length > 1" :open="binding.cloths.length > 1">
        <summary class="cursor-pointer py-1 font-semibold">From several cloths in turn</summary>
        <fieldset class="mt-1 flex flex-wrap gap-2">
          <legend class="sr-only">Cloths that the strips are dealt from</legend>
          <label v-for="cloth in quilt.cloths" :key="cloth.id" class="inline-flex min-h-11 items-center gap-1.5"
            ><input
              type="checkbox"
              class="size-5"
              :checked="binding.cloths.includes(cloth.id)"
              :disabled="binding.cloths.length === 1 && binding.cloths[0] === cloth.id"
              @change="deal(cloth.id)"
            /><ClothSwatch :cloth="cloth" :size="28" /><span>{{ cloth.name }}</span></label
          >
        </fieldset>
        <button
          type="button"
          class="button mt-2"
          :disabled="store.isPlanning || isLooking"
          data-testid="binding-scraps"
          @click="lookForScraps"
        >
          <UIcon name="i-lucide-recycle" class="size-5" />From what is left over
        </button>
        <p v-if="scrapsText" class="mt-2" role="status" data-testid="scraps-text">{{ scrapsText }}</p>
      </details>
      <template v-if="binding.style === 'flanged' && binding.flange">
        <LengthField
          label="Flange strip, as cut"
          :value="binding.flange.strip"
          :least="1"
          :most="6"
          why="Half of what it is wider than the binding strip shows"
          :step="step"
          @commit="v => change('flange strip', { flange: { strip: v } })"
        />
        <ClothPicker
          label="Cloth of the flange"
          :cloths="quilt.cloths"
          :value="binding.flange.cloth"
          @choose="cloth => cloth && change('cloth of the flange', { flange: { cloth } })"
        />
      </template>
      <LengthField
        label="Seam that sews it on"
        :value="binding.seam"
        :least="1 / 8"
        :most="1"
        why="A narrower seam would not hold, a wider one would hide the border"
        :step="step"
        @commit="v => change('seam of the binding', { seam: sameLength(v, quilt.seam) ? null : v })"
      />
      <label v-if="isStrips" class="block">
        <span class="label">Strips joined</span>
        <select
          class="field"
          :value="binding.join"
          @change="event => change('joins of the binding', { join: chosen(event) as 'diagonal' | 'straight' })"
        >
          <option value="diagonal">on the diagonal</option>
          <option value="straight">straight</option>
        </select>
      </label>
      <label v-if="isStrips" class="block">
        <span class="label">Strips cut</span>
        <select
          class="field"
          :value="binding.isBias ? 'bias' : 'straight'"
          @change="event => change('grain of the binding', { bias: chosen(event) === 'bias' })"
        >
          <option value="straight">straight, across the cloth</option>
          <option value="bias">on the bias, for curves and slanted stripes</option>
        </select>
      </label>
      <label v-if="binding.style !== 'flanged'" class="block">
        <span class="label">Sewn first to</span>
        <select
          class="field"
          :value="binding.attach"
          @change="event => change('side of the binding', { attach: chosen(event) as 'front' | 'back' })"
        >
          <option value="front">the front, folded to the back</option>
          <option value="back">the back, folded to the front</option>
        </select>
      </label>
    </template>
    <label v-if="binding.style !== 'flanged'" class="block">
      <span class="label">Finished</span>
      <select
        class="field"
        :value="binding.finish"
        @change="event => change('finish of the binding', { finish: chosen(event) as 'hand' | 'machine' })"
      >
        <option value="hand">by hand</option>
        <option value="machine">by machine</option>
      </select>
    </label>
    <button type="button" class="button" @click="remove">
      <UIcon name="i-lucide-trash-2" class="size-5" />No binding
    </button>
  </section>
</template>

<script setup lang="ts">
import { setBinding, type BindingChange } from '~~/core/edits/binding'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { bindingRules, BINDING_STYLES } from '~~/core/file/bindings'
import { sameLength } from '~~/core/measure/ruler'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { BINDING_NAMES } from '~~/words/binding'
import { inEnglish } from '~~/words/speech'

/** All that is chosen of a binding: how it is made, from what, how wide, how it is joined, sewn on and finished. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const speech = useSpeech()
const binding = computed(() => quilt.binding!)
const step = computed(() => quilt.ruler || 1 / 8)
const rules = computed(() => bindingRules(binding.value.style))
const isStrips = computed(() => rules.value.of === 'strips')
/** The back can be brought round only where there is one. */
const styles = computed(() =>
  BINDING_STYLES.filter(style => bindingRules(style).of !== 'back' || quilt.backing !== null),
)

function change(name: string, value: BindingChange) {
  emit('edit', name, setBinding(value))
}
</script>

<template>
  <div class="space-y-3.5">
    <ChoiceField
      label="Made"
      :value="binding.style"
      :options="styles.map(style => ({ value: style, label: inEnglish(BINDING_NAMES[style], speech) }))"
      data-testid="binding-style"
      @choose="value => change('style of the binding', { style: value })"
    />
    <LengthField
      v-if="rules.of === 'back'"
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
      <BindingCloths
        v-if="isStrips && !binding.isBias && quilt.cloths.length > 1"
        :quilt="quilt"
        :cloths="binding.cloths"
        @edit="(name, change) => emit('edit', name, change)"
      />
      <template v-if="rules.hasFlange && binding.flange">
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
      <ChoiceField
        v-if="isStrips"
        label="Strips joined"
        :value="binding.join"
        :options="[
          { value: 'diagonal', label: 'on the diagonal' },
          { value: 'straight', label: 'straight' },
        ]"
        @choose="value => change('joins of the binding', { join: value })"
      />
      <ChoiceField
        v-if="isStrips"
        label="Strips cut"
        :value="binding.isBias ? 'bias' : 'straight'"
        :options="[
          { value: 'straight', label: 'straight, across the cloth' },
          { value: 'bias', label: 'on the bias, for curves and slanted stripes' },
        ]"
        @choose="value => change('grain of the binding', { bias: value === 'bias' })"
      />
      <ChoiceField
        v-if="rules.sewnTo === null"
        label="Sewn first to"
        :value="binding.attach"
        :options="[
          { value: 'front', label: 'the front, folded to the back' },
          { value: 'back', label: 'the back, folded to the front' },
        ]"
        @choose="value => change('side of the binding', { attach: value })"
      />
    </template>
    <ChoiceField
      v-if="!rules.hasFlange"
      label="Finished"
      :value="binding.finish"
      :options="[
        { value: 'hand', label: 'by hand' },
        { value: 'machine', label: 'by machine' },
      ]"
      @choose="value => change('finish of the binding', { finish: value })"
    />
  </div>
</template>

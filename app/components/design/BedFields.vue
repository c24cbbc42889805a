<script setup lang="ts">
import { MATTRESSES, type Bed } from '~~/core/edits/bedFit'
import { formatSize } from '~~/words/length'

/** A bed: one of the common mattresses, or as it is measured, and how far the quilt hangs down. */
const { bed } = defineProps<{ bed: Bed }>()
const emit = defineEmits<{ change: [bed: Bed] }>()
const speech = useSpeech()
const mattress = computed(
  () => MATTRESSES.find(({ width, length }) => width === bed.width && length === bed.length)?.name ?? 'own',
)
function chooseMattress(name: string) {
  const found = MATTRESSES.find(candidate => candidate.name === name)
  if (found) emit('change', { ...bed, width: found.width, length: found.length })
}
const FIELDS = [
  ['width', 'Mattress, across'],
  ['length', 'Mattress, long'],
  ['depth', 'Mattress, thick'],
  ['drop', 'Drop at each side'],
  ['foot', 'Drop at the foot'],
  ['tuck', 'Tuck under the pillows'],
] as const
</script>

<template>
  <ChoiceField
    label="Mattress"
    :value="mattress"
    :options="[
      ...MATTRESSES.map(one => ({
        value: one.name,
        label: `${one.name}, ${formatSize(one.width, one.length, speech)}`,
      })),
      { value: 'own', label: 'as typed below' },
    ]"
    @choose="value => chooseMattress(value)"
  />
  <div class="grid grid-cols-2 gap-2">
    <LengthField
      v-for="[key, label] in FIELDS"
      :key="key"
      :label="label"
      :value="bed[key]"
      :least="key === 'width' || key === 'length' ? 10 : 0"
      :most="200"
      :step="1"
      hide-steps
      @commit="v => emit('change', { ...bed, [key]: v })"
    />
  </div>
</template>

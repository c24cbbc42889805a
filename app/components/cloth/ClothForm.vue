<script setup lang="ts">
import type { ClothChange } from '~~/core/edits/cloths'
import type { Cloth } from '~~/core/file/quilt'
import { craft } from '~~/words/speech'
import { priceLabel } from '~~/words/supply'
import { PATTERN_NAMES } from '~/drawing/motifs'

const { cloth } = defineProps<{ cloth: Cloth }>()
const emit = defineEmits<{ change: [change: ClothChange] }>()
const settings = useSettings()
const store = useQuilt()
</script>

<template>
  <div class="grid gap-x-5 gap-y-3 sm:grid-cols-2">
    <TextField label="Name" :value="cloth.name" @commit="name => name !== '' && emit('change', { name })" />
    <div class="flex gap-3">
      <ColourField
        place="w-24"
        :label="craft('Color', settings.speech)"
        :value="cloth.colour"
        @commit="colour => emit('change', { colour })"
      />
      <ChoiceField
        label="Pattern"
        place="grow"
        :value="cloth.pattern"
        :options="PATTERN_NAMES.map(pattern => ({ value: pattern, label: pattern }))"
        @choose="value => emit('change', { pattern: value })"
      />
    </div>
    <ChoiceField
      label="It comes"
      :value="cloth.form"
      :options="[
        { value: 'yardage', label: 'by length, from the bolt' },
        { value: 'piece', label: 'in pieces (fat quarters, leftovers)' },
      ]"
      @choose="
        value =>
          emit(
            'change',
            value === 'piece'
              ? { form: 'piece', length: cloth.length ?? 18, count: cloth.count ?? 1, selvage: 0 }
              : { form: 'yardage' },
          )
      "
    />
    <LengthField
      label="Width"
      :value="cloth.width"
      :least="2"
      :most="150"
      :step="1"
      @commit="v => emit('change', { width: v })"
    />
    <template v-if="cloth.form === 'piece'">
      <LengthField
        label="Length of a piece"
        :value="cloth.length ?? 18"
        :least="1"
        :most="400"
        :step="1"
        @commit="v => emit('change', { length: v })"
      />
      <NumberField
        label="Pieces at hand"
        :value="cloth.count ?? 1"
        :least="1"
        :most="10000"
        @commit="count => emit('change', { count })"
      />
    </template>
    <LengthField
      v-else
      :label="`${craft('Selvages', settings.speech)}, both together`"
      :value="cloth.selvage"
      :least="0"
      :most="6"
      :step="1 / 8"
      @commit="v => emit('change', { selvage: v })"
    />
    <LengthField
      v-if="cloth.form === 'yardage'"
      label="At hand, empty if not counted"
      :value="cloth.have ?? null"
      :least="0"
      :most="4000"
      :step="1"
      may-be-empty
      @commit="v => emit('change', { have: v })"
      @empty="emit('change', { have: null })"
    />
    <NumberField
      :label="priceLabel(cloth.form, store.quilt?.units, settings.speech)"
      :value="cloth.price ?? null"
      :least="0"
      :most="100000"
      :decimals="2"
      :step="0.5"
      may-be-empty
      @commit="price => emit('change', { price })"
      @empty="emit('change', { price: null })"
    />
    <NumberField
      label="Shrinkage, %"
      :value="Math.round(cloth.shrink * 1000) / 10"
      :least="0"
      :most="50"
      :decimals="1"
      :step="0.5"
      @commit="percent => emit('change', { shrink: percent / 100 })"
    />
    <YesNoField
      class="self-end"
      label="The print has an up"
      :value="cloth.directional"
      @choose="directional => emit('change', { directional })"
    />
  </div>
</template>

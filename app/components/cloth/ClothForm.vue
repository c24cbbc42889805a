<script setup lang="ts">
import type { ClothChange } from '~~/core/edits/cloths'
import type { Cloth } from '~~/core/file/quilt'
import { craft } from '~~/words/speech'
import { priceLabel } from '~~/words/supply'

/** What is said of a cloth of the quilt. */
const { cloth } = defineProps<{ cloth: Cloth }>()
const emit = defineEmits<{ change: [change: ClothChange] }>()
const store = useQuilt()
const speech = useSpeech()
</script>

<template>
  <div class="grid gap-4">
    <ClothFacts
      :cloth="cloth"
      :price-label="priceLabel(cloth.form, store.quilt?.units, speech)"
      @change="change => emit('change', change)"
    >
      <template #form>
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
      </template>
      <template #amount>
        <template v-if="cloth.form === 'piece'">
          <LengthField
            label="Length of a piece"
            :value="cloth.length ?? 18"
            :least="1"
            :most="400"
            :step="1"
            @commit="length => emit('change', { length })"
          />
          <NumberField
            label="Pieces at hand"
            :value="cloth.count ?? 1"
            :least="1"
            :most="10000"
            @commit="count => emit('change', { count })"
          />
        </template>
        <template v-else>
          <LengthField
            :label="`${craft('Selvages', speech)}, both together`"
            :value="cloth.selvage"
            :least="0"
            :most="6"
            :step="1 / 8"
            @commit="selvage => emit('change', { selvage })"
          />
          <LengthField
            label="At hand, empty if not counted"
            :value="cloth.have ?? null"
            :least="0"
            :most="4000"
            :step="1"
            may-be-empty
            @commit="have => emit('change', { have })"
            @empty="emit('change', { have: null })"
          />
        </template>
      </template>
    </ClothFacts>
    <MotifCount v-if="cloth.repeat && store.plan" :cloth="cloth" :repeat="cloth.repeat" :plan="store.plan" />
  </div>
</template>

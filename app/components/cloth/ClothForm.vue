<script setup lang="ts">
import type { ClothChange } from '~~/core/edits/cloths'
import type { Cloth } from '~~/core/file/quilt'
import { craft } from '~~/words/speech'
import { PATTERN_NAMES } from '~/drawing/motifs'

const { cloth } = defineProps<{ cloth: Cloth }>()
const emit = defineEmits<{ change: [change: ClothChange] }>()
const settings = useSettings()
const name = ref(cloth.name)
watch(
  () => cloth.name,
  value => (name.value = value),
)
const take = (event: Event) => (event.target as HTMLInputElement).value

function rename() {
  const text = name.value.trim()
  if (text !== '' && text !== cloth.name) emit('change', { name: text })
}
</script>

<template>
  <div class="grid gap-x-5 gap-y-3 sm:grid-cols-2">
    <label
      ><span class="label">Name</span
      ><input v-model="name" class="field" maxlength="200" @blur="rename" @keydown.enter="rename"
    /></label>
    <div class="flex gap-3">
      <label class="w-24"
        ><span class="label">{{ craft('Color', settings.speech) }}</span
        ><input
          type="color"
          class="h-12 w-full cursor-pointer rounded-lg border border-line bg-transparent p-1"
          :value="cloth.colour"
          @change="e => emit('change', { colour: take(e) })"
      /></label>
      <label class="grow"
        ><span class="label">Pattern</span
        ><select class="field" :value="cloth.pattern" @change="e => emit('change', { pattern: take(e) })">
          <option v-for="pattern in PATTERN_NAMES" :key="pattern">{{ pattern }}</option>
        </select></label
      >
    </div>
    <label
      ><span class="label">It comes</span>
      <select
        class="field"
        :value="cloth.form"
        @change="
          e =>
            emit(
              'change',
              take(e) === 'piece'
                ? { form: 'piece', length: cloth.length ?? 18, count: cloth.count ?? 1, selvage: 0 }
                : { form: 'yardage' },
            )
        "
      >
        <option value="yardage">by length, from the bolt</option>
        <option value="piece">in pieces (fat quarters, leftovers)</option>
      </select>
    </label>
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
      <label
        ><span class="label">Pieces at hand</span
        ><input
          type="number"
          min="1"
          max="10000"
          class="field figure"
          :value="cloth.count ?? 1"
          @change="e => Number(take(e)) >= 1 && emit('change', { count: Math.round(Number(take(e))) })"
      /></label>
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
    <label
      ><span class="label">Shrinkage, %</span
      ><input
        type="number"
        min="0"
        max="50"
        step="0.5"
        class="field figure"
        :value="Math.round(cloth.shrink * 1000) / 10"
        @change="
          e => Number(take(e)) >= 0 && Number(take(e)) <= 50 && emit('change', { shrink: Number(take(e)) / 100 })
        "
    /></label>
    <label class="flex min-h-12 items-center gap-3 self-end"
      ><input
        type="checkbox"
        class="size-6"
        :checked="cloth.directional"
        @change="emit('change', { directional: !cloth.directional })"
      />The print has an up</label
    >
  </div>
</template>

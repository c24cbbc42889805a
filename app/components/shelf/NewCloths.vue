<script setup lang="ts">
import { craft } from '~~/words/speech'
import { FRESH_CLOTHS } from '~/drawing/freshCloths'

/** The cloths that a new quilt begins with. */
const { cloths } = defineProps<{ cloths: { name: string; colour: string }[] }>()
const emit = defineEmits<{ add: []; name: [at: number, name: string]; colour: [at: number, colour: string] }>()
const speech = useSpeech()
</script>

<template>
  <fieldset>
    <legend class="label">Cloths</legend>
    <div v-for="(cloth, i) in cloths" :key="i" class="mb-2 flex gap-2">
      <ColourField
        labelled="unseen"
        place="w-14 flex-none"
        :label="`${craft('Color', speech)} of ${cloth.name || FRESH_CLOTHS[i]}`"
        :value="cloth.colour"
        @commit="colour => emit('colour', i, colour)"
      />
      <TextField
        labelled="unseen"
        place="grow"
        :label="`Name of ${FRESH_CLOTHS[i]!.toLowerCase()}`"
        :most="80"
        :value="cloth.name"
        :placeholder="FRESH_CLOTHS[i]"
        @write="name => emit('name', i, name)"
      />
    </div>
    <UButton v-if="cloths.length < FRESH_CLOTHS.length" @click="emit('add')">
      <UIcon name="i-lucide-plus" class="size-5" />Another cloth
    </UButton>
  </fieldset>
</template>

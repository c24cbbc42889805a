<script setup lang="ts">
import { BABY_LIST, careLines } from '~~/words/last'
import { inEnglish } from '~~/words/speech'

/** What comes last: what the quilt hangs by, its label, how it is cared for. */
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const quilt = computed(() => store.quilt!)
const plan = computed(() => store.plan)
</script>

<template>
  <div class="mx-auto max-w-5xl p-5">
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <StationHead title="Hanging, label, care" print="this" />
    <h1 class="print-only mb-2 text-2xl">{{ quilt.name }}: hanging, label, care</h1>
    <p v-if="!plan" class="note" role="status">Laying it out …</p>
    <div v-else class="grid items-start gap-5 lg:grid-cols-2">
      <HangingCard :quilt="quilt" :plan="plan" :can-write="store.canWrite" @edit="edit" />
      <LabelCard :quilt="quilt" :plan="plan" :can-write="store.canWrite" @edit="edit" />
      <section class="card space-y-2" aria-label="Care" data-testid="care">
        <h2>Care</h2>
        <ul class="list-disc space-y-1.5 pl-6">
          <li v-for="line in careLines(quilt, speech)" :key="line">{{ line }}</li>
        </ul>
        <p class="note">
          {{ inEnglish('What the makers of cloth, batting and thread say comes first.', speech) }}
        </p>
      </section>
      <section v-if="quilt.for?.baby" class="card space-y-2" aria-label="Before a small child has it">
        <h2>Before a small child has it</h2>
        <ul class="list-disc space-y-1.5 pl-6">
          <li v-for="line in BABY_LIST" :key="line">{{ line }}</li>
        </ul>
      </section>
    </div>
  </div>
</template>

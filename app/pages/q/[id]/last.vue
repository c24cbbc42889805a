<script setup lang="ts">
import { setHanging, setLabel } from '~~/core/edits/last'
import { BABY_LIST, careLines, hangingSteps, labelText } from '~~/words/last'
import { inEnglish } from '~~/words/speech'

/** What comes last: what the quilt hangs by, its label, how it is cared for. */
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const quilt = computed(() => store.quilt!)
const plan = computed(() => store.plan)
const { isMaking, page, print } = usePapers()
const written = computed(() => labelText(quilt.value))
/** Wider quilts sag at the middle of a stick that is held at its corners. */
const isHeavy = computed(() => plan.value?.hanging?.way === 'corners' && plan.value.quilt.edged.width > 40)
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
      <section class="card space-y-3" aria-label="To hang it" data-testid="hanging">
        <h2>To hang it</h2>
        <template v-if="quilt.hanging && plan.hanging">
          <p class="text-lg">
            <template v-if="plan.hanging.way === 'sleeve'">
              {{ plan.hanging.sections === 1 ? 'A strip' : 'Two strips, each' }}
              <strong
                ><Figure path="hanging.length" title="Length of the strip" /> ×
                <Figure path="hanging.width" title="Width of the strip" /></strong
              >.
            </template>
            <template v-else
              >Two squares of <strong><Figure path="hanging.square" title="Side of the square" /></strong>.</template
            >
            It is on the cutting sheet.
          </p>
          <ClothPicker
            label="Cloth"
            :cloths="quilt.cloths"
            :value="quilt.hanging.cloth"
            @choose="cloth => cloth && edit('cloth to hang by', setHanging({ cloth }))"
          />
          <ChoiceField
            label="It hangs by"
            place="no-print"
            :value="quilt.hanging.way"
            :options="[
              { value: 'sleeve', label: 'a sleeve along its upper edge' },
              { value: 'corners', label: 'folded corners and a stick' },
            ]"
            :disabled="!store.canWrite"
            @choose="value => edit('hanging', setHanging({ way: value }))"
          />
          <LengthField
            v-if="quilt.hanging.way === 'sleeve'"
            class="no-print"
            label="The rod measures, all round"
            :value="quilt.hanging.girth"
            :least="1"
            :most="20"
            :step="1 / 2"
            :disabled="!store.canWrite"
            @commit="v => edit('rod', setHanging({ girth: v }))"
          />
          <LengthField
            v-else
            class="no-print"
            label="Side of the squares"
            :value="quilt.hanging.square"
            :least="2"
            :most="12"
            :step="1 / 2"
            :disabled="!store.canWrite"
            @commit="v => edit('hanging corners', setHanging({ square: v }))"
          />
          <ol class="list-decimal space-y-1.5 pl-6" data-testid="hanging-steps">
            <li v-for="(step, i) in hangingSteps(plan.hanging, speech)" :key="i"><FigureText :parts="step" /></li>
          </ol>
          <p v-if="isHeavy" class="caution">
            A stick held at its corners is for small quilts: this one is heavy for it. A sleeve carries it all along.
          </p>
          <UButton class="no-print" :disabled="!store.canWrite" @click="edit('not hung', setHanging(null))">
            It is not hung
          </UButton>
        </template>
        <UButton v-else :disabled="!store.canWrite" @click="edit('hanging', setHanging({}))">
          <UIcon name="i-lucide-plus" class="size-5" />A sleeve or corners to hang it by
        </UButton>
      </section>
      <section class="card space-y-3" aria-label="Its label" data-testid="label-card">
        <h2>Its label</h2>
        <template v-if="quilt.label && plan.label">
          <div
            class="label-picture"
            :style="{ aspectRatio: `${quilt.label.width} / ${quilt.label.height}` }"
            data-testid="label-picture"
          >
            <p v-for="(line, i) in written.split('\n')" :key="i">{{ line || '\u00a0' }}</p>
          </div>
          <p class="text-lg">
            Cut
            <strong
              ><Figure path="label.width" title="Width as it is cut" /> ×
              <Figure path="label.height" title="Height as it is cut" /></strong
            >. Write or stitch on it first, then turn its edges under and sew it on by hand, through the back only.
          </p>
          <TextField
            place="no-print"
            label="What it says"
            :rows="4"
            :most="600"
            :value="written"
            :disabled="!store.canWrite"
            @commit="text => edit('label', setLabel({ text }))"
          />
          <UButton
            v-if="quilt.label.text !== undefined"
            class="no-print"
            :disabled="!store.canWrite"
            @click="edit('label from the record', setLabel({ text: null }))"
          >
            What the record says
          </UButton>
          <ClothPicker
            label="Cloth"
            :cloths="quilt.cloths"
            :value="quilt.label.cloth"
            @choose="cloth => cloth && edit('cloth of the label', setLabel({ cloth }))"
          />
          <div class="no-print grid grid-cols-2 gap-3">
            <LengthField
              label="Width, finished"
              :value="quilt.label.width"
              :least="1"
              :most="20"
              :step="1 / 2"
              :disabled="!store.canWrite"
              @commit="v => edit('label', setLabel({ width: v }))"
            />
            <LengthField
              label="Height, finished"
              :value="quilt.label.height"
              :least="1"
              :most="20"
              :step="1 / 2"
              :disabled="!store.canWrite"
              @commit="v => edit('label', setLabel({ height: v }))"
            />
          </div>
          <div class="no-print flex flex-wrap items-end gap-3">
            <PageSizeField :value="page" class="!w-auto" @choose="value => (page = value)" />
            <UButton :disabled="isMaking" @click="print('label')">
              <UIcon name="i-lucide-file-down" class="size-5" />Label at true size (PDF)
            </UButton>
            <UButton :disabled="!store.canWrite" @click="edit('no label', setLabel(null))"> No label </UButton>
          </div>
        </template>
        <UButton v-else :disabled="!store.canWrite" @click="edit('label', setLabel({}))">
          <UIcon name="i-lucide-plus" class="size-5" />A label for the back
        </UButton>
      </section>
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

<style scoped>
.label-picture {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  max-width: 20rem;
  padding: 0.75rem;
  border: 1.5px dashed var(--soft);
  text-align: center;
  line-height: 1.35;
  overflow-wrap: anywhere;
}
</style>

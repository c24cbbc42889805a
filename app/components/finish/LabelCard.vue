<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setLabel } from '~~/core/edits/last'
import type { Quilt } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import { labelText } from '~~/words/last'

/** The label on the back: what it says, how large it is. */
const { quilt, plan } = defineProps<{ quilt: Quilt; plan: Plan; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const { isMaking, page, print } = usePapers()
const written = computed(() => labelText(quilt))
</script>

<template>
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
        :disabled="!canWrite"
        @commit="text => emit('edit', 'label', setLabel({ text }))"
      />
      <UButton
        v-if="quilt.label.text !== undefined"
        class="no-print"
        :disabled="!canWrite"
        @click="emit('edit', 'label from the record', setLabel({ text: null }))"
      >
        What the record says
      </UButton>
      <ClothPicker
        label="Cloth"
        :cloths="quilt.cloths"
        :value="quilt.label.cloth"
        @choose="cloth => cloth && emit('edit', 'cloth of the label', setLabel({ cloth }))"
      />
      <div class="no-print grid grid-cols-2 gap-3">
        <LengthField
          label="Width, finished"
          :value="quilt.label.width"
          :least="1"
          :most="20"
          :step="1 / 2"
          :disabled="!canWrite"
          @commit="v => emit('edit', 'label', setLabel({ width: v }))"
        />
        <LengthField
          label="Height, finished"
          :value="quilt.label.height"
          :least="1"
          :most="20"
          :step="1 / 2"
          :disabled="!canWrite"
          @commit="v => emit('edit', 'label', setLabel({ height: v }))"
        />
      </div>
      <div class="no-print flex flex-wrap items-end gap-3">
        <PageSizeField :value="page" class="!w-auto" @choose="value => (page = value)" />
        <UButton :disabled="isMaking" @click="print('label')">
          <UIcon name="i-lucide-file-down" class="size-5" />Label at true size (PDF)
        </UButton>
        <UButton :disabled="!canWrite" @click="emit('edit', 'no label', setLabel(null))"> No label </UButton>
      </div>
    </template>
    <UButton v-else :disabled="!canWrite" @click="emit('edit', 'label', setLabel({}))">
      <UIcon name="i-lucide-plus" class="size-5" />A label for the back
    </UButton>
  </section>
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

<script setup lang="ts">
import { timesPlaced } from '~~/core/top/places'
import { outlinesInDxf, outlinesInSvg, runMachine } from '~~/core/paper/cuttingMachine'
import { templatesToSvg } from '~~/core/paper/outlineFiles'
import { templatesForBlock } from '~~/core/paper/templates'
import type { PlannedBlock } from '~~/core/plan/plannedBlock'
import { blockOf, type Quilt } from '~~/core/file/quilt'
import { sewingText } from '~~/words/drafting'
import { formatLength } from '~~/words/length'
import { plural } from '~~/words/speech'

const { quilt, planned, canWrite } = defineProps<{ quilt: Quilt; planned: PlannedBlock; canWrite: boolean }>()
const emit = defineEmits<{ method: [method: 'auto' | 'foundation' | 'template'] }>()

const speech = useSpeech()
const block = computed(() => blockOf(quilt, planned.id))
const whole = computed(() => (typeof block.value.method === 'string' ? block.value.method : 'auto'))
const blocks = computed(() => timesPlaced(quilt, planned.id))
const { isMaking, page, print } = usePapers()
const run = shallowRef<{ kind: string; pieces: number; cutLength: number; seconds: number } | null>(null)
const templates = computed(() => templatesForBlock(quilt, block.value))

const svg = () => templatesToSvg(templates.value)
/** The writer of such files is loaded when one is wanted. */
const dxf = async () => (await import('~/paper/templatesToDxf')).templatesToDxf(templates.value)
async function cutOut(kind: 'svg' | 'dxf') {
  const outlines = kind === 'svg' ? outlinesInSvg(svg()) : outlinesInDxf(await dxf())
  const { cutLength, seconds } = runMachine(outlines)
  run.value = { kind, pieces: outlines.length, cutLength, seconds }
}
</script>

<template>
  <section class="card no-print mb-6" aria-label="Templates and papers">
    <h2 class="mb-1">Templates and papers</h2>
    <p>
      {{
        sewingText({
          setIn: planned.setIn,
          partial: planned.partial,
          isProven: planned.proven,
          papers: planned.foundation?.length ?? null,
        })
      }}
    </p>
    <div class="mt-3 flex flex-wrap items-end gap-3">
      <ChoiceField
        label="Make the whole block"
        :value="whole"
        :options="[
          { value: 'auto', label: 'unit by unit' },
          { value: 'foundation', label: 'on foundation papers', disabled: planned.foundation === null },
          { value: 'template', label: 'by templates' },
        ]"
        class="!w-auto"
        :disabled="!canWrite"
        @choose="value => emit('method', value)"
      />
      <PageSizeField :value="page" class="!w-auto" @choose="value => (page = value)" />
      <UButton :disabled="isMaking" @click="print('templates', { block: planned.id })">
        <UIcon name="i-lucide-file-down" class="size-5" />Templates (PDF)
      </UButton>
      <UButton
        v-if="planned.foundation"
        :disabled="isMaking"
        @click="print('papers', { block: planned.id, copies: Math.min(200, blocks) })"
      >
        <UIcon name="i-lucide-file-down" class="size-5" />Papers for {{ plural(blocks, 'block') }} (PDF)
      </UButton>
    </div>
    <details class="mt-3">
      <summary class="cursor-pointer py-2 font-semibold">For a cutting machine</summary>
      <div class="flex flex-wrap gap-2 pt-1">
        <UButton @click="downloadText(`${planned.id}-templates.svg`, svg(), 'image/svg+xml')">
          Save outlines (SVG)
        </UButton>
        <UButton @click="async () => downloadText(`${planned.id}-templates.dxf`, await dxf(), 'image/vnd.dxf')">
          Save outlines (DXF)
        </UButton>
        <UButton @click="cutOut('svg')">Try the SVG</UButton>
        <UButton @click="cutOut('dxf')">Try the DXF</UButton>
      </div>
      <p v-if="run" class="figure mt-2 !whitespace-normal" role="status" data-testid="machine">
        A machine would cut {{ plural(run.pieces, 'shape') }} from this {{ run.kind.toUpperCase() }},
        <span data-path="machine.cutLength">{{ formatLength(Math.round(run.cutLength * 8) / 8, speech) }}</span> of
        cutting, in about {{ Math.max(1, Math.round(run.seconds / 60)) }} min. Blunt the edges of plastic templates
        before you use them.
      </p>
    </details>
  </section>
</template>

<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { quiltingToSvg } from '~~/core/paper/quiltingFiles'
import type { PlannedQuilting } from '~~/core/plan/plannedQuilting'

/** Motifs and lines at true size: on paper, to be traced or cut out, and as drawings for other programs. */
const { quilt, quilting } = defineProps<{ quilt: Quilt; quilting: PlannedQuilting }>()
const { isMaking, page, print } = usePapers()
const mirrored = ref(false)
const hasMotif = computed(() => quilt.quilting.some(({ kind }) => kind === 'motif'))
/** The writer of such files is loaded when one is wanted. */
async function saveDxf() {
  const { quiltingToDxf } = await import('~/paper/quiltingToDxf')
  downloadText('quilting.dxf', quiltingToDxf(quilting), 'image/vnd.dxf')
}
</script>

<template>
  <section class="card space-y-3" aria-label="At true size" data-testid="quilting-paper">
    <h2 class="text-lg">At true size</h2>
    <PageSizeField :value="page" @choose="value => (page = value)" />
    <YesNoField label="Mirrored, to trace from the back" :value="mirrored" @choose="is => (mirrored = is)" />
    <UButton v-if="hasMotif" class="w-full" :disabled="isMaking" @click="print('motifs', { mirrored })">
      <UIcon name="i-lucide-file-down" class="size-5" />Motifs (PDF)
    </UButton>
    <UButton class="w-full" :disabled="isMaking" @click="print('lines', { mirrored })">
      <UIcon name="i-lucide-file-down" class="size-5" />Blocks with their lines (PDF)
    </UButton>
    <p class="note">
      Larger than a page it is cut in parts, with crosses to glue by. Trace it on a light box or a window, or cut it
      from thin plastic as a stencil.
    </p>
    <details>
      <summary class="cursor-pointer py-2 font-semibold">All lines as a drawing</summary>
      <div class="flex flex-wrap gap-2 pt-1">
        <UButton @click="downloadText('quilting.svg', quiltingToSvg(quilting), 'image/svg+xml')">
          Save lines (SVG)
        </UButton>
        <UButton @click="saveDxf">Save lines (DXF)</UButton>
      </div>
    </details>
  </section>
</template>

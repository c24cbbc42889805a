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
    <label class="block"
      ><span class="label">Page</span
      ><select v-model="page" class="field">
        <option value="letter">Letter</option>
        <option value="a4">A4</option>
      </select></label
    >
    <label class="flex min-h-11 items-center gap-2"
      ><input v-model="mirrored" type="checkbox" class="size-5" />Mirrored, to trace from the back</label
    >
    <button
      v-if="hasMotif"
      type="button"
      class="button w-full"
      :disabled="isMaking"
      @click="print('motifs', { mirrored })"
    >
      <UIcon name="i-lucide-file-down" class="size-5" />Motifs (PDF)
    </button>
    <button type="button" class="button w-full" :disabled="isMaking" @click="print('lines', { mirrored })">
      <UIcon name="i-lucide-file-down" class="size-5" />Blocks with their lines (PDF)
    </button>
    <p class="note">
      Larger than a page it is cut in parts, with crosses to glue by. Trace it on a light box or a window, or cut it
      from thin plastic as a stencil.
    </p>
    <details>
      <summary class="cursor-pointer py-2 font-semibold">All lines as a drawing</summary>
      <div class="flex flex-wrap gap-2 pt-1">
        <button
          type="button"
          class="button"
          @click="downloadText('quilting.svg', quiltingToSvg(quilting), 'image/svg+xml')"
        >
          Save lines (SVG)
        </button>
        <button type="button" class="button" @click="saveDxf">Save lines (DXF)</button>
      </div>
    </details>
  </section>
</template>

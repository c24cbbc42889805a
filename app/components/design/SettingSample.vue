<script setup lang="ts">
import { setKind } from '~~/core/edits/setting'
import { settingSample } from '~~/core/edits/settingSample'
import type { Quilt } from '~~/core/file/quilt'
import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import type { SettingKind } from '~~/core/file/settings'

/** This quilt set that way; lines of a few blocks where it cannot be, or is too large to paint so often. */
const { kind, file, quilt } = defineProps<{ kind: SettingKind; file: QuiltFile; quilt: Quilt }>()

const MAX_PAINTED = 500
const PICTURE_PX = 64
const shown = computed(() => {
  if (kind === quilt.setting.kind) return quilt
  if (quilt.setting.cells.reduce((sum, line) => sum + line.length, 0) > MAX_PAINTED) return null
  const read = readQuilt(setKind(kind)(file))
  return read.ok ? read.value : null
})
const sample = computed(() => settingSample(kind))
const lines = computed(() =>
  sample.value.outlines.map(outline => `M${outline.map(point => point.join(' ')).join('L')}Z`).join(''),
)
</script>

<template>
  <QuiltPicture v-if="shown" class="!w-16 shrink-0" :quilt="shown" :width="PICTURE_PX" :height="PICTURE_PX" />
  <svg v-else :viewBox="`-1 -1 ${sample.width + 2} ${sample.height + 2}`" class="size-9 shrink-0" aria-hidden="true">
    <path :d="lines" fill="none" stroke="currentColor" stroke-width="1.4" vector-effect="non-scaling-stroke" />
  </svg>
</template>

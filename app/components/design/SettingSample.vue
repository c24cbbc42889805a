<script setup lang="ts">
import { editedQuilt } from '~~/core/edits/editedQuilt'
import { setKind } from '~~/core/edits/setting'
import { settingSample } from '~~/core/edits/settingSample'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import type { SettingKind } from '~~/core/file/settings'
import { canPaintMany } from '~/drawing/manyPictures'

/** This quilt set that way; lines of a few blocks where it cannot be, or is too large to paint so often. */
const { kind, file, quilt } = defineProps<{ kind: SettingKind; file: QuiltFile; quilt: Quilt }>()

const PICTURE_PX = 64
const shown = computed(() => {
  if (kind === quilt.setting.kind) return quilt
  return canPaintMany(quilt) ? editedQuilt(file, setKind(kind)) : null
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

<script setup lang="ts">
import { settingSample } from '~~/core/edits/settingSample'
import type { SettingKind } from '~~/core/file/settings'

const { kind } = defineProps<{ kind: SettingKind }>()

const sample = computed(() => settingSample(kind))
const lines = computed(() =>
  sample.value.outlines.map(outline => `M${outline.map(point => point.join(' ')).join('L')}Z`).join(''),
)
</script>

<template>
  <svg :viewBox="`-1 -1 ${sample.width + 2} ${sample.height + 2}`" class="size-9 shrink-0" aria-hidden="true">
    <path :d="lines" fill="none" stroke="currentColor" stroke-width="1.4" vector-effect="non-scaling-stroke" />
  </svg>
</template>

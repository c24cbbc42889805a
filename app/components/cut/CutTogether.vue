<script setup lang="ts">
import { alikeAcross } from '~~/core/cut/alikeAcross'
import type { Piece } from '~~/core/cut/piece'
import type { CutCloth } from '~/composables/useCutSteps'

/** Strips of several cloths that are cut up alike: laid on each other they are one cut. */
const { cloths, pieces } = defineProps<{ cloths: readonly CutCloth[]; pieces: ReadonlyMap<string, Piece> }>()
const byId = computed(() => new Map(cloths.map(cut => [cut.cloth.id, cut])))
const kinds = computed(() =>
  alikeAcross(
    cloths.map(({ cloth, need }) => ({ id: cloth.id, strips: need.strips })),
    piece => pieces.get(piece)?.cuts !== 'angle',
  ),
)
const pathOf = ({ cloth, first }: { cloth: string; first: number }) =>
  `${byId.value.get(cloth)!.path}.strips.${first}.height`
</script>

<template>
  <details v-if="kinds.length > 0" class="card no-print mb-4 !py-1" data-testid="cut-together">
    <summary class="min-h-11 cursor-pointer content-center font-bold">Strips cut alike from several cloths</summary>
    <p class="note mt-1">Press them, lay up to four on each other, raw edges level, and cut them up together.</p>
    <ul class="mt-2 space-y-1">
      <li v-for="(kind, i) in kinds" :key="i" class="figure !whitespace-normal">
        Strips of <Figure :path="pathOf(kind.cloths[0]!)" title="How deep the strip is" />:
        <template v-for="(of, n) in kind.cloths" :key="of.cloth"
          >{{ n > 0 ? ', ' : '' }}{{ of.count }} of {{ byId.get(of.cloth)!.cloth.name }}</template
        >
      </li>
    </ul>
  </details>
</template>

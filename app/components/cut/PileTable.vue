<script setup lang="ts">
import { oneStripGives } from '~~/core/cut/oneStripGives'
import type { Piece } from '~~/core/cut/piece'
import type { Cloth } from '~~/core/file/quilt'
import { stripBlocksText } from '~~/words/cutting'
import { useName } from '~~/words/names'
import { inEnglish } from '~~/words/speech'

/** The piles of one cloth: how large and how many its pieces are, and what they are for. */
const { cloth, pieces, places } = defineProps<{
  cloth: Cloth
  pieces: ReadonlyMap<string, Piece>
  /** Place of each piece in the plan, by id. */
  places: ReadonlyMap<string, number>
  blockNames: ReadonlyMap<string, string>
}>()
const speech = useSpeech()
const piles = computed(() =>
  [...pieces.values()].flatMap(piece =>
    piece.cloth === cloth.id
      ? [{ piece, path: `pieces.${places.get(piece.id)}`, strip: oneStripGives(piece, cloth.usable) }]
      : [],
  ),
)
</script>

<template>
  <h3 class="no-print mt-4 mb-2">Piles</h3>
  <table class="no-print w-full">
    <thead>
      <tr class="note text-left">
        <th>Pile</th>
        <th>Cut, seam included</th>
        <th class="text-right">Pieces</th>
        <th class="pl-4">One strip gives</th>
        <th class="pl-4">For</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ piece, path, strip } in piles" :key="piece.id" class="border-t border-line">
        <td class="py-1">
          <span class="tag">{{ piece.letter }}</span>
        </td>
        <td>
          <Figure :path="`${path}.width`" :title="`Width of ${piece.letter}`" /> ×
          <Figure :path="`${path}.height`" :title="`Height of ${piece.letter}`" />
        </td>
        <td class="text-right">
          <Figure :path="`${path}.count`" kind="count" :title="`Pieces of ${piece.letter}`" /><span
            v-if="piece.spare"
            class="note"
          >
            ({{ piece.spare }} spare)</span
          >
        </td>
        <td class="pl-4">
          <template v-if="strip"
            ><Figure
              :path="`${path}.strip`"
              :sum="strip.pieces"
              kind="count"
              :title="`Of pile ${piece.letter} from one strip`"
            /><span v-if="strip.blocks.length > 0" class="note">{{
              stripBlocksText(strip.blocks, blockNames)
            }}</span></template
          >
        </td>
        <td class="pl-4">
          {{ inEnglish(useName(piece, blockNames), speech) }}{{ piece.hand === 'either' ? '' : `, ${piece.hand} hand`
          }}{{ piece.isStriped ? ', stripes run with its height' : '' }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

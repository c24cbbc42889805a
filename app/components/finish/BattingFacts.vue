<script setup lang="ts">
import type { BattingChange } from '~~/core/edits/layers'
import type { Quilt } from '~~/core/file/quilt'
import type { PlannedBatting } from '~~/core/plan/plannedLayers'
import { BATTINGS } from '~~/core/layers/battingCatalogue'
import { formatBought } from '~~/words/length'
import { craft, inEnglish } from '~~/words/speech'

/** What its packet says, and what follows from it. `plan`: null where the batting is cut up for single blocks. */
const { quilt } = defineProps<{ quilt: Quilt; plan: PlannedBatting | null; disabled: boolean }>()
const emit = defineEmits<{ change: [change: BattingChange] }>()
const speech = useSpeech()
const batting = computed(() => quilt.batting!)
const isByLength = ref(quilt.batting?.width !== undefined && quilt.batting.length === undefined)
watch(
  () => batting.value.length,
  length => {
    if (length !== undefined) isByLength.value = false
  },
)
function soldBy(event: Event) {
  isByLength.value = chosen(event) === 'length'
  if (isByLength.value && batting.value.length !== undefined) emit('change', { length: null })
}
const chosen = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <div class="space-y-3">
    <p v-if="plan?.packets !== undefined" data-testid="packets">
      <template v-if="plan.buy !== undefined"
        >Sold by the length: buy
        <Figure
          path="batting.buy.length"
          kind="cloth"
          :text="formatBought(plan.buy.length, speech)"
          title="To buy of it"
        /><template v-if="plan.packets > 1"
          >, in {{ plan.packets }} lengths joined edge to edge, never one on the other</template
        >.</template
      >
      <template v-else-if="plan.packets === 1">One packet is large enough.</template>
      <template v-else>{{ plan.packets }} packets are joined edge to edge, never one on the other.</template>
      <template v-if="plan.left && plan.left.length > 0">
        Left over:
        <template v-for="(_, i) in plan.left" :key="i"
          >{{ i > 0 ? 'and ' : ''
          }}<span class="whitespace-nowrap"
            ><Figure :path="`batting.left.${i}.width`" title="Left over, across" /> ×
            <Figure :path="`batting.left.${i}.height`" title="Left over, along" />{{
              i + 1 === plan.left.length ? '.' : ''
            }}</span
          >{{ ' ' }}</template
        >
      </template>
    </p>
    <p v-if="plan?.washed" data-testid="washed">
      After its first wash the quilt is about <Figure path="batting.washed.width" title="Width when washed" /> ×
      <Figure path="batting.washed.height" title="Height when washed" />.
    </p>
    <details>
      <summary class="cursor-pointer py-1 font-semibold">What its packet says</summary>
      <div class="mt-2 space-y-3">
        <label class="block"
          ><span class="label">As most packets of a kind say</span
          ><select
            class="field"
            data-testid="batting-kind"
            value=""
            :disabled="disabled"
            @change="
              e => {
                const { id: _, ...facts } = BATTINGS.find(({ id }) => id === chosen(e)) ?? { id: '' }
                emit('change', facts)
              }
            "
          >
            <option value="">choose a kind …</option>
            <option v-for="{ id } in BATTINGS" :key="id" :value="id">{{ inEnglish(id, speech) }}</option>
          </select></label
        >
        <p class="note">They are a beginning: what your own packet says comes first.</p>
        <LengthField
          label="Lines of quilting may lie apart"
          :value="batting.maxGap ?? null"
          :least="1 / 2"
          :most="20"
          :step="1 / 2"
          :disabled="disabled"
          @commit="v => emit('change', { maxGap: v })"
        />
        <label class="block"
          ><span class="label">It is sold</span
          ><select
            class="field"
            data-testid="batting-sold"
            :value="isByLength ? 'length' : 'packets'"
            :disabled="disabled"
            @change="soldBy"
          >
            <option value="packets">in packets</option>
            <option value="length">by the length</option>
          </select></label
        >
        <LengthField
          label="Wide, as sold"
          :value="batting.width ?? null"
          :least="10"
          :most="200"
          :step="1"
          :disabled="disabled"
          @commit="v => emit('change', { width: v })"
        />
        <LengthField
          v-if="!isByLength"
          label="Long, in a packet"
          :value="batting.length ?? null"
          :least="10"
          :most="400"
          :step="1"
          :disabled="disabled"
          @commit="v => emit('change', { length: v })"
        />
        <label class="block"
          ><span class="label">Shrinks in the wash, percent</span
          ><input
            type="number"
            class="field"
            min="0"
            max="20"
            step="1"
            :value="Math.round(batting.shrink * 100)"
            :disabled="disabled"
            @change="
              e => {
                const percent = Number((e.target as HTMLInputElement).value)
                if (percent >= 0 && percent <= 20) emit('change', { shrink: percent / 100 })
              }
            "
        /></label>
        <label class="block"
          ><span class="label">Loft</span
          ><select
            class="field"
            :value="batting.loft"
            :disabled="disabled"
            @change="e => emit('change', { loft: chosen(e) as 'low' })"
          >
            <option value="low">low, flat</option>
            <option value="medium">medium</option>
            <option value="high">high, puffy</option>
          </select></label
        >
        <label class="block"
          ><span class="label">{{ craft('Color', speech) }}</span
          ><select
            class="field"
            :value="batting.colour ?? ''"
            :disabled="disabled"
            @change="e => emit('change', { colour: (chosen(e) || null) as 'cream' | null })"
          >
            <option value="">not said</option>
            <option value="cream">cream</option>
            <option value="white">white</option>
            <option value="black">black</option>
          </select></label
        >
        <label class="block"
          ><span class="label">{{ craft('Fiber', speech) }}</span
          ><input
            class="field"
            maxlength="100"
            :value="batting.fibre ?? ''"
            placeholder="cotton, wool, a blend"
            :disabled="disabled"
            @change="e => emit('change', { fibre: (e.target as HTMLInputElement).value.trim() || null })"
        /></label>
      </div>
    </details>
  </div>
</template>

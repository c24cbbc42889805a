<script setup lang="ts">
import type { BackingChange } from '~~/core/edits/layers'
import type { PlannedBacking } from '~~/core/plan/plannedLayers'
import { coverText } from '~~/words/back'
import { formatBought } from '~~/words/length'
import { inEnglish, plural } from '~~/words/speech'

/** Which way the seams of the back run, with what each way costs. */
const { plan } = defineProps<{
  plan: PlannedBacking
  way: 'auto' | 'vertical' | 'horizontal' | 'wide' | 'leftovers'
  offCentre: boolean
  disabled: boolean
}>()
const emit = defineEmits<{ change: [change: BackingChange] }>()
const speech = useSpeech()
const SEAMS = { vertical: 'upright seams', horizontal: 'level seams', none: 'no seam' } as const
/** A print with an up can run one way only. */
const isUpright = computed(() => plan.ways.length === 1)
/** What can be chosen; where only one way is left, it is the one that Wren takes. */
const choices = computed(() => [
  { value: 'auto' as const, label: isUpright.value ? 'down the quilt' : 'whichever way needs less' },
  ...(isUpright.value
    ? []
    : [
        { value: 'vertical' as const, label: 'down the quilt' },
        { value: 'horizontal' as const, label: 'across the quilt' },
      ]),
  { value: 'wide' as const, label: 'in one piece, of wide cloth' },
  { value: 'leftovers' as const, label: 'in pieces, from what is left over' },
])
</script>

<template>
  <div class="space-y-2">
    <table v-if="plan.ways.length > 1" class="w-full text-left" data-testid="backing-ways">
      <caption class="label text-left">
        What each way costs
      </caption>
      <tbody>
        <tr v-for="(each, i) in plan.ways" :key="i">
          <td class="py-1">New cloth {{ i === 0 ? 'running down' : 'running across' }}: {{ SEAMS[each.seams] }}</td>
          <td class="figure">{{ plural(each.panels, 'panel') }}</td>
          <td class="figure font-semibold">
            <Figure
              :path="`backing.ways.${i}.buy`"
              kind="cloth"
              :text="formatBought(each.buy, speech)"
              title="To buy this way"
            />
          </td>
        </tr>
        <tr v-if="plan.pieced">
          <td class="py-1">From what is left over</td>
          <td class="figure">{{ plural(plan.panels, 'panel') }}</td>
          <td class="figure font-semibold">
            <Figure path="backing.buy" kind="cloth" :text="formatBought(plan.buy, speech)" title="To buy this way" />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="isUpright" class="note">Its print has an up: new cloth runs down the quilt.</p>
    <ChoiceField
      label="The cloth runs"
      :value="isUpright && way !== 'wide' && way !== 'leftovers' ? 'auto' : way"
      :options="choices"
      :disabled="disabled"
      @choose="value => emit('change', { way: value })"
    />
    <p v-if="plan.pieced" class="note" data-testid="back-cover">
      {{ coverText(plan.pieced) }}
      <UButton class="mt-2" :to="toPage('back')"
        ><UIcon name="i-lucide-layout-grid" class="size-5" />Piece the back</UButton
      >
    </p>
    <YesNoField
      :label="inEnglish('No seam down the center', speech)"
      :value="offCentre"
      :disabled="disabled"
      @choose="is => emit('change', { offCentre: is })"
    />
  </div>
</template>

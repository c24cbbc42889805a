<script setup lang="ts">
import type { Sum } from '~~/core/measure/sum'
import { formatCount, formatLength } from '~~/words/length'
import { formatMoney, formatPart, sumLines, sumTotal, type SumKind } from '~~/words/sum'

const {
  path,
  sum: given = undefined,
  kind = 'length',
  text = undefined,
  title = 'Why this number',
  aside = false,
} = defineProps<{
  /** Where the number stands in the plan: `quilt.width`, `cloths.0.buy`. */
  path: string
  /**
   * The number itself, where it was made for what is on show and has no place in the plan; `path` then only names it.
   */
  sum?: Sum
  kind?: SumKind
  /** How to write it, where the plain way will not do. */
  text?: string
  title?: string
  /** Its slip opens at the right edge, clear of what lies below the number. */
  aside?: boolean
}>()

const store = useQuilt()
const speech = useSpeech()
const sum = computed(() => given ?? store.plan?.sums[path] ?? null)
const shown = computed(() => {
  if (text !== undefined) return text
  if (!sum.value) return '…'
  const { total: value } = sum.value
  if (kind === 'part') return formatPart(value)
  if (kind === 'money') return formatMoney(value)
  return kind === 'count' ? formatCount(value) : formatLength(value, speech.value)
})
/** A place near the upper right corner of the window. */
const edge = { getBoundingClientRect: () => new DOMRect(window.innerWidth - 12, 150, 0, 0) }
const names = computed(() => store.blockNames)
const lines = computed(() => sum.value && sumLines(sum.value, kind, speech.value, names.value))
const total = computed(() => sum.value && sumTotal(sum.value, kind, speech.value))
</script>

<template>
  <UPopover
    v-if="sum && lines"
    :reference="aside ? edge : undefined"
    :content="aside ? { side: 'left', align: 'start', sideOffset: 0 } : {}"
    :ui="{ content: 'bg-paper text-ink border border-line rounded-xl p-4 max-w-sm z-50' }"
  >
    <button
      type="button"
      class="figure sum-mark"
      :data-path="path"
      :data-value="sum.total"
      :aria-label="`${shown}. ${title}`"
    >
      {{ shown }}
    </button>
    <template #content>
      <div class="slip" data-testid="slip" :data-for="path">
        <p class="title mb-2 text-lg">{{ title }}</p>
        <table class="w-full">
          <tbody v-if="lines.from.length > 0" class="note">
            <tr v-for="(line, i) in lines.from" :key="i">
              <td class="figure pr-6 !whitespace-normal">{{ line.label }}</td>
              <td class="figure text-right">{{ line.value }}</td>
            </tr>
          </tbody>
          <tbody>
            <tr v-for="(line, i) in lines.terms" :key="i">
              <td class="figure pr-6 !whitespace-normal">{{ line.label }}</td>
              <td class="figure text-right">{{ line.value }}</td>
            </tr>
          </tbody>
          <tfoot>
            <tr class="border-t-2 border-line font-bold">
              <td class="pt-1 pr-6">together</td>
              <td class="figure pt-1 text-right" data-testid="slip-total" :data-total="sum.total">{{ total }}</td>
            </tr>
          </tfoot>
        </table>
        <slot />
      </div>
    </template>
  </UPopover>
  <span v-else class="figure" :data-path="path">{{ shown }}</span>
</template>

<style scoped>
.sum-mark {
  background: none;
  border: 0;
  padding: 0.1em 0.05em;
  font: inherit;
  font-feature-settings: 'frac';
  color: inherit;
  cursor: pointer;
  text-decoration: underline dotted;
  text-decoration-thickness: 2px;
  text-underline-offset: 0.22em;
  border-radius: 4px;
}
@media print {
  .sum-mark {
    text-decoration: none;
  }
}
</style>

<script setup lang="ts">
import type { QuiltingChange } from '~~/core/edits/quilting'
import type { Quilt } from '~~/core/file/quilt'
import { MOTIFS } from '~~/core/quilting/motifs'
import { MARKED, MOTIF_NAMES, QUILTING_NAMES } from '~~/words/quilting'
import { capital } from '~~/words/names'

/** One way in which the quilt is quilted: where, how far apart, at what angle. */
const { entry, quilt, disabled } = defineProps<{
  entry: Quilt['quilting'][number]
  quilt: Quilt
  disabled: boolean
}>()
const emit = defineEmits<{ change: [change: QuiltingChange]; remove: [] }>()

const step = computed(() => quilt.ruler || 1 / 8)
const chosen = (event: Event) => (event.target as HTMLSelectElement).value
const where = computed(() => (typeof entry.where === 'string' ? entry.where : `block ${entry.where.block}`))
function place(value: string) {
  const block = value.startsWith('block ') ? value.slice(6) : null
  emit('change', { where: block === null ? (value as 'all') : { block } })
}
const blocks = computed(() => quilt.blocks.filter(({ derived }) => !derived))
const isOwn = computed(() => !(entry.motif in MOTIFS))
const number = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <li class="card space-y-3" data-testid="quilting-entry">
    <div class="flex items-start justify-between gap-3">
      <h3 class="text-lg">{{ capital(QUILTING_NAMES[entry.kind]) }}</h3>
      <button
        type="button"
        class="button icon"
        :disabled="disabled"
        :aria-label="`Take away: ${QUILTING_NAMES[entry.kind]}`"
        @click="emit('remove')"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </button>
    </div>
    <label class="block"
      ><span class="label">Where</span
      ><select class="field" :value="where" :disabled="disabled" @change="e => place(chosen(e))">
        <option v-if="entry.kind !== 'motif'" value="all">over all</option>
        <option value="blocks">in all blocks</option>
        <option v-for="block in blocks" :key="block.id" :value="`block ${block.id}`">in {{ block.name }}</option>
        <option v-if="quilt.borders.length > 0" value="borders">in the borders</option>
      </select></label
    >
    <LengthField
      v-if="entry.kind === 'grid' || entry.kind === 'lines' || entry.kind === 'ties'"
      label="Apart"
      :value="entry.spacing"
      :least="1 / 4"
      :most="20"
      :step="step"
      :disabled="disabled"
      @commit="v => emit('change', { spacing: v })"
    />
    <LengthField
      v-if="entry.kind === 'echo'"
      label="From the seams"
      :value="entry.distance"
      :least="1 / 8"
      :most="6"
      :step="step"
      :disabled="disabled"
      @commit="v => emit('change', { distance: v })"
    />
    <label v-if="entry.kind === 'grid' || entry.kind === 'lines'" class="block"
      ><span class="label">Degrees from the level</span
      ><input
        type="number"
        class="field"
        min="-180"
        max="180"
        step="5"
        :value="entry.angle"
        :disabled="disabled"
        @change="e => Number.isFinite(number(e)) && emit('change', { angle: number(e) })"
    /></label>
    <template v-if="entry.kind === 'random'">
      <label class="block"
        ><span class="label">How many lines</span
        ><input
          type="number"
          class="field"
          min="1"
          max="3000"
          :value="entry.count"
          :disabled="disabled"
          @change="e => number(e) >= 1 && emit('change', { count: Math.round(number(e)) })"
      /></label>
      <button type="button" class="button" :disabled="disabled" @click="emit('change', { seed: entry.seed + 1 })">
        <UIcon name="i-lucide-dices" class="size-5" />Throw them anew
      </button>
    </template>
    <template v-if="entry.kind === 'motif'">
      <label class="block"
        ><span class="label">Motif</span
        ><select
          class="field"
          :value="isOwn ? 'own' : entry.motif"
          :disabled="disabled"
          @change="e => emit('change', { motif: chosen(e) === 'own' ? 'M0 0L10 10' : chosen(e) })"
        >
          <option v-for="(name, id) in MOTIF_NAMES" :key="id" :value="id">{{ name }}</option>
          <option value="own">a path of your own</option>
        </select></label
      >
      <label v-if="isOwn" class="block"
        ><span class="label">Its path, as an SVG drawing writes it</span
        ><textarea
          class="field min-h-24 font-mono"
          :value="entry.motif"
          :disabled="disabled"
          @change="e => emit('change', { motif: (e.target as HTMLTextAreaElement).value })"
        />
      </label>
      <LengthField
        label="As large as"
        :value="entry.size"
        :least="1 / 2"
        :most="40"
        :step="step"
        :disabled="disabled"
        @commit="v => emit('change', { size: v })"
      />
    </template>
    <p class="note">{{ MARKED[entry.kind] }}</p>
  </li>
</template>

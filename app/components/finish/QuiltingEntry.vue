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
const where = computed(() => (typeof entry.where === 'string' ? entry.where : `block ${entry.where.block}`))
function place(value: string) {
  const block = value.startsWith('block ') ? value.slice(6) : null
  emit('change', { where: block === null ? (value as 'all') : { block } })
}
const blocks = computed(() => quilt.blocks.filter(({ derived }) => !derived))
const isOwn = computed(() => !(entry.motif in MOTIFS))
</script>

<template>
  <li class="card space-y-3" data-testid="quilting-entry">
    <div class="flex items-start justify-between gap-3">
      <h3 class="text-lg">{{ capital(QUILTING_NAMES[entry.kind]) }}</h3>
      <UButton
        square
        :disabled="disabled"
        :aria-label="`Take away: ${QUILTING_NAMES[entry.kind]}`"
        @click="emit('remove')"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </UButton>
    </div>
    <ChoiceField
      label="Where"
      :value="where"
      :options="[
        ...(entry.kind !== 'motif' ? [{ value: 'all', label: 'over all' }] : []),
        { value: 'blocks', label: 'in all blocks' },
        ...blocks.map(block => ({ value: `block ${block.id}`, label: `in ${block.name}` })),
        ...(quilt.borders.length > 0 ? [{ value: 'borders', label: 'in the borders' }] : []),
      ]"
      :disabled="disabled"
      @choose="value => place(value)"
    />
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
    <NumberField
      v-if="entry.kind === 'grid' || entry.kind === 'lines'"
      label="Degrees from the level"
      :value="entry.angle"
      :least="-180"
      :most="180"
      :decimals="1"
      :step="5"
      :disabled="disabled"
      @commit="angle => emit('change', { angle })"
    />
    <template v-if="entry.kind === 'random'">
      <NumberField
        label="How many lines"
        :value="entry.count"
        :least="1"
        :most="3000"
        :disabled="disabled"
        @commit="count => emit('change', { count })"
      />
      <UButton :disabled="disabled" @click="emit('change', { seed: entry.seed + 1 })">
        <UIcon name="i-lucide-dices" class="size-5" />Throw them anew
      </UButton>
    </template>
    <template v-if="entry.kind === 'motif'">
      <ChoiceField
        label="Motif"
        :value="isOwn ? 'own' : entry.motif"
        :options="[
          ...Object.entries(MOTIF_NAMES).map(([id, name]) => ({ value: id, label: name })),
          { value: 'own', label: 'a path of your own' },
        ]"
        :disabled="disabled"
        @choose="value => emit('change', { motif: value === 'own' ? 'M0 0L10 10' : value })"
      />
      <TextField
        v-if="isOwn"
        label="Its path, as an SVG drawing writes it"
        :rows="4"
        :most="40000"
        class="font-mono"
        :value="entry.motif"
        :disabled="disabled"
        @commit="motif => emit('change', { motif })"
      />
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

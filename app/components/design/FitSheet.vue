<script setup lang="ts">
import { fitsFor, MATTRESSES, setFor, sizeForBed, type Bed, type Fit } from '~~/core/edits/bedFit'
import type { Edit } from '~~/core/edits/edit'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { fromInches, UNIT_DEFAULTS } from '~~/core/measure/units'
import { formatSize } from '~~/words/length'

const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const speech = useSpeech()
const kept = quilt.for?.bed
const isBed = ref(kept !== undefined)
const who = ref(quilt.for?.who ?? '')
const queen = MATTRESSES[3]
const { mattressDepth: depth, bedDrop: drop } = UNIT_DEFAULTS[quilt.units]
const bed = ref<Bed>(kept ?? { width: queen.width, length: queen.length, depth, drop, foot: drop, tuck: depth })
const free = ref({ width: 60, height: 80 })
const wanted = computed(() => (isBed.value ? sizeForBed(bed.value) : free.value))
const fits = computed(() => fitsFor(file, quilt, wanted.value))
const chosen = ref(0)
watch(fits, () => (chosen.value = 0))
const shown = computed(() => {
  const fit = fits.value[chosen.value]
  return (fit && editedQuilt(file, fit.edit)) ?? quilt
})
/** Bed and name are kept in the file, in its own units. */
function remember(): Edit {
  const inUnits = (inches: number) => fromInches(inches, file.units ?? 'in')
  const { width, length, depth, drop, foot, tuck } = bed.value
  return setFor({
    ...(who.value.trim() === '' ? {} : { who: who.value.trim() }),
    ...(isBed.value
      ? {
          bed: {
            width: inUnits(width),
            length: inUnits(length),
            depth: inUnits(depth),
            drop: inUnits(drop),
            foot: inUnits(foot),
            tuck: inUnits(tuck),
          },
        }
      : {}),
  })
}
function take(fit: Fit) {
  open.value = false
  emit('edit', 'size to fit', old => remember()(fit.edit(old)))
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="A size to fit"
    description="For a bed, or about so large"
    :ui="{ content: 'max-w-6xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <div class="grid gap-5 lg:grid-cols-[19rem_minmax(0,1fr)_20rem]">
        <div class="space-y-3">
          <TextField label="Who it is for" :value="who" @write="name => (who = name)" />
          <RadioField
            label="What it is to fit"
            labelled="unseen"
            look="cards"
            :value="isBed ? 'bed' : 'size'"
            :options="[
              { value: 'bed', label: 'A bed' },
              { value: 'size', label: 'About so large' },
            ]"
            @choose="value => (isBed = value === 'bed')"
          />
          <BedFields v-if="isBed" :bed="bed" @change="next => (bed = next)" />
          <div v-else class="grid grid-cols-2 gap-2">
            <LengthField
              label="About so wide"
              :value="free.width"
              :least="5"
              :most="200"
              :step="1"
              hide-steps
              @commit="v => (free = { ...free, width: v })"
            />
            <LengthField
              label="About so long"
              :value="free.height"
              :least="5"
              :most="200"
              :step="1"
              hide-steps
              @commit="v => (free = { ...free, height: v })"
            />
          </div>
          <p class="figure text-lg !whitespace-normal" data-testid="wanted">
            The quilt should be <strong>{{ formatSize(wanted.width, wanted.height, speech) }}</strong> finished.
          </p>
        </div>
        <div class="space-y-3">
          <p v-if="fits.length === 0" class="caution">
            With these blocks no way reaches that size with a border of sensible width. Change the size, or the blocks.
          </p>
          <ul class="ways">
            <FitOffer
              v-for="(fit, i) in fits"
              :key="fit.way"
              :fit="fit"
              :is-shown="i === chosen"
              @show="chosen = i"
              @take="take(fit)"
            />
          </ul>
        </div>
        <div class="picture">
          <BedPicture v-if="isBed" :quilt="shown" :bed="bed" />
          <QuiltPicture v-else class="!w-72" :quilt="shown" :width="288" :height="320" />
        </div>
      </div>
    </template>
  </UModal>
</template>

<style scoped>
/* in view while ways are looked through; first of all where there is one column */
.picture {
  position: sticky;
  top: 0;
  align-self: start;
}
@media (max-width: 1023px) {
  .picture {
    order: -1;
    position: static;
  }
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(14rem, 1fr));
  gap: 0.6rem;
}
</style>

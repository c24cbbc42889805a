<script setup lang="ts">
import { lightness } from '~~/core/measure/lightness'
import type { ClothChange } from '~~/core/edits/cloths'
import type { Plan } from '~~/core/plan/plan'
import type { Cloth } from '~~/core/file/quilt'
import { formatLength, formatSize } from '~~/words/length'
import { clothToBuy } from '~~/words/check'
import { inEnglish } from '~~/words/speech'

const { cloth, index, need, isBought, isBacking, cloths } = defineProps<{
  cloth: Cloth
  /** Place in the plan's list. */
  index: number
  need: Plan['cloths'][number] | undefined
  isBought: boolean
  /** The quilt's back is made of it: its length stands by itself in the shopping list. */
  isBacking: boolean
  cloths: readonly Cloth[]
}>()
const emit = defineEmits<{ change: [change: ClothChange]; remove: [instead: string]; bought: [] }>()

const speech = useSpeech()
const isOpen = ref(false)
const isRemoving = ref(false)
const others = computed(() => cloths.filter(other => other.id !== cloth.id))
const value = computed(() => Math.round(lightness(cloth.colour)))
</script>

<template>
  <li class="card" :data-cloth="cloth.id">
    <div class="row">
      <TickBox :checked="isBought" :label="`${cloth.name} is at hand`" @toggle="emit('bought')" />
      <ClothSwatch :cloth="cloth" :size="56" />
      <ClothSwatch :cloth="cloth" :size="36" grey :title="`Value ${value} of 100`" />
      <div class="min-w-0 grow">
        <h2 class="truncate">{{ cloth.name }}</h2>
        <p class="note figure !whitespace-normal">
          <span data-given>{{
            cloth.form === 'piece'
              ? `${cloth.count ?? 1} of ${formatSize(cloth.width, cloth.length ?? 0, speech)}`
              : `${formatLength(cloth.width, speech)} wide`
          }}</span><template v-if="cloth.form === 'yardage'"
            >, <Figure :path="`cloths.${index}.usable`" title="Usable width" />
            {{ inEnglish('without selvages', speech) }}</template
          ><template v-if="cloth.directional">, has an up</template
          ><template v-if="cloth.form === 'yardage' && cloth.have !== undefined"
            >, <span data-given>{{ formatLength(cloth.have, speech) }} at hand</span></template
          >,
          <span :title="inEnglish('How light it is in gray, from 0 (black) to 100 (white)', speech)"
            >{{ value }} of 100 in lightness</span
          >
        </p>
      </div>
      <div class="text-right">
        <p v-if="need?.atHand && need.atHand.short <= 0 && (need.need > 0 || isBacking)" class="text-xl font-bold">
          enough at hand
        </p>
        <p v-else-if="need?.atHand && need.atHand.short > 0" class="text-xl font-bold">
          <Figure
            :path="`cloths.${index}.atHand.buy`"
            kind="cloth"
            :text="clothToBuy(need.atHand.buy, need.unit, speech)"
            :title="`To buy of ${cloth.name}`"
          />
          more
        </p>
        <p v-else-if="need && need.need > 0" class="text-xl font-bold">
          <Figure
            :path="`cloths.${index}.buy`"
            :kind="need.unit === 'piece' ? 'count' : 'cloth'"
            :text="clothToBuy(need.buy, need.unit, speech)"
            :title="`To buy of ${cloth.name}`"
          />
        </p>
        <p v-if="need && need.need > 0" class="note">
          cut from
          <Figure
            :path="`cloths.${index}.need`"
            :kind="need.unit === 'piece' ? 'count' : 'length'"
            title="Cloth that the strips take"
          />, <Figure :path="`cloths.${index}.waste`" kind="part" title="Left over" /> left over
        </p>
        <p v-else-if="!need" class="note">…</p>
        <p v-else-if="!isBacking" class="note">not in this quilt yet</p>
        <p v-if="isBacking && !need?.atHand" class="note">for the back: see the shopping list</p>
      </div>
      <UButton
        variant="ghost"
        square
        :aria-expanded="isOpen"
        :aria-label="`Change ${cloth.name}`"
        @click="isOpen = !isOpen"
      >
        <UIcon name="i-lucide-pencil" class="size-5" />
      </UButton>
      <UButton
        variant="ghost"
        square
        :disabled="others.length === 0"
        :aria-label="`Remove ${cloth.name}`"
        @click="isRemoving = !isRemoving"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </UButton>
    </div>
    <div v-if="isRemoving" class="caution mt-3">
      <ClothPicker
        :cloths="others"
        :value="null"
        :label="`Which cloth takes the place of ${cloth.name}?`"
        @choose="instead => instead && emit('remove', instead)"
      />
    </div>
    <ClothForm
      v-if="isOpen"
      class="mt-4 border-t border-line pt-4"
      :cloth="cloth"
      @change="change => emit('change', change)"
    />
  </li>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 0.9rem;
  flex-wrap: wrap;
}
</style>

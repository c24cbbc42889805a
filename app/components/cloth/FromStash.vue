<script setup lang="ts">
import type { ClothChange } from '~~/core/edits/cloths'
import { findInStash } from '~~/core/stash/findInStash'
import { isUsedUp, type StashCloth, type StashPiece } from '~~/core/stash/stashCloth'
import { setAside } from '~~/core/stash/stashEdits'
import { asClothOf } from '~~/core/stash/useOfStash'
import { formatLength } from '~~/words/length'
import { freeText, pieceText } from '~~/words/stash'

/** Cloths of the stash, to cut this quilt from: what is taken is set aside for it. */
const { units } = defineProps<{ units: 'in' | 'cm' }>()
const emit = defineEmits<{ close: []; take: [cloth: ClothChange & { name: string }] }>()
const stash = useStash()
const store = useQuilt()
const toast = useToasts()
const speech = useSpeech()
const quiltId = String(useRoute().params.id)
const text = ref('')
const shown = computed(() =>
  findInStash(stash.cloths, { text: text.value, group: 'all' }).filter(
    cloth => !isUsedUp(cloth) && (cloth.length > 0 || cloth.pieces.length > 0),
  ),
)
/** How much of each is wanted, where that is not all there is. */
const wanted = ref<Record<string, number>>({})
const lengthOf = (cloth: StashCloth) => Math.min(cloth.length, wanted.value[cloth.id] ?? cloth.length)
onMounted(stash.load)

async function take(cloth: StashCloth, what: { length?: number; piece?: StashPiece }) {
  const isKept = await stash.apply(setAside(cloth.id, { id: quiltId, name: store.quilt!.name }, what))
  if (!isKept)
    return toast.say('It could not be set aside', 'This browser will not keep the stash. Nothing is changed.')
  emit('take', asClothOf(cloth, what, units))
  emit('close')
}
</script>

<template>
  <UModal :open="true" title="From the stash" :ui="{ content: 'max-w-3xl' }" @update:open="emit('close')">
    <template #body>
      <p v-if="stash.isLoaded && stash.cloths.length === 0">
        Nothing is written down in the stash yet.
        <NuxtLink to="/stash">Go to the stash</NuxtLink>
      </p>
      <template v-else>
        <TextField label="Find" :value="text" @write="words => (text = words)" />
        <ul class="mt-3 max-h-[60vh] space-y-2 overflow-auto" aria-label="Cloths of the stash" tabindex="0">
          <li
            v-for="cloth in shown"
            :key="cloth.id"
            class="flex flex-wrap items-end gap-x-4 gap-y-2 border-t border-line py-2"
            :data-stash="cloth.id"
          >
            <ClothSwatch :cloth="{ ...cloth, letter: '' }" :size="44" />
            <div class="min-w-0 grow">
              <h3 class="truncate">{{ cloth.name }}</h3>
              <p class="note figure !whitespace-normal">{{ freeText(cloth, speech) }}</p>
            </div>
            <template v-if="cloth.length > 0">
              <LengthField
                class="w-48"
                :label="`How much of ${cloth.name}`"
                :value="lengthOf(cloth)"
                :least="1 / 2"
                :most="cloth.length"
                hide-steps
                :step="1"
                @commit="v => (wanted[cloth.id] = v)"
              />
              <UButton @click="take(cloth, { length: lengthOf(cloth) })"
                >Use {{ formatLength(lengthOf(cloth), speech) }}</UButton
              >
            </template>
            <UButton
              v-for="piece in cloth.pieces"
              :key="`${piece.width} ${piece.length}`"
              @click="take(cloth, { piece })"
              >Use {{ pieceText(piece, speech) }}</UButton
            >
          </li>
        </ul>
        <p v-if="shown.length === 0" class="note mt-3">Nothing free is called so.</p>
      </template>
    </template>
  </UModal>
</template>

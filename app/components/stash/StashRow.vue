<script setup lang="ts">
import { valueGroup } from '~~/core/stash/findInStash'
import { isUsedUp, type StashCloth } from '~~/core/stash/stashCloth'
import type { changeInStash } from '~~/core/stash/stashEdits'
import { asideText, freeText } from '~~/words/stash'
import { formatLength } from '~~/words/length'

/** A cloth of the stash: what is free of it, and for which quilts some is set aside. */
const { cloth, isOpen } = defineProps<{ cloth: StashCloth; isOpen: boolean }>()
const emit = defineEmits<{
  open: []
  change: [change: Parameters<typeof changeInStash>[1]]
  giveBack: [quilt: string]
  remove: []
}>()
const speech = useSpeech()
const swatch = computed(() => ({ ...cloth, letter: '' }))
</script>

<template>
  <li class="card" :data-stash="cloth.id">
    <div class="flex flex-wrap items-center gap-4">
      <ClothSwatch :cloth="swatch" :size="56" />
      <ClothSwatch :cloth="swatch" :size="32" grey />
      <div class="min-w-0 grow">
        <h2 class="truncate">{{ cloth.name }}</h2>
        <p class="figure !whitespace-normal">
          <template v-if="isUsedUp(cloth)">used up</template><template v-else>{{ freeText(cloth, speech) }}</template>
        </p>
        <p class="note figure !whitespace-normal">
          {{ formatLength(cloth.width, speech) }} wide, {{ valueGroup(cloth.colour)
          }}<template v-if="cloth.directional">, has an up</template><template v-if="cloth.washed">, washed</template
          ><template v-if="cloth.from">, from {{ cloth.from }}</template>
        </p>
        <p v-for="aside in cloth.asides" :key="aside.quilt" class="figure !whitespace-normal">
          Set aside for {{ asideText(aside, speech) }}
          <UButton class="ml-2" :aria-label="`Not for ${aside.name} any more`" @click="emit('giveBack', aside.quilt)"
            >Give it back</UButton
          >
        </p>
      </div>
      <UButton variant="ghost" square :aria-expanded="isOpen" :aria-label="`Change ${cloth.name}`" @click="emit('open')"
        ><UIcon name="i-lucide-pencil" class="size-5"
      /></UButton>
      <UButton variant="ghost" square :aria-label="`Take ${cloth.name} out`" @click="emit('remove')"
        ><UIcon name="i-lucide-trash-2" class="size-5"
      /></UButton>
    </div>
    <StashForm
      v-if="isOpen"
      class="mt-4 border-t border-line pt-4"
      :cloth="cloth"
      @change="change => emit('change', change)"
    />
  </li>
</template>

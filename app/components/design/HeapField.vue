<script setup lang="ts">
import { dealHeap, type DealtHeap } from '~~/core/edits/heaps'
import type { Edit } from '~~/core/edits/edit'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Block, Quilt } from '~~/core/file/quilt'
import { dimensionsOf } from '~~/core/top/dimensions'
import { countsText, dealtText } from '~~/words/heaps'
import { plural } from '~~/words/speech'

/** A part of a block dealt out from several cloths, so that none comes to lie beside its like. */
const { quilt, block, role } = defineProps<{ quilt: Quilt; block: Block; role: string }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const store = useQuilt()
const isOpen = ref(false)
const heap = computed(() => quilt.heaps.find(({ id }) => id === block.heaps[role]))
const chosen = ref<string[]>([])
const seed = ref(1)
const cloths = computed(() => fabricsOf(quilt.cloths))
function open() {
  chosen.value = heap.value ? [...heap.value.cloths] : cloths.value.map(({ id }) => id)
  seed.value = heap.value?.seed ?? 1
  isOpen.value = true
}
function toggle(id: string) {
  const others = chosen.value.filter(other => other !== id)
  chosen.value = others.length < chosen.value.length ? others : [...others, id]
}
const dealt = computed((): (DealtHeap & { quilt: Quilt | null }) | null => {
  if (!isOpen.value || chosen.value.length === 0 || !store.file) return null
  const wish = { block: block.id, role, cloths: chosen.value, seed: seed.value }
  const found = dealHeap(quilt, dimensionsOf(quilt), wish)
  return { ...found, quilt: editedQuilt(store.file, found.edit) }
})
function take() {
  if (dealt.value) emit('edit', 'cloths dealt out', dealt.value.edit)
  isOpen.value = false
}
</script>

<template>
  <UButton variant="ghost" class="!px-2" @click="open">
    <UIcon name="i-lucide-shuffle" class="size-5" />{{
      heap ? `Dealt from ${plural(heap.cloths.length, 'cloth')} …` : 'From a heap of scraps …'
    }}
  </UButton>
  <UModal
    v-model:open="isOpen"
    title="From a heap of scraps"
    :description="`${block.name}: ${role}, dealt out over all its places`"
    :ui="{ content: 'max-w-4xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <div class="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Cloths of the heap">
        <UButton
          v-for="cloth in cloths"
          :key="cloth.id"
          class="!px-2"
          :class="{ chosen: chosen.includes(cloth.id) }"
          :aria-pressed="chosen.includes(cloth.id)"
          @click="toggle(cloth.id)"
        >
          <ClothSwatch :cloth="cloth" :size="30" />{{ cloth.name }}
        </UButton>
      </div>
      <p v-if="!dealt" class="note">Press the cloths that are to lie in the heap.</p>
      <template v-else>
        <QuiltPicture v-if="dealt.quilt" :quilt="dealt.quilt" :width="520" :height="380" />
        <p class="mt-2 font-semibold" role="status" data-testid="dealt">{{ dealtText(dealt) }}</p>
        <p class="note">{{ countsText(dealt.counts, store.clothNames) }}. Locked places keep what they have.</p>
        <div class="mt-3 flex flex-wrap gap-2">
          <UButton variant="solid" @click="take">Deal them so</UButton>
          <UButton @click="seed += 1"><UIcon name="i-lucide-dices" class="size-5" />Another way</UButton>
        </div>
      </template>
    </template>
  </UModal>
</template>

<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { setBinding } from '~~/core/edits/binding'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { scrappyText } from '~~/words/binding'

/** The cloths that the strips of a binding are dealt from, in turn. */
const { cloths } = defineProps<{ quilt: Quilt; cloths: readonly string[] }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const store = useQuilt()
/** Another cloth of those that the strips are dealt from, or one fewer. */
function deal(cloth: string) {
  const next = cloths.includes(cloth) ? cloths.filter(other => other !== cloth) : [...cloths, cloth]
  if (next.length > 0) emit('edit', 'cloths of the binding', setBinding({ cloths: next }))
}
const isLooking = ref(false)
const scrapsText = ref('')
function lookForScraps() {
  isLooking.value = true
  scrapsText.value = ''
  store.askScraps()
}
watch(
  () => store.scraps,
  found => {
    if (!isLooking.value || found === null) return
    isLooking.value = false
    if (found === 'none') return
    scrapsText.value = scrappyText(found, id => store.clothNames.get(id) ?? id)
    if (found.missing < found.cloths.length)
      emit('edit', 'binding from what is left over', setBinding({ cloths: found.cloths }))
  },
)
// a question is forgotten when a newer plan is asked for
watch(
  () => store.isPlanning,
  () => (isLooking.value = false),
)
</script>

<template>
  <details :open="cloths.length > 1">
    <summary class="cursor-pointer py-1 font-semibold">From several cloths in turn</summary>
    <fieldset class="mt-1 flex flex-wrap gap-2">
      <legend class="sr-only">Cloths that the strips are dealt from</legend>
      <YesNoField
        v-for="cloth in fabricsOf(quilt.cloths)"
        :key="cloth.id"
        class="mr-3 inline-flex"
        :value="cloths.includes(cloth.id)"
        :disabled="cloths.length === 1 && cloths[0] === cloth.id"
        @choose="deal(cloth.id)"
      >
        <span class="flex items-center gap-1.5"><ClothSwatch :cloth="cloth" :size="28" />{{ cloth.name }}</span>
      </YesNoField>
    </fieldset>
    <UButton class="mt-2" :disabled="store.isPlanning || isLooking" data-testid="binding-scraps" @click="lookForScraps">
      <UIcon name="i-lucide-recycle" class="size-5" />From what is left over
    </UButton>
    <p v-if="scrapsText" class="mt-2" role="status" data-testid="scraps-text">{{ scrapsText }}</p>
  </details>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import type { Cloth } from '~~/core/file/quilt'
import { greyOf } from '~~/core/measure/lightness'
import { inEnglish } from '~~/words/speech'

/** Up to six cloths in one part of the quilt, side by side, in colour and without it. */
const { title, name, value, dress } = defineProps<{
  title: string
  /** What choosing one is called in the list of what can be undone. */
  name: string
  /** The cloth that is there now. */
  value: string | null
  dress: (cloth: string) => Edit
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const MOST = 6
const store = useQuilt()
const speech = useSpeech()
const cloths = computed(() => store.quilt?.cloths ?? [])
/** What is there now comes first. */
const chosen = ref(
  [...cloths.value]
    .sort((a, b) => Number(b.id === value) - Number(a.id === value))
    .slice(0, MOST)
    .map(({ id }) => id),
)
function toggle({ id }: Cloth) {
  const others = chosen.value.filter(other => other !== id)
  chosen.value = others.length < chosen.value.length ? others : [...others, id].slice(-MOST)
}
const shown = computed(() =>
  chosen.value.flatMap(id => {
    const cloth = cloths.value.find(other => other.id === id)
    const quilt = cloth && store.file && editedQuilt(store.file, dress(id))
    return cloth && quilt ? [{ cloth, quilt }] : []
  }),
)
function take(cloth: string) {
  open.value = false
  emit('edit', name, dress(cloth))
}
</script>

<template>
  <UModal
    v-model:open="open"
    :title="title"
    :description="inEnglish('Up to six side by side, in color and in gray. Press one to take it.', speech)"
    :ui="{ content: 'max-w-6xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <div class="mb-4 flex flex-wrap gap-1.5" role="group" aria-label="Cloths to look at">
        <UButton
          v-for="cloth in cloths"
          :key="cloth.id"
          class="!px-2"
          :class="{ chosen: chosen.includes(cloth.id) }"
          :aria-pressed="chosen.includes(cloth.id)"
          @click="toggle(cloth)"
        >
          <ClothSwatch :cloth="cloth" :size="30" />{{ cloth.name }}
        </UButton>
      </div>
      <p v-if="shown.length === 0" class="note">Press a cloth above to see it in the quilt.</p>
      <ul class="sheet">
        <li v-for="{ cloth, quilt } in shown" :key="cloth.id" data-testid="audition">
          <button type="button" class="tile" @click="take(cloth.id)">
            <span class="pair">
              <QuiltPicture :quilt="quilt" :width="230" :height="230" />
              <QuiltPicture :quilt="quilt" :width="230" :height="230" :grey="greyOf" />
            </span>
            <strong>{{ cloth.letter }} {{ cloth.name }}</strong>
            <span v-if="cloth.id === value" class="note">there now</span>
          </button>
        </li>
      </ul>
    </template>
  </UModal>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(19rem, 1fr));
  gap: 0.7rem;
}
.tile {
  width: 100%;
  height: 100%;
  padding: 0.5rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  text-align: left;
  cursor: pointer;
}
.tile:hover {
  border-color: var(--madder);
}
.tile strong,
.tile .note {
  margin-left: 0.4rem;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  margin-bottom: 0.3rem;
}
</style>

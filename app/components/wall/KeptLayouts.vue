<script setup lang="ts">
import { keepLayout, removeLayout, takeLayout } from '~~/core/edits/wall'
import { MAX_KEPT_LAYOUTS } from '~~/core/file/entries/wallEntry'
import type { Edit } from '~~/core/edits/edit'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'

/** Layouts that were kept, side by side with the one that hangs now. */
const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const layouts = computed(() =>
  quilt.wall.kept.map(({ name, at, cells }, i) => ({
    name,
    at: at === undefined ? '' : new Date(at).toLocaleString(),
    shown: cells === null ? null : editedQuilt(file, takeLayout(i)),
  })),
)
const name = ref('')
function keep() {
  const called = name.value.trim() || `Layout ${quilt.wall.kept.length + 1}`
  emit('edit', 'layout kept', keepLayout(called.slice(0, 80), new Date().toISOString()))
  name.value = ''
}
function take(i: number) {
  open.value = false
  emit('edit', 'layout taken back', takeLayout(i))
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Layouts that were kept"
    description="Side by side; each can be taken back"
    :ui="{ content: 'max-w-6xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <ul class="sheet">
        <li class="tile" data-testid="layout-now">
          <QuiltPicture :quilt="quilt" :width="260" :height="230" />
          <strong>As it hangs now</strong>
          <template v-if="canWrite && layouts.length < MAX_KEPT_LAYOUTS">
            <TextField label="Name of this layout" :value="name" :most="80" @write="text => (name = text)" />
            <UButton @click="keep"><UIcon name="i-lucide-camera" class="size-5" />Keep it</UButton>
          </template>
          <p v-else-if="canWrite" class="note">Six are kept. Throw one away to keep this one.</p>
        </li>
        <li v-for="(layout, i) in layouts" :key="i" class="tile" data-testid="layout">
          <QuiltPicture v-if="layout.shown" :quilt="layout.shown" :width="260" :height="230" />
          <p v-else class="note grow">It no longer fits: rows, blocks or cloths have changed since.</p>
          <strong>{{ layout.name }}</strong>
          <span class="note">{{ layout.at }}</span>
          <div v-if="canWrite" class="mt-auto flex gap-2">
            <UButton v-if="layout.shown" class="grow !px-2" @click="take(i)">Take it back</UButton>
            <UButton
              variant="ghost"
              square
              :aria-label="`Throw ${layout.name} away`"
              @click="emit('edit', 'layout thrown away', removeLayout(i))"
            >
              <UIcon name="i-lucide-trash-2" class="size-5" />
            </UButton>
          </div>
        </li>
      </ul>
    </template>
  </UModal>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 0.7rem;
}
.tile {
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  padding: 0.6rem;
}
</style>

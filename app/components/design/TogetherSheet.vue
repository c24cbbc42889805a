<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { MAX_MODULE, sewnSettings, type SewnSetting } from '~~/core/edits/sewnSettings'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { dimensionsOf } from '~~/core/top/dimensions'
import { formatLength, formatSize } from '~~/words/length'
import { sewnSettingName, sewnSettingParts } from '~~/words/sewnSettings'

/** Settings that bring the blocks of the tray together, each with what it asks for. */
const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const speech = useSpeech()
const ways = computed(() => sewnSettings(file, quilt))
const hasModule = computed(() => ways.value.some(({ module }) => module !== null))
const sizeOf = ({ quilt: set }: SewnSetting) => {
  const { width, height } = dimensionsOf(set).top.stages.at(-1)!
  return formatSize(width.total, height.total, speech.value)
}
function take({ kind, edit }: SewnSetting) {
  open.value = false
  emit('edit', sewnSettingName(kind).toLowerCase(), edit)
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Bring the blocks together"
    description="Nothing is cut for what is sewn already: each block is trimmed to its place"
    :ui="{ content: 'max-w-5xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <p class="note mb-3">
        The blocks of the quilt as it is now give way to these; Undo brings them back. Rows, cloths and frames can be
        changed afterwards.
      </p>
      <p v-if="!hasModule" class="caution mb-3" role="status">
        These blocks have no common size under {{ formatLength(MAX_MODULE, speech) }}: rows of like heights take them as
        they are.
      </p>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3">
        <li
          v-for="way in ways"
          :key="way.kind"
          class="flex flex-col gap-2 rounded-xl border border-line p-3"
          data-testid="sewn-setting"
        >
          <QuiltPicture :quilt="way.quilt" :width="240" :height="230" />
          <h3>{{ sewnSettingName(way.kind) }}</h3>
          <p class="figure !whitespace-normal font-bold">{{ sizeOf(way) }}</p>
          <p v-for="part in sewnSettingParts(way, speech)" :key="part" class="note figure !whitespace-normal">
            {{ part }}
          </p>
          <UButton class="chosen mt-auto" @click="take(way)">Take it</UButton>
        </li>
      </ul>
    </template>
  </UModal>
</template>

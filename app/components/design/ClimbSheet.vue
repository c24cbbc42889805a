<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { rulesOf } from '~~/core/file/settings'
import { CLIMB_CORNERS, climbingRoles, setClimb, type ClimbCorner } from '~~/core/edits/climbing'
import type { Edit } from '~~/core/edits/edit'
import { editedQuilt } from '~~/core/edits/editedQuilt'
import { designOf, ownBlocks, type Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { capital } from '~~/words/names'
import { inEnglish } from '~~/words/speech'

/** Cloths put in order, and the blocks dressed by it, so that the colours climb from one corner to the other. */
const { file, quilt } = defineProps<{ file: QuiltFile; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const open = defineModel<boolean>('open', { required: true })

const speech = useSpeech()
const blocks = computed(() => ownBlocks(quilt).filter(block => rolesOfBlock(block.id).length > 1))
const block = ref(blocks.value[0]?.id ?? '')
const roles = ref(rolesOfBlock(block.value))
const cloths = ref(fabricsOf(quilt.cloths).map(({ id }) => id))
const from = ref<ClimbCorner>('sw')
const after = ref<'again' | 'back'>('again')

function rolesOfBlock(id: string): string[] {
  const found = quilt.blocks.find(other => other.id === id)
  return found ? climbingRoles(designOf(quilt, found)) : []
}
watch(block, id => (roles.value = rolesOfBlock(id)))

const isOnPoint = computed(() => rulesOf(quilt.setting).standing === 'on-corner')
const CORNERS: Record<ClimbCorner, { straight: string; onPoint: string }> = {
  nw: { straight: 'upper left', onPoint: 'left' },
  ne: { straight: 'upper right', onPoint: 'top' },
  se: { straight: 'lower right', onPoint: 'right' },
  sw: { straight: 'lower left', onPoint: 'foot' },
}
const canClimb = computed(() => roles.value.length > 1 && cloths.value.length > 1)
const climb = computed(() => ({
  block: block.value,
  roles: roles.value,
  cloths: cloths.value,
  from: from.value,
  after: after.value,
}))
const shown = computed(() => (canClimb.value && editedQuilt(file, setClimb(quilt, climb.value))) || quilt)
function take() {
  open.value = false
  emit('edit', 'cloths that climb', setClimb(quilt, climb.value))
}
</script>

<template>
  <UModal
    v-model:open="open"
    :title="inEnglish('Colors that climb', speech)"
    description="What follows in one block leads in the next, so that a cloth runs on in steps"
    :ui="{ content: 'max-w-5xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <p v-if="blocks.length === 0" class="caution">
        This needs a block with a leading and a following cloth, such as a log cabin. None of this quilt's blocks has
        two cloths round its middle.
      </p>
      <div v-else class="grid gap-6 md:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <div class="space-y-4">
          <ChoiceField
            v-if="blocks.length > 1"
            label="Block"
            :value="block"
            :options="blocks.map(one => ({ value: one.id, label: one.name }))"
            @choose="value => (block = value)"
          />
          <div>
            <p class="label">Leads, and follows</p>
            <p class="flex flex-wrap items-center gap-2">
              <template v-for="(role, i) in roles" :key="role">
                <UIcon v-if="i > 0" name="i-lucide-arrow-right" class="size-5" aria-hidden="true" />
                <strong>{{ capital(role) }}</strong>
              </template>
              <UButton class="!px-3" @click="roles = [...roles].reverse()">
                <UIcon name="i-lucide-arrow-left-right" class="size-5" />Other way round
              </UButton>
            </p>
          </div>
          <div>
            <p class="label">Cloths, in the order in which they climb</p>
            <ClimbOrder :quilt="quilt" :cloths="cloths" @order="order => (cloths = order)" />
            <ClothPicker
              class="mt-2"
              label="One more at the end"
              :cloths="quilt.cloths"
              :value="null"
              @choose="cloth => cloth && (cloths = [...cloths, cloth])"
            />
          </div>
          <ChoiceField
            label="After the last"
            :value="after"
            :options="[
              { value: 'again', label: 'begin again with the first' },
              { value: 'back', label: 'go back through them' },
            ]"
            @choose="value => (after = value)"
          />
          <ChoiceField
            label="They climb from"
            :value="from"
            :options="
              CLIMB_CORNERS.map(corner => ({
                value: corner,
                label: `the ${isOnPoint ? CORNERS[corner].onPoint : CORNERS[corner].straight}`,
              }))
            "
            @choose="value => (from = value)"
          />
        </div>
        <div class="sticky top-0 max-w-md space-y-3 self-start">
          <UButton variant="solid" class="w-full" :disabled="!canClimb" @click="take"> Dress the blocks so </UButton>
          <QuiltPicture :quilt="shown" :width="420" :height="430" />
        </div>
      </div>
    </template>
  </UModal>
</template>

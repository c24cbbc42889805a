<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { rolesOf, type Design } from '~~/core/designs/design'
import { SHIPPED_DESIGNS } from '~~/core/designs/shipped'
import { dressRoles } from '~~/core/edits/dress'
import { keepDesign } from '~~/core/edits/designs'
import type { Edit } from '~~/core/edits/edit'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { capital } from '~~/words/names'

/** A design in its cloths, as the file writes it. */
interface Pieced {
  design: string
  cloths: Record<string, string>
}
const {
  quilt,
  label,
  value,
  plain = 'of one cloth',
} = defineProps<{
  quilt: Quilt
  label: string
  /** null: of one cloth. */
  value: Pieced | null
  /** Whether it may be of one cloth again. */
  canBePlain?: boolean
  /** Words for that. */
  plain?: string
}>()
const emit = defineEmits<{
  /** `also`: what the file needs besides, where the design is one of the quilter's own. */
  choose: [pieced: Pieced | null, also: Edit]
}>()

const isChoosing = ref(false)
const designs = computed(() => [
  ...SHIPPED_DESIGNS,
  ...[...quilt.designs.values()].filter(({ id }) => quilt.blocks.some(block => !block.derived && block.design === id)),
])
const unique = computed(() => [...new Map(designs.value.map(design => [design.id, design])).values()])
const design = computed(() => (value ? quilt.designs.get(value.design) : undefined))
const same: Edit = file => file
const ids = computed(() => fabricsOf(quilt.cloths).map(({ id }) => id))
const colours = (of: Design, cloths: Record<string, string> = dressRoles(of, ids.value)) =>
  Object.fromEntries(rolesOf(of).flatMap(role => (cloths[role] ? [[role, clothOf(quilt, cloths[role]).colour]] : [])))
function choose(chosen: Design) {
  isChoosing.value = false
  emit('choose', { design: chosen.id, cloths: dressRoles(chosen, ids.value) }, keepDesign(chosen))
}
function dress(role: string, cloth: string | null) {
  if (cloth && value) emit('choose', { ...value, cloths: { ...value.cloths, [role]: cloth } }, same)
}
</script>

<template>
  <div class="space-y-2">
    <p class="label">{{ label }}</p>
    <div class="flex flex-wrap items-center gap-2">
      <DesignPicture v-if="design" :design="design" :colours="colours(design, value!.cloths)" :size="44" />
      <UButton class="!px-3" @click="isChoosing = true">
        <UIcon name="i-lucide-layout-grid" class="size-5" />{{ design ? design.name : 'Pieced …' }}
      </UButton>
      <UButton v-if="value && canBePlain" variant="ghost" class="!px-3" @click="emit('choose', null, same)">
        {{ plain }}
      </UButton>
    </div>
    <template v-if="design">
      <ClothPicker
        v-for="role in rolesOf(design)"
        :key="role"
        :label="capital(role)"
        :cloths="quilt.cloths"
        :value="value!.cloths[role] ?? null"
        @choose="cloth => dress(role, cloth)"
      />
    </template>
    <DesignChooser
      v-model:open="isChoosing"
      :title="label"
      :designs="unique"
      :colours="of => colours(of)"
      @choose="choose"
    />
  </div>
</template>

<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setEnds, setFloat, setKind, setRowCount, setRowShift, setSettingCloth, setShifts } from '~~/core/edits/setting'
import { ownBlocks, type Quilt } from '~~/core/file/quilt'
import { sameLength, type Inches } from '~~/core/measure/ruler'
import { settingName } from '~~/words/names'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()

const setting = computed(() => quilt.setting)
/** Each kind as a small picture: lines of a square of 24. */
const KINDS = [
  { kind: 'straight', lines: 'M4 4h16v16H4zM12 4v16M4 12h16' },
  { kind: 'on-point', lines: 'M4 4h16v16H4zM12 4l8 8-8 8-8-8z' },
  { kind: 'offset-rows', lines: 'M4 4h16v16H4zM4 12h16M12 4v8M8 12v8M16 12v8' },
  { kind: 'offset-columns', lines: 'M4 4h16v16H4zM12 4v16M4 12h8M12 8h8M12 16h8' },
  { kind: 'rows', lines: 'M4 4h16v16H4zM4 9h16M4 16h16M10 4v5M15 4v5M8 9v7M16 9v7M12 16v4' },
] as const
type Kind = (typeof KINDS)[number]['kind']

/** Only square blocks of one size can stand on a corner. */
const canStandOnPoint = computed(() => {
  const [first, ...others] = ownBlocks(quilt)
  return (
    sameLength(first!.width, first!.height)
    && others.every(block => sameLength(block.width, first!.width) && sameLength(block.height, first!.width))
  )
})
const isOffset = computed(() => setting.value.kind === 'offset-rows' || setting.value.kind === 'offset-columns')
const line = computed(() => (setting.value.kind === 'offset-rows' ? 'row' : 'column'))
const block = computed(() => ownBlocks(quilt)[0]!)
const half = computed(() => (setting.value.kind === 'offset-rows' ? block.value.width : block.value.height) / 2)
const isHalves = computed(() => setting.value.ends === 'half-blocks')
const canHaveHalves = computed(() => (line.value === 'row' ? setting.value.across : setting.value.down) > 1)
const endCloth = computed(() => (typeof setting.value.ends === 'object' ? setting.value.ends.cloth : null))

function choose(kind: Kind) {
  if (kind !== setting.value.kind) emit('edit', 'way of setting', setKind(kind))
}
function shift(at: number, to: Inches | null) {
  const shifts = setting.value.shifts.flatMap((old, i) => (i !== at ? [old] : to === null ? [] : [to]))
  emit('edit', 'shift', setShifts(shifts))
}
function addShift() {
  const { shifts } = setting.value
  emit('edit', 'shift', setShifts([...shifts, shifts.at(-1)! + (shifts.at(-1)! - (shifts.at(-2) ?? 0) || half.value)]))
}
</script>

<template>
  <section class="space-y-3.5" aria-label="Setting">
    <fieldset>
      <legend class="label">How the blocks are set</legend>
      <div class="kinds">
        <label
          v-for="{ kind, lines } in KINDS"
          :key="kind"
          class="kind"
          :class="{ chosen: kind === setting.kind, off: kind === 'on-point' && !canStandOnPoint }"
        >
          <input
            type="radio"
            name="setting-kind"
            class="sr-only"
            :value="kind"
            :checked="kind === setting.kind"
            :disabled="kind === 'on-point' && !canStandOnPoint"
            @change="choose(kind)"
          />
          <svg viewBox="0 0 24 24" class="size-9" aria-hidden="true">
            <path :d="lines" fill="none" stroke="currentColor" stroke-width="1.4" />
          </svg>
          {{ settingName(kind) }}
        </label>
      </div>
      <p v-if="!canStandOnPoint" class="note mt-1">On point the blocks must be square and all of one size.</p>
    </fieldset>

    <template v-if="setting.kind === 'on-point'">
      <ClothPicker
        label="Triangles at the sides and corners"
        :cloths="quilt.cloths"
        :value="setting.settingCloth ?? null"
        @choose="cloth => cloth && emit('edit', 'cloth of the triangles', setSettingCloth(cloth))"
      />
      <LengthField
        v-if="!setting.sashing"
        label="Blocks float: cloth beyond their corners"
        :value="setting.float"
        :least="0"
        :most="20"
        :step="quilt.ruler || 1 / 8"
        @preview="v => emit('preview', v === null ? null : setFloat(v))"
        @commit="v => emit('edit', 'float', setFloat(v))"
      />
      <p v-if="setting.sashing" class="note">
        Sashed on point, the edge runs through the middle of the outer cornerstones.
      </p>
    </template>

    <template v-if="setting.kind === 'rows'">
      <ClothPicker
        label="Cloth of the end pieces"
        :cloths="quilt.cloths"
        :value="endCloth"
        @choose="cloth => cloth && emit('edit', 'cloth of the ends', setEnds({ cloth }))"
      />
      <p class="note">Rows narrower than the widest are filled at their right end.</p>
      <div v-for="(entry, r) in setting.rows" :key="r" class="space-y-1">
        <div class="flex items-center gap-1" role="group" :aria-label="`Blocks in row ${r + 1}`">
          <span class="grow">Row {{ r + 1 }}</span>
          <UButton
            square
            :aria-label="`One block fewer in row ${r + 1}`"
            :disabled="entry.cells.length < 2"
            @click="emit('edit', 'blocks of a row', setRowCount(r, entry.cells.length - 1))"
          >
            <UIcon name="i-lucide-minus" class="size-5" />
          </UButton>
          <strong class="figure w-8 text-center">{{ entry.cells.length }}</strong>
          <UButton
            square
            :aria-label="`One block more in row ${r + 1}`"
            @click="emit('edit', 'blocks of a row', setRowCount(r, Math.min(200, entry.cells.length + 1)))"
          >
            <UIcon name="i-lucide-plus" class="size-5" />
          </UButton>
        </div>
        <LengthField
          :label="`Row ${r + 1} stands from the edge`"
          :value="entry.shift"
          :least="0"
          :most="100"
          :step="quilt.ruler || 1 / 8"
          @commit="v => emit('edit', 'shift', setRowShift(r, v))"
        />
      </div>
    </template>

    <template v-if="isOffset">
      <fieldset class="flex flex-wrap gap-x-5">
        <legend class="label">Ends of the shifted {{ line }}s</legend>
        <label class="flex min-h-11 items-center gap-2">
          <input
            type="radio"
            name="ends"
            class="size-6"
            :checked="isHalves"
            :disabled="!canHaveHalves"
            @change="emit('edit', 'ends', setEnds('half-blocks'))"
          />half blocks
        </label>
        <label class="flex min-h-11 items-center gap-2">
          <input
            type="radio"
            name="ends"
            class="size-6"
            :checked="!isHalves"
            @change="emit('edit', 'ends', setEnds({ cloth: quilt.cloths.at(-1)!.id }))"
          />cloth
        </label>
      </fieldset>
      <p v-if="isHalves" class="note">Every second {{ line }} is shifted by half a block. There is no sashing.</p>
      <template v-else>
        <ClothPicker
          label="Cloth of the ends"
          :cloths="quilt.cloths"
          :value="endCloth"
          @choose="cloth => cloth && emit('edit', 'cloth of the ends', setEnds({ cloth }))"
        />
        <div>
          <p class="label">Distance from the edge, {{ line }} by {{ line }}, then over again</p>
          <div v-for="(length, i) in setting.shifts" :key="i" class="mb-1 flex items-end gap-1">
            <LengthField
              class="grow"
              :label="`${line === 'row' ? 'Row' : 'Column'} ${i + 1}`"
              :value="length"
              :least="0"
              :most="100"
              :step="quilt.ruler || 1 / 8"
              @commit="v => shift(i, v)"
            />
            <UButton
              v-if="setting.shifts.length > 1"
              variant="ghost"
              square
              :aria-label="`Without the distance of ${line} ${i + 1}`"
              @click="shift(i, null)"
            >
              <UIcon name="i-lucide-x" class="size-5" />
            </UButton>
          </div>
          <div class="flex flex-wrap gap-2">
            <UButton class="!px-3" @click="addShift">
              <UIcon name="i-lucide-plus" class="size-5" />Another {{ line }}
            </UButton>
            <UButton
              class="!px-3"
              :class="{ chosen: setting.shift === undefined }"
              @click="emit('edit', 'shift', setShifts(null))"
            >
              half a block, by turns
            </UButton>
          </div>
        </div>
      </template>
    </template>
  </section>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4rem;
}
.kind {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 3rem;
  padding: 0.2rem 0.6rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  cursor: pointer;
}
.kind:focus-within {
  outline: 3px solid var(--ink);
  outline-offset: 1px;
}
.kind.chosen {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
  font-weight: 600;
}
.kind.off {
  color: var(--soft);
  cursor: default;
}
</style>

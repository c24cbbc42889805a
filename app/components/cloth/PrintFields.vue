<script setup lang="ts">
import type { PrintRepeat } from '~~/core/cut/motifs'
import type { Inches } from '~~/core/measure/ruler'

/** The print of a cloth: a photograph of it, and how it repeats. */
interface Printed {
  name: string
  picture?: string | undefined
  repeat?: PrintRepeat | undefined
}
const { cloth } = defineProps<{ cloth: Printed }>()
const emit = defineEmits<{
  change: [change: { picture?: string | null; colour?: string; repeat?: PrintRepeat | null }]
}>()
const isChoosing = ref(false)

/** A print that is said to repeat one way repeats the other way as well, as often until that is said. */
function repeatAs(change: Partial<PrintRepeat>, size: Inches) {
  emit('change', { repeat: { ...(cloth.repeat ?? { across: size, down: size }), ...change } })
}
function withoutFirst() {
  if (cloth.repeat) emit('change', { repeat: { across: cloth.repeat.across, down: cloth.repeat.down } })
}
</script>

<template>
  <div class="grid gap-x-5 gap-y-3 sm:grid-cols-2">
    <div class="flex items-end gap-3">
      <img
        v-if="cloth.picture"
        :src="cloth.picture"
        :alt="`The print of ${cloth.name}`"
        class="size-14 rounded-lg border border-line object-cover"
      />
      <UButton @click="isChoosing = true"
        ><UIcon name="i-lucide-image" class="size-5" />Photograph of the print …</UButton
      >
      <UButton
        v-if="cloth.picture"
        variant="ghost"
        square
        :aria-label="`${cloth.name} without its photograph`"
        @click="emit('change', { picture: null })"
        ><UIcon name="i-lucide-image-off" class="size-5"
      /></UButton>
    </div>
    <LengthField
      label="Repeat across, empty if none"
      :value="cloth.repeat?.across ?? null"
      :least="1 / 4"
      :most="120"
      :step="1 / 4"
      may-be-empty
      @commit="across => repeatAs({ across }, across)"
      @empty="emit('change', { repeat: null })"
    />
    <template v-if="cloth.repeat">
      <LengthField
        label="Repeat along the length"
        :value="cloth.repeat.down"
        :least="1 / 4"
        :most="120"
        :step="1 / 4"
        @commit="down => repeatAs({ down }, down)"
      />
      <LengthField
        label="First motif from the edge, if known"
        :value="cloth.repeat.first ?? null"
        :least="0"
        :most="120"
        :step="1 / 4"
        may-be-empty
        @commit="first => repeatAs({ first }, first)"
        @empty="withoutFirst()"
      />
    </template>
    <LazyPrintSheet
      v-if="isChoosing"
      :name="cloth.name"
      :repeat="cloth.repeat"
      @close="isChoosing = false"
      @take="
        print => {
          isChoosing = false
          emit('change', print)
        }
      "
    />
  </div>
</template>

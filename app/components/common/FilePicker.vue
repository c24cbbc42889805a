<script setup lang="ts">
/** A button that asks for a file; the same file can be chosen again. */
const { accept, label, icon } = defineProps<{
  /** What files: endings or kinds, as browsers take them. */
  accept: string
  /** What the file is, for those who do not see the button. */
  label: string
  icon: string
}>()
const emit = defineEmits<{ choose: [file: File] }>()
defineSlots<{ default: () => unknown }>()
defineOptions({ inheritAttrs: false })

const picker = useTemplateRef('picker')
function choose(event: Event) {
  const file = chosenFile(event)
  if (file) emit('choose', file)
}
</script>

<template>
  <UButton @click="picker?.click()"><UIcon :name="icon" class="size-5" /><slot /></UButton>
  <input
    ref="picker"
    v-bind="$attrs"
    type="file"
    class="sr-only"
    tabindex="-1"
    :accept="accept"
    :aria-label="label"
    @change="choose"
  />
</template>

<script setup lang="ts">
import { setClips } from '~~/core/edits/record'
import type { Edit } from '~~/core/edits/edit'
import { MAX_CLIPS } from '~~/core/file/schema'
import { clipColours } from '~~/core/top/clips'
import { inEnglish } from '~~/words/speech'

/** The colours of the quilter's clips, as she calls them, in the order in which rows take them. */
const { clips, disabled } = defineProps<{ clips: readonly string[]; disabled: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const id = useId()
const text = ref(clips.join(', '))
watch(
  () => clips,
  now => (text.value = now.join(', ')),
)
const isTooMany = computed(() => clipColours(text.value.split(',')).length > MAX_CLIPS)
function commit() {
  const colours = clipColours(text.value.split(','))
  if (isTooMany.value || colours.join() === clips.join()) return
  emit('edit', 'clips', setClips(colours))
}
</script>

<template>
  <div class="max-w-xl">
    <label class="label" :for="id">{{ inEnglish('The colors of your clips, with commas between', speech) }}</label>
    <input
      :id="id"
      v-model="text"
      class="field"
      maxlength="600"
      placeholder="red, blue, green"
      :disabled="disabled"
      :aria-invalid="isTooMany"
      @change="commit"
    />
    <p v-if="isTooMany" class="caution mt-1" role="alert">
      {{
        inEnglish(`More than ${MAX_CLIPS} colors cannot be told apart: keep to fewer, and dots tell the rest.`, speech)
      }}
    </p>
  </div>
</template>

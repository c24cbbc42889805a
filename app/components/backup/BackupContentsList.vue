<script setup lang="ts">
import { choicesFor, type BackupChoice } from '~~/core/shelf/compareQuilts'
import { differencesIn } from '~~/core/stash/stashEdits'
import { problemLine } from '~~/words/problem'
import { plural } from '~~/words/speech'
import type { BackupContents, QuiltOfBackup } from '~/backup/backupMessages'

/** What a backup holds beside the shelf, and what is to be done with each. */
const { contents } = defineProps<{ contents: BackupContents }>()
const emit = defineEmits<{
  take: [chosen: { quilt: QuiltOfBackup; choice: BackupChoice }[], isStashReplaced: boolean]
  leave: []
}>()
const stash = useStash()
onMounted(stash.load)

const choices = ref(new Map(contents.quilts.map(({ id, state }) => [id, choicesFor(state)[0]!])))
const isStashReplaced = ref(false)
const alike = computed(() => contents.quilts.filter(({ state }) => state === 'same'))
const others = computed(() => contents.quilts.filter(({ state }) => state !== 'same'))
const cloths = computed(() => differencesIn(stash.cloths, contents.stash))
const count = computed(() => others.value.filter(({ id }) => choices.value.get(id) !== 'here').length)
const isAnything = computed(
  () =>
    count.value > 0
    || contents.photos.length > 0
    || cloths.value.missing > 0
    || (isStashReplaced.value && cloths.value.differing > 0),
)
const made = computed(() => new Date(contents.at).toLocaleString(undefined, { dateStyle: 'long', timeStyle: 'short' }))
const take = () =>
  emit(
    'take',
    contents.quilts.map(quilt => ({ quilt, choice: choices.value.get(quilt.id)! })),
    isStashReplaced.value,
  )
</script>

<template>
  <section class="card space-y-3" aria-label="What is in the backup" data-testid="backup-contents">
    <h2>What is in the backup</h2>
    <p>Made {{ made }}. Every file in it is as it was written. Nothing has changed on the shelf yet.</p>
    <p v-if="alike.length > 0" class="note" data-testid="backup-alike">
      {{ plural(alike.length, 'quilt') }} {{ alike.length === 1 ? 'is' : 'are' }} the same here.
    </p>
    <ul v-if="others.length > 0">
      <BackupRow
        v-for="quilt in others"
        :key="quilt.id"
        :quilt="quilt"
        :choice="choices.get(quilt.id)!"
        @choose="choice => choices.set(quilt.id, choice)"
      />
    </ul>
    <div v-if="contents.unreadable.length > 0" class="caution" role="alert">
      <p class="font-bold">This Wren cannot read these; the others can be taken all the same.</p>
      <ul class="list-disc pl-6">
        <li v-for="{ path, problem } in contents.unreadable" :key="path">{{ path }}: {{ problemLine(problem) }}</li>
      </ul>
    </div>
    <p v-if="contents.photos.length > 0">{{ plural(contents.photos.length, 'photograph') }} that are not here.</p>
    <p v-if="cloths.missing > 0">{{ plural(cloths.missing, 'cloth') }} for the stash.</p>
    <YesNoField
      v-if="cloths.differing > 0"
      :label="`Make the ${plural(cloths.differing, 'cloth')} that differ as they are in the backup`"
      :value="isStashReplaced"
      @choose="value => (isStashReplaced = value)"
    />
    <div class="flex flex-wrap gap-3">
      <UButton v-if="isAnything" variant="solid" @click="take">
        {{ count > 0 ? `Put ${plural(count, 'quilt')} on the shelf` : 'Take this' }}
      </UButton>
      <UButton @click="emit('leave')">{{ isAnything ? 'Leave it' : 'I see' }}</UButton>
    </div>
  </section>
</template>

<script setup lang="ts">
const open = defineModel<boolean>('open', { required: true })
const store = useQuilt()
const { say } = useToasts()
const versions = computed(() => store.kept?.versions ?? [])
const when = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })

async function goBack(at: string) {
  await store.restore(at)
  open.value = false
  say('You are back at an earlier version', 'What was there before is kept as a version too.')
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Earlier versions"
    description="The last five are kept beside the quilt"
    :ui="{ content: 'bg-paper max-w-lg', description: 'note' }"
  >
    <template #body>
      <p v-if="versions.length === 0" class="note py-4">
        There is no earlier version yet. One is kept every few minutes while you work.
      </p>
      <ul class="space-y-2">
        <li v-for="version in versions" :key="version.at" class="card flex items-center gap-3" data-testid="version">
          <span class="grow"
            ><strong>{{ when(version.at) }}</strong
            ><br /><span class="note"
              ><template v-if="version.isFromOtherTab"
                >Made in another tab while this quilt was open elsewhere. </template
              >{{ version.file.name }}, {{ version.file.setting.across }} by
              {{ version.file.setting.down }} blocks</span
            ></span
          >
          <UButton :disabled="!store.canWrite" @click="goBack(version.at)"> Go back to it </UButton>
        </li>
      </ul>
    </template>
  </UModal>
</template>

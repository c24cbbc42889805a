<script setup lang="ts">
import type { BackupChoice } from '~~/core/shelf/compareQuilts'
import { backupFaultText } from '~~/words/backup'
import { plural } from '~~/words/speech'
import type { QuiltOfBackup } from '~/backup/backupMessages'
import { useBackup } from '~/backup/useBackup'
import { useLastBackup } from '~/backup/useLastBackup'

/** Everything in one file, and back. */
const shelf = useShelf()
const { say } = useToasts()
const { at, changed, look } = useLastBackup()
const { state, doing, part, fault, contents, made, make, read, take, stop } = useBackup(madeAt => {
  at.value = madeAt
  void look()
})
useHead({ title: 'Backup' })
onMounted(shelf.load)

const fileName = ref('')
function choose(file: File) {
  fileName.value = file.name
  read(file)
}
async function put(chosen: { quilt: QuiltOfBackup; choice: BackupChoice }[], isStashReplaced: boolean) {
  const { outcomes, isRestKept } = await take(chosen, isStashReplaced)
  await shelf.load()
  const all = [...outcomes.values()]
  const [taken, changedSince, refused] = (['taken', 'changed', 'not-kept'] as const).map(
    outcome => all.filter(one => one === outcome).length,
  )
  const not = [
    changedSince! > 0 && `${plural(changedSince!, 'quilt')} changed here meanwhile: read the backup once more.`,
    (refused! > 0 || !isRestKept) && 'This browser will not keep all of it: its storage is full or refused.',
  ].filter(text => text !== false)
  say(`${plural(taken!, 'quilt')} put on the shelf`, not.join(' ') || undefined)
}
</script>

<template>
  <main class="mx-auto grid max-w-4xl gap-5 p-6">
    <header class="flex flex-wrap items-center gap-3">
      <UButton to="/" variant="ghost"><UIcon name="i-lucide-arrow-left" class="size-5" />Shelf</UButton>
      <h1 class="mr-auto text-3xl">Backup</h1>
      <NewerWren />
      <SettingsMenu />
    </header>
    <BackupMaking
      :last="at"
      :changed="changed.length"
      :made="made"
      :part="part"
      :is-running="state === 'running' && doing === 'making'"
      @make="make"
      @stop="stop"
    />
    <section class="card space-y-3" aria-label="Take a backup back">
      <h2>Take a backup back</h2>
      <p>It is read and compared with the shelf first. You choose what is taken, quilt by quilt.</p>
      <div v-if="state === 'running' && doing === 'reading'" class="flex flex-wrap items-center gap-3">
        <UProgress :model-value="Math.round(part * 100)" class="max-w-80 grow" />
        <span class="figure" role="status">{{ Math.round(part * 100) }} %</span>
        <UButton @click="stop">Stop</UButton>
      </div>
      <FilePicker
        v-else
        accept=".zip,application/zip"
        label="Backup file"
        icon="i-lucide-folder-open"
        data-testid="backup-picker"
        @choose="choose"
        >Choose the file</FilePicker
      >
      <p v-if="fault" class="caution" role="alert" data-testid="backup-refused">
        {{ fileName }}: {{ backupFaultText(fault) }} Nothing was taken from it.
      </p>
      <p v-if="state === 'failed'" class="caution" role="alert">
        That went wrong, and nothing has changed. Load the page again; if it happens again, this browser lets Wren do
        nothing in the background, or its storage cannot be read.
      </p>
    </section>
    <BackupContentsList v-if="contents" :key="contents.at" :contents="contents" @take="put" @leave="contents = null" />
    <StorageCard />
  </main>
</template>

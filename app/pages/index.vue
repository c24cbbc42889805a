<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import type { Problem } from '~~/core/file/problem'
import { MAX_BYTES } from '~~/core/file/readText'
import type { QuiltFile } from '~~/core/file/schema'
import { problemLine } from '~~/words/problem'
import { plural } from '~~/words/speech'
import { loadForms, SHELF } from '~/keeping/keptForms'
import { readFile } from '~/workers/readFile'

const shelf = useShelf()
const { done, say } = useToasts()
const isNew = ref(false)
const refused = ref<{ name: string; problems: Problem[] } | null>(null)
const {
  public: { demo },
} = useRuntimeConfig()
useHead({ title: 'Wren' })

onMounted(async () => {
  await Promise.all([shelf.load(), loadForms(SHELF)])
  const seen = useStorage('wren-demo-laid-out', false)
  if (demo && !seen.value && shelf.quilts.length === 0) {
    seen.value = true
    await shelf.addDemo()
  }
})

async function make(file: QuiltFile) {
  const id = await shelf.add(file)
  await navigateTo(`/q/${id}/design`)
}
async function openFile(chosen: File) {
  if (chosen.size > MAX_BYTES) {
    refused.value = {
      name: chosen.name,
      problems: [{ code: 'too-big', path: [], bytes: chosen.size, most: MAX_BYTES }],
    }
    return
  }
  const read = await readFile(await chosen.text())
  if (!read)
    say(
      'That file could not be read',
      'It took too long to be a quilt, or this browser reads no files in the background.',
    )
  else if (!read.ok) refused.value = { name: chosen.name, problems: read.problems }
  else {
    refused.value = null
    await make(read.value)
  }
}
async function duplicate(file: QuiltFile) {
  await shelf.add({ ...file, name: `${file.name ?? 'Quilt'} (again)`, made: [], done: [], diary: [] })
  say('A copy is on the shelf', 'The plan is the same; ticks, measures and notes start anew.')
}
async function remove(id: string) {
  const gone = await shelf.remove(id)
  if (!gone) say('It could not be removed', 'This browser does not let go of what it keeps. Nothing has changed.')
  else done(`${gone.quilt.file.name} is off the shelf`, () => void shelf.putBack(gone))
}
</script>

<template>
  <main class="mx-auto max-w-6xl p-6">
    <header class="mb-6 flex flex-wrap items-center gap-3">
      <img src="/wren.svg" alt="" width="52" height="52" />
      <div class="mr-auto">
        <h1 class="text-3xl">Wren</h1>
        <p class="note">from first sketch to last stitch</p>
      </div>
      <UButton variant="solid" @click="isNew = true"> <UIcon name="i-lucide-plus" class="size-5" />New quilt </UButton>
      <FilePicker
        accept=".json,application/json"
        label="Quilt file"
        icon="i-lucide-folder-open"
        data-testid="file-picker"
        @choose="openFile"
        >Open a file</FilePicker
      >
      <UButton to="/stash"><UIcon name="i-lucide-layers" class="size-5" />Stash</UButton>
      <UButton to="/backup"><UIcon name="i-lucide-archive" class="size-5" />Backup</UButton>
      <NewerWren />
      <SettingsMenu />
    </header>
    <div v-if="refused" class="caution mb-4" role="alert" data-testid="refused">
      <p class="font-bold">{{ refused.name }} could not be opened. Nothing has changed on the shelf.</p>
      <ul class="mt-1 list-disc pl-6">
        <li v-for="(problem, i) in refused.problems.slice(0, 8)" :key="i">{{ problemLine(problem) }}</li>
      </ul>
      <p v-if="refused.problems.length > 8" class="note">and {{ refused.problems.length - 8 }} more</p>
      <UButton class="mt-2" @click="refused = null">I see</UButton>
    </div>
    <p v-if="shelf.trouble === 'not-kept'" class="caution mb-4" role="alert">
      This browser will not keep quilts: its storage is full or refused. What you do now lasts only as long as this page
      is open: save copies as files. Remove a quilt you no longer need, or allow storage for this page.
    </p>
    <p v-if="shelf.trouble === 'cannot-read'" class="caution mb-4" role="alert">
      The shelf in this browser cannot be read. You can begin quilts and open files all the same, but they last only as
      long as this page is open: save copies as files.
    </p>
    <p v-if="shelf.spoilt > 0" class="caution mb-4" role="alert" data-testid="spoilt">
      {{ plural(shelf.spoilt, 'quilt') }} of this shelf cannot be read: the record is damaged. It is left as it is, and
      all others are here.
    </p>
    <BackupReminder v-if="shelf.isLoaded" />
    <p v-if="!shelf.isLoaded" class="note py-20 text-center" role="status">Fetching the quilts …</p>
    <section v-else-if="shelf.quilts.length === 0" class="card mx-auto my-16 max-w-xl space-y-4 p-8 text-center">
      <h2>The shelf is empty</h2>
      <p>Begin with a block and a size, and Wren works out the rest: what to buy, cut, sew and measure.</p>
      <div class="flex flex-wrap justify-center gap-3">
        <UButton variant="solid" @click="isNew = true">Begin a quilt</UButton>
        <UButton @click="shelf.addDemo()">Lay out some to look at</UButton>
      </div>
    </section>
    <section v-else aria-label="Quilts" class="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-5">
      <LazyQuiltTile
        v-for="kept in shelf.quilts"
        :key="`${kept.id} ${kept.savedAt}`"
        :kept="kept"
        @save="downloadQuilt(kept.file)"
        @duplicate="duplicate(kept.file)"
        @remove="remove(kept.id)"
      />
    </section>
    <LazyNewQuiltDialog v-if="isNew" v-model:open="isNew" @make="make" />
  </main>
</template>

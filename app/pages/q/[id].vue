<script setup lang="ts">
import type { Check } from '~~/core/checks/check'
import { firstPlace } from '~~/core/top/places'
import type { Edit } from '~~/core/edits/edit'
import type { Opening } from '~/keeping/documentKeeping'

const route = useRoute()
const router = useRouter()
const store = useQuilt()
const { problems, say } = useToasts()
const progress = useProgress()
const id = computed(() => String(route.params.id))
const state = ref<'opening' | Opening>('opening')
const isLooking = ref(false)
const isFinding = ref(false)
const isHelping = ref(false)
const isVersions = ref(false)

// the browser's own way back goes to another page under an open list: it would lie over that one. The router's own
// route, for this page hears of a change only when the next page is ready, when a list may have been opened there
watch(
  () => router.currentRoute.value.path,
  () => {
    isLooking.value = isFinding.value = isHelping.value = isVersions.value = false
  },
)
watch(
  id,
  async next => {
    state.value = 'opening'
    state.value = await store.open(next)
  },
  { immediate: true },
)
onBeforeUnmount(() => void store.close())
useHead({ title: () => (store.quilt ? `${store.quilt.name} · Wren` : 'Wren') })

const station = computed(() => stationOf(route.name))
watch(
  [station, state],
  () => {
    if (state.value === 'open' && station.value) store.setBookmark({ ...store.bookmark, station: station.value })
  },
  { immediate: true },
)

function mend(name: string, edit: Edit) {
  problems(store.apply(name, edit))
}
async function show({ leads }: Check) {
  isLooking.value = false
  await navigateTo(toPage(leads.page))
  if ('border' in leads) showOnDesign({ kind: 'border', border: leads.border + 1 })
  else if ('sashing' in leads) showOnDesign({ kind: 'sash' })
  else if ('tray' in leads) showOnDesign({ list: 'tray' })
  else if ('cell' in leads) showOnDesign({ kind: 'block', row: leads.cell[0], column: leads.cell[1] })
  else if ('block' in leads) {
    const place = store.quilt && firstPlace(store.quilt, leads.block)
    if (place) showOnDesign({ kind: 'block', ...place })
  }
}
const downloadCopy = () => store.file && downloadQuilt(store.file)
const commands = useCommands({
  onFind: () => (isFinding.value = true),
  onLook: () => (isLooking.value = true),
  onHelp: () => (isHelping.value = true),
  onVersions: () => (isVersions.value = true),
  onSave: downloadCopy,
})
// fetched while there is a network, so that they open without one
onMounted(
  () =>
    void Promise.all([
      import('~/components/common/CommandFinder.vue'),
      import('~/components/common/KeysHelp.vue'),
      import('~/components/common/VersionList.vue'),
    ]).catch(() => {}),
)
function lookAtVersions() {
  isVersions.value = true
  store.hush()
}
useStationKeys(commands)
watch(
  () => store.trouble,
  trouble => {
    if (trouble === 'planner-restarted')
      say('The planner had to be started again', 'Nothing is lost; the numbers will be here in a moment.')
  },
)
// the last change is kept even when the page is left at once
useEventListener(window, 'pagehide', () => store.leave())
useEventListener(document, 'visibilitychange', () => {
  if (document.visibilityState === 'hidden') store.leave()
})
useReadingPlace(useTemplateRef<HTMLElement>('work'))
const isStepping = computed(() => route.query.steps !== undefined)
</script>

<template>
  <div v-if="state === 'opening'" class="grid h-screen place-items-center">
    <p class="note" role="status">Laying it out …</p>
  </div>
  <main v-else-if="state !== 'open'" class="grid h-screen place-items-center p-6">
    <div class="card floating max-w-md space-y-3" role="alert" :data-state="state">
      <template v-if="state === 'missing'">
        <h1>This quilt is not here</h1>
        <p>
          It may have been removed, or it is kept in another browser. Quilts stay on the computer where they were made;
          save a copy to carry one over.
        </p>
      </template>
      <template v-else-if="state === 'unreadable'">
        <h1>This quilt cannot be read</h1>
        <p>It is kept, but this Wren does not understand it; perhaps a newer one wrote it. Nothing has been changed.</p>
      </template>
      <template v-else>
        <h1>The shelf cannot be read</h1>
        <p>
          This browser refuses to give back what it keeps. The quilt is not lost: allow storage for this page, or close
          other tabs, and load the page again.
        </p>
      </template>
      <UButton to="/" variant="solid">To the shelf</UButton>
    </div>
  </main>
  <div v-else class="frame" :class="{ stepping: isStepping }">
    <a href="#work" class="sr-only focus:not-sr-only">To the work</a>
    <header class="head no-print">
      <NuxtLink to="/" class="flex items-center gap-2" aria-label="Wren: to the shelf"
        ><img src="/wren.svg" alt="" width="40" height="40"
      /></NuxtLink>
      <h1 class="min-w-0 truncate">{{ store.quilt!.name }}</h1>
      <span class="note kept">{{
        store.keeping === 'not-kept'
          ? 'not kept'
          : store.isKept || !store.canWrite
            ? 'kept on this computer'
            : 'keeping …'
      }}</span>
      <div class="ml-auto flex items-center">
        <UButton
          variant="ghost"
          square
          :disabled="store.past.length === 0"
          :aria-label="store.past.length > 0 ? `Undo: ${store.past.at(-1)!.name}` : 'Undo'"
          title="Undo (Ctrl Z)"
          @click="store.undo"
        >
          <UIcon name="i-lucide-undo-2" class="size-6" />
        </UButton>
        <UButton
          variant="ghost"
          square
          :disabled="store.future.length === 0"
          :aria-label="store.future.length > 0 ? `Redo: ${store.future.at(-1)!.name}` : 'Redo'"
          title="Redo (Ctrl Shift Z)"
          @click="store.redo"
        >
          <UIcon name="i-lucide-redo-2" class="size-6" />
        </UButton>
        <UButton
          variant="ghost"
          square
          aria-label="Find a command"
          title="Find a command (Ctrl K)"
          @click="isFinding = true"
        >
          <UIcon name="i-lucide-search" class="size-6" />
        </UButton>
        <NewerWren />
        <SettingsMenu />
      </div>
      <StationPath :done="progress?.stations ?? {}" />
    </header>
    <div class="no-print">
      <p v-if="store.keeping === 'slow'" class="caution m-2" role="status" data-testid="slow">
        This browser takes long to keep the quilt: the last change is not in storage yet. Leave the page open until it
        says that it is kept.
      </p>
      <p
        v-if="store.keeping === 'overtaken'"
        class="caution m-2 flex flex-wrap items-center gap-3"
        role="alert"
        data-testid="overtaken"
      >
        Another tab went on with this quilt while this one was busy, and what it kept is shown. Your own last changes
        are kept too, as an earlier version.
        <UButton @click="lookAtVersions">Earlier versions</UButton><UButton @click="store.hush">I see</UButton>
      </p>
      <p v-if="store.keeping === 'not-kept'" class="caution m-2 flex flex-wrap items-center gap-3" role="alert">
        This browser will not keep the quilt: its storage is full or refused. Your work is safe while this page is open.
        <UButton @click="downloadCopy">Save a copy</UButton><UButton @click="store.saveNow()">Try again</UButton>
      </p>
      <p
        v-if="store.planningPart !== null"
        class="caution m-2 flex flex-wrap items-center gap-3"
        role="status"
        data-testid="still-planning"
      >
        Still planning, {{ Math.round(store.planningPart * 100) }} %. The numbers on show are older.
        <UButton @click="store.stopPlanning">Stop</UButton>
      </p>
      <p v-if="store.trouble === 'planner-stopped'" class="caution m-2 flex flex-wrap items-center gap-3" role="alert">
        Planning was stopped: the numbers on show are older than the quilt. Undo the last change, or plan it after all.
        <UButton @click="store.planAgain">Plan it</UButton>
      </p>
      <p v-if="store.trouble === 'planner-silent'" class="caution m-2" role="alert">
        The planner does not answer, so the numbers are late or missing. Your work is kept all the same. Load the page
        again; if that does not help, this browser does not let Wren plan in the background.
      </p>
      <p v-if="store.trouble === 'planner-failed'" class="caution m-2" role="alert">
        This quilt could not be planned; the numbers on show are older. Undo the last change, or save a copy and tell
        us.
      </p>
      <p v-if="store.isGone" class="caution m-2 flex flex-wrap items-center gap-3" role="alert" data-testid="removed">
        This quilt was removed from the shelf in another tab. It is still here while this page is open.
        <UButton @click="store.takeOver">Put it back and go on</UButton
        ><UButton @click="downloadCopy">Save a copy</UButton>
      </p>
      <p
        v-else-if="!store.canWrite"
        class="caution m-2 flex flex-wrap items-center gap-3"
        role="alert"
        data-testid="other-tab"
      >
        This quilt is open in another tab or window. You can look at it here; changes are made there.
        <UButton @click="store.takeOver">Work here instead</UButton>
      </p>
    </div>
    <main id="work" ref="work" class="work"><NuxtPage v-if="store.quilt && store.dimensions" /></main>
    <StatusBar
      v-if="store.plan && progress"
      :plan="store.plan"
      :cut="progress.cut"
      :is-planning="store.isPlanning"
      @look="isLooking = true"
    />
    <SecondLook
      v-if="store.plan"
      v-model:open="isLooking"
      :checks="store.plan.checks"
      :quilt="store.plannedQuilt!"
      :block-names="store.blockNames"
      @mend="mend"
      @show="show"
    />
    <LazyCommandFinder v-if="isFinding" v-model:open="isFinding" :commands="commands" />
    <LazyKeysHelp v-if="isHelping" v-model:open="isHelping" :commands="commands" />
    <LazyVersionList v-if="isVersions" v-model:open="isVersions" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  height: 100dvh;
  overflow: hidden;
}
.head {
  display: flex;
  align-items: center;
  gap: 0.8rem;
  min-height: 60px;
  padding: 0.3rem 1.2rem;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
/* what is hidden for the eye alone is placed within it, and makes no second scroll bar */
.work {
  position: relative;
  min-height: 0;
  overflow: auto;
}
@media (max-width: 1180px) {
  .kept {
    display: none;
  }
}
@media (max-width: 1000px) {
  .head {
    flex-wrap: wrap;
    row-gap: 0;
    padding: 0.3rem 0.8rem;
  }
}
@media print {
  .frame {
    display: block;
    height: auto;
    overflow: visible;
  }
  .work {
    overflow: visible;
  }
}
</style>

import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { tryOutsOf, type TriedOut } from '~~/core/edits/tryOuts'
import { createPlanClient } from '~/workers/planClient'

/** A try-out under a name of its own. */
export interface Trial extends TriedOut {
  key: string
}

/** What a pinned try-out comes to. */
export interface TrialFigures {
  buy: number
  pieces: number
  blocks: number
}

/** Beside the quilt as it is now. */
const MAX_PINNED = 3
/** The key of the quilt as it is. */
export const AS_IT_IS = 'as-it-is'

/**
 * Other quilts of this quilt's blocks and cloths; up to three of them pinned beside it, and planned one after the
 * other.
 */
export function useTrials(file: () => QuiltFile, quilt: () => Quilt) {
  const seed = ref(1)
  const trials = computed(() =>
    tryOutsOf(file(), quilt(), seed.value).map((tried): Trial => ({ ...tried, key: JSON.stringify(tried.name) })),
  )
  const pinned = ref<string[]>([])
  /** What the last pin had to give way. */
  const dropped = shallowRef<Trial | null>(null)
  const pins = computed(() => trials.value.filter(({ key }) => pinned.value.includes(key)))
  const { figures, askNext, forget } = useFigures(() =>
    pins.value.length === 0 ? [] : [{ key: AS_IT_IS, file: file() }, ...pins.value],
  )
  function pin({ key }: Trial) {
    const isPinned = pinned.value.includes(key)
    const next = isPinned ? pinned.value.filter(other => other !== key) : [...pinned.value, key]
    const gone = next.length > MAX_PINNED ? next[0] : undefined
    dropped.value = trials.value.find(trial => trial.key === gone) ?? null
    pinned.value = next.slice(-MAX_PINNED)
    askNext()
  }
  /** Another random arrangement. */
  function again() {
    seed.value += 1
  }
  // another quilt, other figures
  watch([file, seed], forget)
  return { trials, pins, dropped, figures, pin, again }
}

interface Asked {
  key: string
  file: QuiltFile
}

/** What each of these comes to, planned one after the other; null: it could not be. */
function useFigures(wanted: () => readonly Asked[]) {
  const figures = shallowRef<ReadonlyMap<string, TrialFigures | null>>(new Map())
  let asked: Asked | undefined
  /** Then the next: one that cannot be planned does not keep the others waiting. */
  function note(found: TrialFigures | null) {
    if (asked) figures.value = new Map([...figures.value, [asked.key, found]])
    asked = undefined
    askNext()
  }
  const client = createPlanClient(
    {
      onDone: ({ plan: { quilt } }) => note({ buy: quilt.buy, pieces: quilt.pieces, blocks: quilt.blocks }),
      onProgress: () => undefined,
      onFailed: () => note(null),
      onWays: () => undefined,
      onBatches: () => undefined,
      onScraps: () => undefined,
      onRestart: () => undefined,
      onSilent: () => note(null),
    },
    () => new Worker(new URL('../workers/planWorker.ts', import.meta.url), { type: 'module' }),
  )
  function askNext() {
    if (asked) return
    asked = wanted().find(({ key }) => !figures.value.has(key))
    if (asked) client.ask(asked.file)
  }
  function forget() {
    figures.value = new Map()
    asked = undefined
    askNext()
  }
  onScopeDispose(() => client.stop())
  return { figures, askNext, forget }
}

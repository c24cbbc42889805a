import type { PageKind } from '~~/core/paper/sheet'
import type { PapersKind } from '~~/core/paper/papersKinds'
import type { PapersAnswer } from '~~/papers/papersJob'
import { askOnce } from '~/workers/askOnce'

/** Pages at true size as a PDF, made by the server; without one, in this browser. */
export function usePapers() {
  const store = useQuilt()
  const toast = useToasts()
  const speech = useSpeech()
  const isMaking = ref(false)
  const page = ref<PageKind>(store.quilt?.units === 'cm' ? 'a4' : 'letter')

  /** Of one block; of the whole quilt where none is named. */
  async function print(
    what: PapersKind,
    {
      block = '',
      copies = 1,
      mirrored = false,
      square = 0.2,
    }: { block?: string; copies?: number; mirrored?: boolean; square?: number } = {},
  ) {
    isMaking.value = true
    const asked = { file: store.file, block, what, page: page.value, copies, mirrored, square, ...speech.value }
    const made = await pagesFor(JSON.stringify(asked))
    isMaking.value = false
    if (made instanceof Blob) downloadBlob(`${block || NAMES[what] || 'quilt'}-${what}.pdf`, made)
    else toast.say('The pages could not be made', made)
  }
  return { isMaking, page, print }
}

/** What it is of, where it is of no block. */
const NAMES: Readonly<Partial<Record<PapersKind, string>>> = { marks: 'sashes', motifs: 'quilting', lines: 'quilting' }

/** A PDF, or why there is none. */
async function pagesFor(body: string): Promise<Blob | string> {
  try {
    return await $fetch<Blob>('/api/papers', {
      method: 'POST',
      responseType: 'blob',
      headers: { 'content-type': 'application/json' },
      body,
    })
  } catch (error) {
    const { status = 0, data } = error as { status?: number; data?: unknown }
    if (status >= 400) return (await serverSentence(status, data)) ?? MESSAGES[status] ?? NOT_MADE
  }
  // no server was reached
  const answer = await askOnce<string, PapersAnswer>(startWorker, body, MAX_MS)
  if (!answer) return NOT_MADE
  return answer.ok ? new Blob([answer.pdf as BlobPart], { type: 'application/pdf' }) : answer.message
}

/** As long as the server would take at most. */
const MAX_MS = 20_000
const startWorker = () => new Worker(new URL('../workers/papersWorker.ts', import.meta.url), { type: 'module' })

/** What the server says of a refusal. */
async function serverSentence(status: number, data: unknown): Promise<string | undefined> {
  try {
    // the answer to a blob is a blob
    const { message } = JSON.parse(data instanceof Blob ? await data.text() : '{}') as { message?: string }
    return message && (status < 500 || status === 503) ? message : undefined
  } catch {
    // not Wren's server: it has no sentence
    return undefined
  }
}

const NOT_MADE = 'Neither Wren nor this browser could make them just now. Try once more; nothing is lost.'
const MESSAGES: Readonly<Record<number, string>> = {
  404: 'There is nothing of that to print.',
  413: 'This quilt is too large for that.',
  422: 'That would be more pages than are made at once. Ask for fewer.',
  503: 'The pages took too long to make, or others are being made. Try again in a moment.',
}

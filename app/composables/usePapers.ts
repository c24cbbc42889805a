import type { PageKind } from '~~/core/paper/sheet'
import type { PapersKind } from '~~/core/paper/papersKinds'

/** Pages at true size, made by the server and handed to the quilter as a PDF. */
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
    try {
      const pdf = await $fetch<Blob>('/api/papers', {
        method: 'POST',
        responseType: 'blob',
        body: { file: store.file, block, what, page: page.value, copies, mirrored, square, ...speech.value },
      })
      downloadBlob(`${block || NAMES[what] || 'quilt'}-${what}.pdf`, pdf)
    } catch (error) {
      toast.say(
        'The pages could not be made',
        (await messageOf(error)) ?? 'Is Wren still running? Try once more; nothing is lost.',
      )
    } finally {
      isMaking.value = false
    }
  }
  return { isMaking, page, print }
}

/** What it is of, where it is of no block. */
const NAMES: Readonly<Partial<Record<PapersKind, string>>> = { marks: 'sashes', motifs: 'quilting', lines: 'quilting' }

/** What the server said, where it said why. */
async function messageOf(error: unknown): Promise<string | undefined> {
  const { status = 0, data } = error as { status?: number; data?: unknown }
  if (status < 400) return undefined
  try {
    // the answer to a blob is a blob
    const { message } = JSON.parse(data instanceof Blob ? await data.text() : '{}') as { message?: string }
    if (message && (status < 500 || status === 503)) return message
  } catch {
    // not Wren's server: it has no sentence
  }
  return MESSAGES[status]
}

const MESSAGES: Readonly<Record<number, string>> = {
  404: 'There is nothing of that to print.',
  413: 'This quilt is too large for that.',
  422: 'That would be more pages than are made at once. Ask for fewer.',
  503: 'The pages took too long to make, or others are being made. Try again in a moment.',
}

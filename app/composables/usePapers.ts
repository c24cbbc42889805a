import type { PageKind } from '~~/core/paper/sheet'

/** Pages at true size, made by the server and handed to the quilter as a PDF. */
export function usePapers() {
  const store = useQuilt()
  const toast = useSay()
  const speech = useSpeech()
  const isMaking = ref(false)
  const page = ref<PageKind>(store.quilt?.units === 'cm' ? 'a4' : 'letter')

  /** Of one block; of the whole quilt where none is named. */
  async function print(
    what: 'templates' | 'papers' | 'marks' | 'motifs' | 'lines' | 'label',
    { block = '', copies = 1, mirrored = false }: { block?: string; copies?: number; mirrored?: boolean } = {},
  ) {
    isMaking.value = true
    try {
      const pdf = await $fetch<Blob>('/api/papers', {
        method: 'POST',
        responseType: 'blob',
        body: { file: store.file, block, what, page: page.value, copies, mirrored, ...speech.value },
      })
      downloadBlob(`${block || NAMES[what] || 'quilt'}-${what}.pdf`, pdf)
    } catch (error) {
      toast.say(
        'The pages could not be made',
        messageOf(error) ?? 'Is Wren still running? Try once more; nothing is lost.',
      )
    } finally {
      isMaking.value = false
    }
  }
  return { isMaking, page, print }
}

/** What it is of, where it is of no block. */
const NAMES: Readonly<Record<string, string>> = { marks: 'sashes', motifs: 'quilting', lines: 'quilting' }

/** What the server said, where it said why. */
function messageOf(error: unknown): string | undefined {
  const status = (error as { status?: number }).status ?? 0
  // the answer to a blob is a blob; the status line carries the sentence
  return status >= 400 ? (error as { statusMessage?: string }).statusMessage || MESSAGES[status] : undefined
}

const MESSAGES: Readonly<Record<number, string>> = {
  404: 'There is nothing of that to print.',
  413: 'This quilt is too large for that.',
  422: 'That would be more pages than are made at once. Ask for fewer.',
  503: 'The pages took too long to make, or others are being made. Try again in a moment.',
}

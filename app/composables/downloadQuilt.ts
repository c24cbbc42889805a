import type { QuiltFile } from '~~/core/file/schema'
import { quiltText } from '~/backup/quiltText'

/** Saves a copy of the quilt as a file, whatever the browser's storage says. */
export function downloadQuilt(file: QuiltFile) {
  downloadText(`${file.name ?? 'quilt'}.wren.json`, quiltText(file), 'application/json')
}

/** Hands the browser a text as a file to keep. */
export function downloadText(name: string, text: string, type: string) {
  downloadBlob(name, new Blob([text], { type }))
}

/** More letters than this some systems do not take. */
const MAX_LETTERS = 60

/** A name that every system takes: letters and figures, what parts them a hyphen; its endings stay. */
export function cleanFileName(name: string): string {
  const endings = /(\.wren)?\.[a-z]{2,4}$/.exec(name)?.[0] ?? ''
  const stem = name
    .slice(0, name.length - endings.length)
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+/, '')
    .slice(0, MAX_LETTERS)
    .replace(/-+$/, '')
  return `${stem || 'quilt'}${endings}`
}

/** Saves something as a file, under a name that every system takes. */
export function downloadBlob(name: string, blob: Blob) {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = cleanFileName(name)
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

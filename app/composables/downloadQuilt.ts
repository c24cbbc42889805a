import type { QuiltFile } from '~~/core/file/schema'

/** Saves a copy of the quilt as a file, whatever the browser's storage says. */
export function downloadQuilt(file: QuiltFile) {
  const name =
    (file.name ?? 'quilt')
      .trim()
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '') || 'quilt'
  downloadText(`${name}.wren.json`, `${JSON.stringify(file, null, 2)}\n`, 'application/json')
}

/** Hands the browser a text as a file to keep. */
export function downloadText(name: string, text: string, type: string) {
  downloadBlob(name, new Blob([text], { type }))
}

export function downloadBlob(name: string, blob: Blob) {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

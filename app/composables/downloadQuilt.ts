import type { QuiltFile } from '~~/core/quilt/schema'

/** Saves a copy of the quilt as a file, whatever the browser's storage says. */
export function downloadQuilt(file: QuiltFile) {
  const name = (file.name ?? 'quilt').trim().toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'quilt'
  const url = URL.createObjectURL(new Blob([`${JSON.stringify(file, null, 2)}\n`], { type: 'application/json' }))
  const link = document.createElement('a')
  link.href = url
  link.download = `${name}.wren.json`
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

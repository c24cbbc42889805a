import type { Result } from '~~/core/file/problem'
import type { QuiltFile } from '~~/core/file/schema'
import { askOnce } from './askOnce'

/**
 * Reads a quilt file in a worker, for it may come from anywhere; null when that takes too long or no worker can be
 * made.
 */
export function readFile(text: string): Promise<Result<QuiltFile> | null> {
  return askOnce(() => new Worker(new URL('./fileWorker.ts', import.meta.url), { type: 'module' }), text)
}

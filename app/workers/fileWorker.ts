import { readQuilt } from '~~/core/file/readQuilt'
import { readText } from '~~/core/file/readText'
import type { Problem, Result } from '~~/core/file/problem'
import type { QuiltFile } from '~~/core/file/schema'

/** The file as it was written, if it is a quilt; else what is wrong with it. */
function read(text: string): Result<QuiltFile> {
  const value = readText(text)
  const quilt = value.ok ? readQuilt(value.value) : value
  const problems: Problem[] = quilt.ok ? [] : quilt.problems
  return value.ok && quilt.ok ? { ok: true, value: value.value as QuiltFile } : { ok: false, problems }
}

addEventListener('message', ({ data }: MessageEvent<string>) => postMessage(read(data)))

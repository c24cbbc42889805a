import * as fc from 'fast-check'
import { zipSync } from 'fflate'
import { quiltPath, photoPath } from '~~/core/shelf/backupPaths'
import { runs } from '~~/core/testing/runs'
import { readBackup } from './readBackup'
import { writeBackup, type FileToKeep } from './writeBackup'

const bytesOf = (text: string) => new TextEncoder().encode(text)

async function* each<T>(items: readonly T[]) {
  yield* items
}

async function zipOf(files: readonly FileToKeep[]): Promise<Uint8Array> {
  const parts: Uint8Array[] = []
  await writeBackup('2026-12-01T10:00:00Z', each(files), part => parts.push(part))
  return new Uint8Array(Buffer.concat(parts))
}

/** As a file is read: in pieces. */
const read = (zip: Uint8Array, step = 5000) =>
  readBackup(
    each(Array.from({ length: Math.ceil(zip.length / step) }, (_, i) => zip.subarray(i * step, (i + 1) * step))),
  )

const FILES: FileToKeep[] = [
  { path: 'berth-four-1.wren.json', bytes: bytesOf('{"name":"Berth four"}'.repeat(300)), quilt: '1' },
  { path: photoPath('a1'), bytes: Uint8Array.from({ length: 9000 }, (_, i) => (i * i) % 251), isPacked: true },
  { path: 'stash.json', bytes: bytesOf('[]') },
]

test('what goes in comes out byte for byte, whatever it is', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.string(), fc.uint8Array({ maxLength: 3000 }), fc.boolean()), { maxLength: 8 }),
      fc.integer({ min: 1, max: 4000 }),
      async (contents, step) => {
        const taken = new Set<string>()
        const files = contents.map(([name, bytes, isPacked], i): FileToKeep => {
          const path = isPacked ? photoPath(`p${i}`) : quiltPath(name, 'one', taken)
          taken.add(path)
          return { path, bytes, isPacked }
        })
        const back = await read(await zipOf(files), step)
        if ('code' in back) throw new Error(back.code)
        expect([...back.files].map(([path, bytes]) => [path, Buffer.from(bytes).toString('hex')])).toEqual(
          files.map(({ path, bytes }) => [path, Buffer.from(bytes).toString('hex')]),
        )
      },
    ),
    { numRuns: runs(60) },
  )
})

test('a backup cut anywhere gives nothing, and says so', async () => {
  const zip = await zipOf(FILES)
  for (const at of [0, 1, 3, 40, 200, 1500, zip.length - 1200, zip.length - 400])
    expect(await read(zip.subarray(0, at))).toHaveProperty('code', expect.stringMatching(/^(cut-short|not-a-backup)$/))
})

test('a byte that flipped in any file is noticed', async () => {
  const zip = await zipOf(FILES)
  const all = await Promise.all(
    Array.from({ length: 60 }, async (_, i) => {
      const spoilt = zip.slice()
      // within the photograph, which lies in the ZIP as it is
      const at = Buffer.from(zip).indexOf(FILES[1]!.bytes.subarray(0, 50) as Buffer) + 50 + i * 149
      spoilt[at]! ^= 1
      return read(spoilt)
    }),
  )
  for (const answer of all) expect(answer).toEqual({ code: 'damaged', path: 'photos/a1.jpg' })
})

test('paths that climb, programs, and files that the list does not know are refused', async () => {
  for (const path of [
    '../../x.wren.json',
    '/etc/passwd',
    'photos/../a.jpg',
    'a.exe',
    'A b.wren.json',
    'q\\x.wren.json',
  ])
    expect(await read(zipSync({ [path]: bytesOf('{}') }))).toEqual({ code: 'strange-path', path })
  const [first] = FILES
  const list = bytesOf(JSON.stringify({ format: 'wren-shelf', version: 1, at: '', files: [] }))
  expect(await read(zipSync({ [first!.path]: first!.bytes, 'shelf.json': list }))).toEqual({
    code: 'strange-path',
    path: first!.path,
  })
})

test('a small ZIP that unpacks to gigabytes is left before it does', async () => {
  const bomb = zipSync({ 'a.wren.json': new Uint8Array(60_000_000) })
  expect(bomb.length).toBeLessThan(100_000)
  expect(await read(bomb)).toEqual({ code: 'too-much' })
})

test('of another version, of something else, no ZIP at all', async () => {
  const list = (value: unknown) => read(zipSync({ 'shelf.json': bytesOf(JSON.stringify(value)) }))
  expect(await list({ format: 'wren-shelf', version: 2 })).toEqual({ code: 'newer' })
  expect(await list({ format: 'recipes', version: 1 })).toEqual({ code: 'not-a-backup' })
  expect(await list({ format: 'wren-shelf', version: 1, files: 'many' })).toEqual({
    code: 'damaged',
    path: 'shelf.json',
  })
  expect(await read(bytesOf('{"format":"wren-quilt"}'))).toEqual({ code: 'not-a-backup' })
  expect(await read(new Uint8Array())).toEqual({ code: 'not-a-backup' })
})

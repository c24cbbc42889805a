import fc from 'fast-check'
import type { QuiltFile } from '~~/core/file/schema'
import { MAX_VERSIONS, withState, type KeptQuilt } from './keptQuilt'

const file = (name: string) => ({ name }) as QuiltFile
const at = (minutes: number) => new Date(Date.UTC(2026, 2, 1) + minutes * 60_000).toISOString()
const fresh: KeptQuilt = { kept: 1, id: 'q', revision: 0, file: file('0'), savedAt: at(0), versions: [] }

test('whatever is saved when, the last state is kept, and never more than five earlier ones, newest first', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ after: fc.integer({ min: 1, max: 20 }), mark: fc.boolean() }), { maxLength: 30 }),
      saves => {
        let kept = fresh
        let minutes = 0
        for (const [i, { after, mark }] of saves.entries()) {
          const before = kept
          minutes += after
          kept = withState(kept, file(String(i + 1)), at(minutes), mark)
          expect(kept.file.name).toBe(String(i + 1))
          // a marked change can always be taken back
          if (mark) expect(kept.versions[0]!.file).toBe(before.file)
        }
        expect(kept.versions.length).toBeLessThanOrEqual(MAX_VERSIONS)
        const times = kept.versions.map(version => Date.parse(version.at))
        expect(times).toEqual([...times].sort((a, b) => b - a))
      },
    ),
  )
})

test('a minute of typing makes one more version, not sixty', () => {
  let kept = withState(fresh, file('a'), at(10))
  for (let i = 1; i <= 60; i++) kept = withState(kept, file(`a${i}`), at(10 + i / 60))
  expect(kept.versions.map(version => version.file.name)).toEqual(['a', '0'])
})

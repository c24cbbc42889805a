import * as fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import { runs } from '../testing/runs'
import { backupState, choicesFor, differingFacts, type BackupState } from './compareQuilts'
import { maxBytesAt, quiltPath } from './backupPaths'

test('which side was changed is known from the state that both come from', () => {
  const state = (here: string, there: string, base?: string) => backupState({ digest: here, base }, there)
  expect(backupState(null, 'a')).toBe('not-here')
  expect(state('a', 'a')).toBe('same')
  expect(state('a', 'b', 'a')).toBe('changed-there')
  expect(state('b', 'a', 'a')).toBe('changed-here')
  expect(state('b', 'c', 'a')).toBe('changed-both')
  expect(state('b', 'c')).toBe('changed-both')
})

test('what comes first loses nothing: work of one side alone is never laid over', () => {
  const first = (state: BackupState) => choicesFor(state)[0]
  expect(first('changed-here')).toBe('here')
  expect(first('changed-both')).toBe('both')
  expect(first('changed-there')).toBe('backup')
  expect(first('not-here')).toBe('backup')
})

test('the path of a quilt is plain, its own, and one that a backup may have, whatever its name', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.string({ unit: 'grapheme' }), fc.string()), { maxLength: 20 }), quilts => {
      const taken = new Set<string>()
      for (const [name, id] of quilts) {
        const path = quiltPath(name, id, taken)
        expect(taken.has(path)).toBe(false)
        expect(maxBytesAt(path)).not.toBeNull()
        taken.add(path)
      }
    }),
    { numRuns: runs(200) },
  )
  expect(quiltPath('Pip’s crib, größer', 'AB-12', new Set())).toBe('pip-s-crib-gro-er-ab-12.wren.json')
})

test('two states of a quilt are told apart by what a quilter counts', () => {
  const [quilt] = DEMO_QUILTS
  expect(differingFacts(quilt!, { ...quilt! })).toEqual([])
  const later = { ...quilt!, name: 'Other', diary: [...(quilt!.diary ?? []), { at: '2026-12-01', text: 'x' }] }
  expect(differingFacts(quilt!, later)).toEqual(['name', 'notes'])
})

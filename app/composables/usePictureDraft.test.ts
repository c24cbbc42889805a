import { draftOf, usePictureDraft } from './usePictureDraft'

const LETTERS = ['A', 'B'].map(letter => ({ letter, cloths: [], colour: '#000000' }))
const drafted = () => usePictureDraft(draftOf({ rows: ['AAB', 'ABB'], letters: LETTERS }))

test('a stroke is one step, however often it passes a square; undo and redo give back every square', () => {
  const draft = drafted()
  draft.beginStroke()
  draft.paint([0, 1], 1)
  draft.paint([1, 4], 0)
  draft.endStroke()
  expect(draft.rows()).toEqual(['BAB', 'AAB'])
  draft.paint([5], 0)
  expect(draft.rows()).toEqual(['BAB', 'AAA'])
  draft.undo()
  draft.undo()
  expect(draft.rows()).toEqual(['AAB', 'ABB'])
  expect(draft.canUndo.value).toBe(false)
  draft.redo()
  expect(draft.rows()).toEqual(['BAB', 'AAB'])
  // what was done after an undo forgets what was undone
  draft.paint([0], 0)
  expect(draft.canRedo.value).toBe(false)
})

test('a stroke that changes nothing is no step; a new picture is one', () => {
  const draft = drafted()
  draft.paint([0], 0)
  expect(draft.canUndo.value).toBe(false)
  draft.replace(draftOf({ rows: ['B'], letters: LETTERS }))
  expect(draft.rows()).toEqual(['B'])
  draft.undo()
  expect(draft.rows()).toEqual(['AAB', 'ABB'])
})

import fc from 'fast-check'
import { clipColours, clipsOf } from './clips'

test('no two rows have the same clips, and colours come in the order they were typed', () => {
  const colour = fc.constantFrom('red', 'Red ', 'blue', '', ' green', 'yellow')
  fc.assert(
    fc.property(fc.array(colour, { minLength: 1, maxLength: 8 }), fc.integer({ min: 1, max: 40 }), (written, rows) => {
      const colours = clipColours(written)
      const clips = Array.from({ length: rows }, (_, i) => clipsOf(written, { kind: 'row', row: i + 1 }))
      if (colours.length === 0) return expect(clips.every(clip => clip === null)).toBe(true)
      expect(new Set(clips.map(clip => JSON.stringify(clip))).size).toBe(rows)
      expect(clips.slice(0, colours.length).map(clip => clip!.colour)).toEqual(colours.slice(0, rows))
    }),
  )
})

test('six colours over eight rows: the seventh is the first again, with a dot; sashes have none', () => {
  const six = ['red', 'blue', 'green', 'yellow', 'white', 'black']
  expect(clipsOf(six, { kind: 'row', row: 7 })).toEqual({ colour: 'red', dots: 1 })
  expect(clipsOf(six, { kind: 'diagonal', row: 8 })).toEqual({ colour: 'blue', dots: 1 })
  expect(clipsOf(six, { kind: 'sash', row: 1 })).toBeNull()
})

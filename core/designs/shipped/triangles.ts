import type { Design } from '../design'
import { cornered, goose, halfSquare, quarterSquare, square, type DraftCorner } from '../draft'

/** Half-square and quarter-square triangles, geese and cut corners. */
export const TRIANGLES: readonly Design[] = [
  {
    id: 'half-square',
    name: 'Half-square triangle',
    family: 'triangles',
    width: 1,
    height: 1,
    patches: halfSquare('dark', 'light', 'nw', 0, 0, 1),
  },
  {
    id: 'pinwheel',
    name: 'Pinwheel',
    family: 'triangles',
    width: 2,
    height: 2,
    patches: [
      ...halfSquare('blade', 'ground', 'sw', 0, 0, 1),
      ...halfSquare('blade', 'ground', 'nw', 1, 0, 1),
      ...halfSquare('blade', 'ground', 'se', 0, 1, 1),
      ...halfSquare('blade', 'ground', 'ne', 1, 1, 1),
    ],
  },
  {
    id: 'broken-dishes',
    name: 'Broken dishes',
    family: 'triangles',
    width: 4,
    height: 4,
    patches: [0, 1, 2, 3].flatMap(y =>
      [0, 1, 2, 3].flatMap(x => {
        const corner = (
          [
            ['nw', 'ne'],
            ['sw', 'se'],
          ] as const
        )[y % 2]![x % 2]!
        return (Math.floor(x / 2) + Math.floor(y / 2)) % 2 === 0
          ? halfSquare('dish', 'table', corner, x, y, 1)
          : halfSquare('table', 'dish', corner, x, y, 1)
      }),
    ),
  },
  {
    id: 'hourglass',
    name: 'Hourglass',
    family: 'triangles',
    width: 2,
    height: 2,
    patches: quarterSquare(['sand', 'glass', 'sand', 'glass'], 0, 0, 2),
  },
  {
    id: 'flying-geese',
    name: 'Flying geese',
    family: 'triangles',
    width: 4,
    height: 4,
    patches: [0, 2].flatMap(x => [0, 1, 2, 3].flatMap(y => goose('goose', 'sky', 'n', x, y, 2, 1))),
  },
  {
    id: 'dutchmans-puzzle',
    name: "Dutchman's puzzle",
    family: 'triangles',
    width: 4,
    height: 4,
    patches: [
      ...goose('goose', 'sky', 'e', 0, 0, 1, 2),
      ...goose('goose', 'sky', 'e', 1, 0, 1, 2),
      ...goose('goose', 'sky', 's', 2, 0, 2, 1),
      ...goose('goose', 'sky', 's', 2, 1, 2, 1),
      ...goose('goose', 'sky', 'n', 0, 2, 2, 1),
      ...goose('goose', 'sky', 'n', 0, 3, 2, 1),
      ...goose('goose', 'sky', 'w', 2, 2, 1, 2),
      ...goose('goose', 'sky', 'w', 3, 2, 1, 2),
    ],
  },
  {
    id: 'snowball',
    name: 'Snowball',
    family: 'triangles',
    width: 4,
    height: 4,
    patches: cornered('ball', { nw: 'corner', ne: 'corner', se: 'corner', sw: 'corner' }, 1, 0, 0, 4),
  },
  {
    id: 'bow-tie',
    name: 'Bow tie',
    family: 'triangles',
    width: 6,
    height: 6,
    patches: [
      ...square('tie', 0, 0, 3),
      ...cornered('ground', { sw: 'tie' }, 1.5, 3, 0, 3),
      ...cornered('ground', { ne: 'tie' }, 1.5, 0, 3, 3),
      ...square('tie', 3, 3, 3),
    ],
  },
  {
    id: 'square-in-a-square',
    name: 'Square in a square',
    family: 'triangles',
    width: 4,
    height: 4,
    patches: cornered('centre', { nw: 'corner', ne: 'corner', se: 'corner', sw: 'corner' }, 2, 0, 0, 4),
  },
  {
    id: 'birds-in-the-air',
    name: 'Birds in the air',
    family: 'triangles',
    width: 3,
    height: 3,
    patches: [
      ...halfSquare('bird', 'sky', 'se', 0, 0, 1),
      ...halfSquare('bird', 'sky', 'se', 1, 0, 1),
      ...halfSquare('bird', 'sky', 'se', 2, 0, 1),
      ...square('ground', 0, 1, 1),
      ...halfSquare('bird', 'sky', 'se', 1, 1, 1),
      ...halfSquare('bird', 'sky', 'se', 2, 1, 1),
      ...square('ground', 0, 2, 1),
      ...square('ground', 1, 2, 1),
      ...halfSquare('bird', 'sky', 'se', 2, 2, 1),
    ],
  },
  {
    id: 'jacobs-ladder',
    name: "Jacob's ladder",
    family: 'triangles',
    width: 6,
    height: 6,
    patches: [0, 1, 2].flatMap(row =>
      [0, 1, 2].flatMap(column => {
        const x = column * 2
        const y = row * 2
        if ((row + column) % 2 === 0)
          return [
            ...square('rung', x, y, 1),
            ...square('light', x + 1, y, 1),
            ...square('light', x, y + 1, 1),
            ...square('rung', x + 1, y + 1, 1),
          ]
        const corner: DraftCorner = row + column === 1 ? 'se' : 'nw'
        return halfSquare(row + column === 1 ? 'dark' : 'light', row + column === 1 ? 'light' : 'dark', corner, x, y, 2)
      }),
    ),
  },
]

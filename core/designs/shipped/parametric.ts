import type { Design } from '../design'
import { eightPointStar } from './moreStars'
import { checkerboard, strips, tripAround } from './checkerboards'
import { geeseColumn } from './gridTriangles'
import { courthouseSteps, halfLogCabin, logCabin } from './logs'
import { pyramids } from './angles'

/** A number that a family of blocks can be made with. */
export interface DesignNumber {
  key: string
  label: string
  least: number
  most: number
  usual: number
}

/** Blocks of one kind, by the quilter's own numbers. `make` expects whole numbers within each `least` and `most`. */
export interface DesignFamily {
  id: string
  name: string
  numbers: readonly DesignNumber[]
  make: (values: Readonly<Record<string, number>>) => Design
}

const rounds = { key: 'rounds', label: 'Rounds', least: 1, most: 8, usual: 4 }

export const DESIGN_FAMILIES: readonly DesignFamily[] = [
  {
    id: 'log-cabin',
    name: 'Log cabin',
    numbers: [
      rounds,
      { key: 'centre', label: 'Center, in grid units', least: 1, most: 6, usual: 1 },
      { key: 'light', label: 'Light logs, in grid units', least: 1, most: 4, usual: 1 },
      { key: 'dark', label: 'Dark logs, in grid units', least: 1, most: 4, usual: 1 },
    ],
    make: ({ rounds: n, centre, light, dark }) => {
      const size = centre! + n! * (light! + dark!)
      return {
        id: `log-cabin-${n}-${centre}-${light}-${dark}`,
        name: `Log cabin of ${n} rounds`,
        family: 'logs',
        width: size,
        height: size,
        patches: logCabin({ rounds: n!, centre: centre!, light: light!, dark: dark! }),
      }
    },
  },
  {
    id: 'courthouse-steps',
    name: 'Courthouse steps',
    numbers: [rounds],
    make: ({ rounds: n }) => ({
      id: `courthouse-steps-${n}`,
      name: `Courthouse steps of ${n} rounds`,
      family: 'logs',
      width: 2 * n! + 1,
      height: 2 * n! + 1,
      patches: courthouseSteps(n!),
    }),
  },
  {
    id: 'half-log-cabin',
    name: 'Half log cabin',
    numbers: [rounds],
    make: ({ rounds: n }) => ({
      id: `half-log-cabin-${n}`,
      name: `Half log cabin of ${n} rounds`,
      family: 'logs',
      width: n! + 1,
      height: n! + 1,
      patches: halfLogCabin(n!),
    }),
  },
  {
    id: 'strips',
    name: 'Plain strips',
    numbers: [
      { key: 'count', label: 'Strips', least: 2, most: 12, usual: 6 },
      { key: 'every', label: 'Every second one so many times as wide', least: 1, most: 6, usual: 1 },
    ],
    make: ({ count, every }) => ({ ...strips(count!, [1, every!]), id: `strips-${count}-${every}` }),
  },
  {
    id: 'checkerboard',
    name: 'Checkerboard',
    numbers: [{ key: 'count', label: 'Squares each way', least: 2, most: 16, usual: 6 }],
    make: ({ count }) => checkerboard(count!),
  },
  {
    id: 'trip-around',
    name: 'Trip around the world',
    numbers: [{ key: 'rings', label: 'Rings', least: 1, most: 8, usual: 4 }],
    make: ({ rings }) => ({ ...tripAround(rings!), name: `Trip around the world in ${rings} rings` }),
  },
  {
    id: 'geese',
    name: 'Column of geese',
    numbers: [{ key: 'count', label: 'Geese', least: 1, most: 20, usual: 8 }],
    make: ({ count }) => geeseColumn(count!),
  },
  {
    id: 'pyramids',
    name: 'Row of pyramids',
    numbers: [{ key: 'count', label: 'Whole triangles', least: 1, most: 20, usual: 7 }],
    make: ({ count }) => pyramids(count!),
  },
  {
    id: 'lone-star',
    name: 'Lone star',
    numbers: [{ key: 'cut', label: 'Diamonds along each side of a point', least: 1, most: 4, usual: 3 }],
    make: ({ cut }) => {
      const { size, patches } = eightPointStar(cut!)
      return {
        id: `lone-star-${cut}`,
        name: `Lone star of ${8 * cut! * cut!} diamonds`,
        family: 'set-in',
        width: size,
        height: size,
        patches,
      }
    },
  },
]

/** A key of one place, and what it does there as the list of keys says it. */
interface PlaceKey {
  keys: string
  what: string
}

/** Keys of places that have their own: those that every page knows stand with the commands. */
export const PLACE_KEYS: readonly { place: string; keys: readonly PlaceKey[] }[] = [
  {
    place: 'In the drawing of Design',
    keys: [
      { keys: 'Arrow keys', what: 'from block to block' },
      { keys: 'Enter', what: 'to the choices of the part' },
      { keys: 'r', what: 'turn the block' },
      { keys: 'm', what: 'mirror the block' },
      { keys: 'x, then Enter', what: 'pick up a block, and exchange it for another' },
      { keys: '[ and ]', what: 'a ruler step smaller or larger' },
      { keys: 'Esc', what: 'let go, close' },
    ],
  },
  {
    place: 'On the tape',
    keys: [
      { keys: 'Arrow keys', what: 'from part to part' },
      { keys: '[ and ]', what: 'a ruler step smaller or larger' },
    ],
  },
  {
    place: 'On the draft board',
    keys: [
      { keys: 'Arrow keys', what: 'from point to point, or from patch to patch' },
      { keys: 'Enter', what: 'begin a line, end it; paint' },
    ],
  },
  {
    place: 'Step by step at the mat and the machine (a page-turner pedal works)',
    keys: [
      { keys: 'Space', what: 'done, go on' },
      { keys: 'a', what: 'all that is left of the step' },
      { keys: 'Arrow and page keys', what: 'to the step before, to the next' },
      { keys: 'Esc', what: 'stop here' },
    ],
  },
]

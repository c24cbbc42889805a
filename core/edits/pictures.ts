import type { QuiltFile } from '../file/schema'
import type { Inches } from '../measure/ruler'
import { addCloth } from './cloths'
import { written, type Edit } from './edit'
import type { OwnDesignEntry } from './designs'
import { freeId } from './setting'

/** A letter of a picture with the cloths it is cut from; none yet: one of this colour is added to the quilt. */
export interface PictureLetter {
  letter: string
  cloths: readonly string[]
  /** As it looks. */
  colour: string
  /** On the chart, where the quilter chose it. */
  coding?: string
}

export interface DrawnPicture {
  name: string
  /** One letter a square, row by row from the top. */
  rows: readonly string[]
  letters: readonly PictureLetter[]
}

/**
 * Keeps a picture. `block`: the one that shows it; null: a new one, which is the whole quilt (`isWhole`) or waits among
 * the blocks. `side`: of one square, finished.
 */
export function keepPicture(picture: DrawnPicture, to: { block: string | null; side: Inches; isWhole: boolean }): Edit {
  return old => {
    const used = new Set(picture.rows.join(''))
    const { file, letters } = withNewCloths(
      old,
      picture.letters.filter(({ letter }) => used.has(letter)),
    )
    const known = file.blocks.find(({ id }) => id === to.block)
    const design = designFor(file, known?.design, picture, letters)
    const size = {
      width: written(file, picture.rows[0]!.length * to.side),
      height: written(file, picture.rows.length * to.side),
    }
    const cloths = Object.fromEntries(letters.map(({ letter, cloths: [first] }) => [letter, first!]))
    const designs = [...(file.designs ?? []).filter(({ id }) => id !== design.id), design]
    if (known) {
      const { size: _, method: _method, ...rest } = known
      const block = { ...rest, design: design.id, ...size, cloths }
      // another block of the same picture wears what is new in it
      const blocks = file.blocks.map(other =>
        other === known
          ? block
          : other.design === design.id
            ? { ...other, cloths: { ...cloths, ...other.cloths } }
            : other,
      )
      return { ...file, designs, blocks }
    }
    const id = freeId(
      picture.name,
      file.blocks.map(block => block.id),
    )
    const block = { id, name: picture.name, design: design.id, ...size, cloths }
    if (!to.isWhole) return { ...file, designs, blocks: [...file.blocks, block] }
    const { wall: _, made: _made, ...rest } = file
    return { ...rest, designs, blocks: [block], setting: { kind: 'straight', across: 1, down: 1, fill: [[id]] } }
  }
}

/** The quilt with a cloth for each letter that has none. */
function withNewCloths(
  file: QuiltFile,
  letters: readonly PictureLetter[],
): { file: QuiltFile; letters: readonly PictureLetter[] } {
  let now = file
  const dressed = letters.map(letter => {
    if (letter.cloths.length > 0) return letter
    const { edit, id } = addCloth(now, { name: `Picture ${letter.letter}`, colour: letter.colour })
    now = edit(now)
    return { ...letter, cloths: [id] }
  })
  return { file: now, letters: dressed }
}

/** The design of the block if it is a picture of this quilt's own, else a new one. */
function designFor(
  file: QuiltFile,
  known: string | undefined,
  { name, rows }: DrawnPicture,
  letters: readonly PictureLetter[],
): OwnDesignEntry {
  const designs = file.designs ?? []
  const before = designs.find(({ id, squares }) => id === known && squares)
  const id =
    before?.id
    ?? freeId(
      name,
      designs.map(design => design.id),
    )
  const scraps = letters.flatMap(({ letter, cloths }) =>
    cloths.length > 1 ? [[letter, [...cloths]] as [string, string[]]] : [],
  )
  const colours = letters.flatMap(({ letter, coding }) => (coding ? [[letter, coding] as const] : []))
  const chart = {
    ...before?.chart,
    cloths: Object.fromEntries(scraps),
    colour: Object.fromEntries(colours),
  }
  return { id, name, width: rows[0]!.length, height: rows.length, squares: [...rows], chart }
}

/** Changes how a picture is read and sewn. */
export function setChart(design: string, change: NonNullable<OwnDesignEntry['chart']>): Edit {
  return file => ({
    ...file,
    designs: (file.designs ?? []).map(entry =>
      entry.id === design && entry.squares ? { ...entry, chart: { ...entry.chart, ...change } } : entry,
    ),
  })
}

import { isSlanted, STRETCH } from '../designs/fixedShape'
import { sameLength, TOLERANCE } from '../measure/ruler'
import { mitreAngles } from '../top/borders/mitred'
import { isJoinedPart } from '../make/methods/partName'
import { cornerRules } from '../file/corners'
import { joinedSide } from '../file/joinedSide'
import { blockOf, designOf, ownBlocks } from '../file/quilt'
import type { Check, Checker } from './check'
import { inBlock, inBorder, inCloths, inSashing } from './place'

/** A strip longer than the cloth is wide: said at the plan, with what each way costs. */
export const longStrips: Checker = ({ quilt, plan }) =>
  plan.pieces
    .filter(piece => isJoinedPart(piece.part))
    .filter((piece, i, all) => all.findIndex(other => other.use === piece.use) === i)
    .map((piece): Check => {
      const place = piece.places[0]!
      const border = 'border' in place ? place.border : null
      const mine = plan.borders.filter(strip => strip.border === border)
      const lengths = mine.map(strip => strip.rough)
      // sashes between columns run down the quilt, others across it
      const sash = plan.stages[0]![joinedSide(quilt.setting) ?? 'width'] + 2 * quilt.seam
      const joined = plan.pieces.filter(other => other.use === piece.use)
      return {
        id: 'long-strip',
        severity: 'note',
        ...(border ? inBorder(border - 1, 'long') : inSashing('long')),
        data: {
          use: piece.use,
          places: piece.places,
          part: piece.part,
          longest: border ? Math.max(...lengths) : sash,
          usable: quilt.cloths.find(cloth => cloth.id === piece.cloth)!.usable,
          strips: joined.reduce((sum, p) => sum + p.count, 0),
          clothAcross: joined.reduce((sum, p) => sum + p.count * p.height, 0),
          clothAlong: border ? Math.max(...lengths) : sash,
        },
      }
    })

export const setInSeams: Checker = ({ quilt, plan }) =>
  plan.blocks.flatMap((block, i): Check[] =>
    block.setIn + block.partial === 0 || blockOf(quilt, block.id).derived
      ? []
      : [
          {
            id: 'set-in-seams',
            severity: 'note',
            ...inBlock(i, 'design'),
            data: { block: blockOf(quilt, block.id).name, setIn: block.setIn, partial: block.partial },
          },
        ],
  )

/** Papers were asked for, and the block is made otherwise: no straight seams join them, or it is a picture. */
export const noFoundation: Checker = ({ quilt, makes }) =>
  ownBlocks(quilt).flatMap((block, i): Check[] =>
    block.method === 'foundation' && !makes.get(block.id)!.papers
      ? [
          {
            id: 'no-foundation',
            severity: 'warn',
            ...inBlock(i, 'method'),
            data: { block: block.name, isPicture: designOf(quilt, block).picture !== undefined },
          },
        ]
      : [],
  )

/** Pieces that exist in both hands: lay two layers right sides together. */
export const mirroredPieces: Checker = ({ quilt, plan }) => {
  const handed = plan.pieces.filter(piece => piece.hand !== 'either')
  if (handed.length === 0) return []
  const count = (hand: string) =>
    handed.filter(piece => piece.hand === hand).reduce((sum, piece) => sum + piece.count, 0)
  const at = quilt.blocks.findIndex(block => block.id === handed[0]!.for[0]?.block)
  return [
    {
      id: 'mirrored-pieces',
      severity: 'note',
      ...inBlock(Math.max(0, at), 'design'),
      data: { left: count('left'), right: count('right'), letters: [...new Set(handed.map(piece => piece.letter))] },
    },
  ]
}

/** A block with slanted seams that stands in other proportions than it was drawn in: a 60° diamond is no longer one. */
export const stretchedBlocks: Checker = ({ quilt, makes }) =>
  ownBlocks(quilt).flatMap((block, i): Check[] => {
    const { design } = makes.get(block.id)!
    const height = (block.width * design.height) / design.width
    if (!isSlanted(design) || Math.abs(height / block.height - 1) < STRETCH) return []
    return [
      {
        id: 'stretched-block',
        severity: 'note',
        ...inBlock(i, block.size === undefined ? 'height' : 'size'),
        data: { block: block.name, width: block.width, height: block.height, ownHeight: height },
      },
    ]
  })

export const angledPieces: Checker = ({ plan }) => {
  const angled = plan.pieces.filter(piece => piece.cuts === 'angle')
  return angled.length === 0
    ? []
    : [
        {
          id: 'angled-folded',
          severity: 'note',
          ...inCloths('cloths'),
          data: { letters: [...new Set(angled.map(piece => piece.letter))] },
        },
      ]
}

/** Units whose outer edges end on the bias stretch under the iron. */
export const biasEdges: Checker = ({ quilt, choices }) => {
  const loose = choices.filter(({ way }) => way.made.biasEdges > 0)
  const blocks = ownBlocks(quilt).flatMap((block, i) =>
    loose.some(({ demand }) => demand.perBlock.has(block.id)) ? [i] : [],
  )
  return blocks.map((i): Check => ({
    id: 'bias-edges',
    severity: 'note',
    ...inBlock(i, 'method'),
    data: { block: quilt.blocks[i]!.name },
  }))
}

/** A finished border no wider than its own two seam allowances has no cloth of its own between them. */
export const borderTooNarrow: Checker = ({ quilt }) =>
  quilt.borders.flatMap((border, i): Check[] => {
    const width = Math.min(border.sides, border.ends)
    const least = 2 * quilt.seam
    return width < least - TOLERANCE
      ? [
          {
            id: 'border-too-narrow',
            severity: 'warn',
            ...inBorder(i, 'width'),
            data: { border: i + 1, width, least },
          },
        ]
      : []
  })

/** A mitre is at 45° only where both borders that meet are equally wide. */
export const mitreAngle: Checker = ({ quilt }) =>
  quilt.borders.flatMap((border, i): Check[] =>
    cornerRules(border.corners).isOnSlant && !sameLength(border.sides, border.ends)
      ? [
          {
            id: 'mitre-angle',
            severity: 'note',
            ...inBorder(i, 'corners'),
            data: { border: i + 1, ...mitreAngles(border) },
          },
        ]
      : [],
  )

/** A border wider than a block draws the eye from the blocks. */
export const borderTooWide: Checker = ({ quilt }) =>
  quilt.borders.flatMap((border, i): Check[] => {
    const block = Math.max(...ownBlocks(quilt).map(({ width, height }) => Math.max(width, height)))
    const widest = Math.max(border.sides, border.ends)
    return widest > block
      ? [
          {
            id: 'border-too-wide',
            severity: 'note',
            ...inBorder(i, 'width'),
            data: { border: i + 1, width: widest, block },
          },
        ]
      : []
  })

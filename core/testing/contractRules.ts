import type { SewingTree } from '../make/order/sewingTree'
import { layoutFaults } from '../cut/layoutCheck'
import { finishedPatches } from '../designs/design'
import { boundingBox } from '../geometry/polygon'
import type { Piece } from '../cut/piece'
import type { CheckedPlan } from '../checks/planQuilt'
import type { Quilt } from '../file/quilt'
import { piecedPatchesByHand, settingByHand, settingFaults } from './settingRules'

/**
 * A rule of the agreed plan: what it says, and where a plan breaks it. Written from the agreement, not from the code
 * that plans.
 */
export interface Rule {
  number: number
  says: string
  broken: (quilt: Quilt, plan: CheckedPlan) => string[]
}

const near = (a: number, b: number, by = 1e-6) => Math.abs(a - b) <= by
const differ = (what: string, got: number, want: number): string[] =>
  near(got, want) ? [] : [`${what}: ${got}, not ${want}`]
const total = (numbers: readonly number[]) => numbers.reduce((sum, n) => sum + n, 0)
const onStep = (value: number, step: number) => step === 0 || near(value / step, Math.round(value / step), 1e-4)

/** Ways whose pieces are trimmed after sewing. */
const TRIMMED =
  /^(hst|qst|goose-4|goose-triangles|square-in-square-triangles|three-patch|triangle-single|wedge-strip-set|foundation)/

export const RULES: readonly Rule[] = [
  {
    number: 1,
    says: 'the quilt is as large as its last stage; the binding folds round the raw edge',
    broken: (source, { quilt, stages }) => {
      const last = stages.at(-1)!
      const edge = source.binding ? 2 * rawEdge(source) : 0
      return [
        ...differ('width', quilt.width, last.width),
        ...differ('height', quilt.height, last.height),
        ...differ('edged', quilt.edged.width, last.width + edge),
        ...differ('edged', quilt.edged.height, last.height + edge),
      ]
    },
  },
  {
    number: 2,
    says: 'blocks are the places of the setting; patches are those of the blocks',
    broken: (quilt, plan) => {
      const cells = quilt.setting.cells.flat()
      const patches = total(
        cells.map(cell => quilt.designs.get(quilt.blocks.find(b => b.id === cell.block)!.design)!.patches.length),
      )
      return [
        ...differ('blocks', plan.quilt.blocks, settingByHand(quilt).blocks),
        ...differ('patches', plan.quilt.patches, patches),
      ]
    },
  },
  {
    number: 3,
    says: 'a setting is as large as by hand, and each border adds its two strips, unless measured',
    broken: (quilt, { stages }) => {
      if (quilt.made.length > 0) return []
      let { width, height } = settingByHand(quilt)
      return stages.flatMap((stage, i) => {
        if (i > 0) {
          width += 2 * quilt.borders[i - 1]!.sides
          height += 2 * quilt.borders[i - 1]!.ends
        }
        return [
          ...differ(`${stage.what} width`, stage.width, width),
          ...differ(`${stage.what} height`, stage.height, height),
        ]
      })
    },
  },
  {
    number: 4,
    says:
      'what is trimmed is rounded up to the ruler, what is sewn as cut to the nearest half step, templates not at '
      + 'all',
    broken: ({ ruler, aim, blocks }, { pieces, sums }) =>
      pieces.flatMap((piece, i) => {
        // geese from a rectangle are sewn as cut, unless they are wanted generous
        const isGenerous = () =>
          piece.for.some(({ block }) => {
            const { trim } = blocks.find(({ id }) => id === block)!
            return (
              ((typeof trim === 'string' ? trim : trim?.goose) ?? (aim === 'most-exact' ? 'generous' : 'little'))
              === 'generous'
            )
          })
        const isTrimmed =
          TRIMMED.test(piece.method) || piece.part === 'triangles' || (piece.method === 'goose-flip' && isGenerous())
        return (['width', 'height'] as const).flatMap(side => {
          const cut = piece[side]
          const exact = piece.exact[side]
          if (piece.shape === 'template') return differ(`${piece.id} ${side}`, cut, exact)
          // a strip's length is what it is; laid along its stripes it runs with the height
          const isLength = piece.angled
            ? sums[`pieces.${i}.${side}`]!.terms.some(
                ({ what }) => what === 'usable-width' || what === 'advance-of-each',
              )
            : piece.shape === 'strip' && side === 'width'
          if (isLength || piece.part === 'binding' || piece.part === 'flange') return []
          const isRight = isTrimmed
            ? cut >= exact - 1e-6 && cut < exact + ruler + 1e-6 && onStep(cut, ruler / 2)
            : // half way, and what lies within a millionth of it, goes up
              Math.abs(cut - exact) <= ruler / 4 + 2e-6 && onStep(cut, ruler / 2)
          return isRight ? [] : [`${piece.id} ${side}: ${cut} from ${exact}`]
        })
      }),
  },
  {
    number: 5,
    says: 'one number for each cut size, and one cut size for each number',
    broken: (_, { pieces }) => {
      // away from halves of the last place, on which sizes in 64ths fall
      const size = (value: number) => (value + 1e-7).toFixed(4)
      const look = (p: Piece) =>
        [
          size(Math.min(p.width, p.height)),
          size(Math.max(p.width, p.height)),
          p.cuts,
          p.hand,
          p.outline
            ?.map(c => c.map(v => v.toFixed(3)).join())
            .sort()
            .join(' '),
        ].join('|')
      return pieces.flatMap((a, i) =>
        pieces
          .slice(i + 1)
          .filter(b => (a.letter === b.letter) !== (look(a) === look(b)))
          .map(b => `${a.id} and ${b.id} have letters ${a.letter} and ${b.letter}`),
      )
    },
  },
  {
    number: 6,
    says: 'every patch of every block in the quilt is fed, and fed once',
    broken: (quilt, plan) => {
      const used = new Set(quilt.setting.cells.flat().map(cell => cell.block))
      const missing = quilt.blocks
        .filter(block => used.has(block.id))
        .flatMap(block =>
          quilt.designs
            .get(block.design)!
            .patches.flatMap((_, patch) =>
              plan.pieces.some(piece => piece.for.some(f => f.block === block.id && f.patches.includes(patch)))
                ? []
                : [`${block.id} patch ${patch} is fed by nothing`],
            ),
        )
      return [
        ...missing,
        // measures change how many repeats a pieced border has room for
        ...(quilt.made.length > 0
          ? []
          : differ(
              'patches fed',
              total(plan.pieces.map(p => p.patches)),
              plan.quilt.patches + piecedPatchesByHand(quilt),
            )),
      ]
    },
  },
  {
    number: 7,
    says: 'there are pieces enough for the patches they feed',
    broken: (_, { pieces }) =>
      pieces.flatMap(piece => {
        const gives: Record<string, number> = {
          'hst-2': 2,
          'hst-4': 4,
          'hst-8': 8,
          'three-patch-alike': 4,
          'three-patch-pairs': piece.part === 'quarter-pairs' ? 4 : 2,
          'qst-2': 4,
          'one-diagonal': 2,
          'two-diagonals': 4,
        }
        const each =
          piece.shape === 'strip'
            ? Infinity
            : piece.method === 'goose-4'
              ? piece.part === 'geese'
                ? 4
                : 2
              : (gives[piece.cuts === 'none' ? piece.method : piece.cuts] ?? 1)
        return (piece.count - piece.spare) * each >= piece.patches - 1e-9 && piece.count - piece.spare > 0
          ? []
          : [`${piece.id}: ${piece.count} pieces for ${piece.patches} patches`]
      }),
  },
  {
    number: 8,
    says: 'every piece lies on its cloth as often as wanted, in its strip, over nothing else, and no print is turned',
    broken: (quilt, plan) =>
      plan.cloths.flatMap((need, i) => {
        const cloth = quilt.cloths[i]!
        const mine = plan.pieces.filter(piece => piece.cloth === cloth.id && !tooLarge(plan, piece))
        const wanted = mine.map(p => ({
          id: p.id,
          count: p.count,
          turn: p.grain === 'any',
          width: p.grain === 'along' ? p.height : p.width,
          height: p.grain === 'along' ? p.width : p.height,
        }))
        const sheet = cloth.form === 'piece' ? sheetLength(cloth) : Infinity
        return layoutFaults(wanted, need.strips, cloth.usable, need.need, sheet)
      }),
  },
  {
    number: 9,
    says: 'strips and pieces can be cut by straight cuts from edge to edge',
    broken: (_, { cloths }) =>
      cloths.flatMap(({ strips, id }) =>
        strips.flatMap((strip, s) => (guillotine(strip.cuts) ? [] : [`${id} strip ${s} cannot be cut apart`])),
      ),
  },
  {
    number: 10,
    says: 'the need is where the last strip ends, at least the bound, at most each size in its own strips',
    broken: (quilt, plan) =>
      plan.cloths.flatMap((need, i) => {
        const cloth = quilt.cloths[i]!
        if (need.unit === 'piece')
          return need.need >= need.bound ? [] : [`${need.id}: ${need.need} below the bound ${need.bound}`]
        const mine = plan.pieces.filter(piece => piece.cloth === cloth.id && !tooLarge(plan, piece))
        const own = ownStrips(mine, cloth.usable)
        const proven = Math.max(
          total(mine.map(p => p.width * p.height * p.count)) / cloth.usable,
          ...mine.map(p => Math.min(...lies(p, cloth.usable).map(l => l[1]))),
          0,
        )
        return [
          ...differ(`${need.id} need`, need.need, Math.max(0, ...need.strips.map(s => s.y + s.height))),
          ...(need.need >= need.bound - 1e-6 ? [] : [`${need.id}: ${need.need} below the bound ${need.bound}`]),
          ...(need.bound >= proven - 1e-6 ? [] : [`${need.id}: bound ${need.bound} weaker than ${proven}`]),
          ...(need.need <= own + 1e-6 ? [] : [`${need.id}: ${need.need}, and ${own} in own strips`]),
        ]
      }),
  },
  {
    number: 11,
    says: 'buy = (need + margin·need + 1) ÷ (1 − shrink), up to ⅛ yd or 10 cm; its parts add up to what was rounded',
    broken: (quilt, plan) =>
      plan.cloths.flatMap((need, i) => {
        const cloth = quilt.cloths[i]!
        if (need.unit === 'piece') return differ(`${need.id} buy`, need.buy, need.need)
        const exact = need.need === 0 ? 0 : (need.need * (1 + quilt.margin) + 1) / (1 - cloth.shrink)
        const step = quilt.units === 'cm' ? 10 / 2.54 : 4.5
        return [
          ...(need.buy >= exact - 1e-5 && need.buy < exact + step && onStep(need.buy, step)
            ? []
            : [`${need.id}: buy ${need.buy} for ${exact}`]),
          ...differ(`${need.id} parts`, total(need.parts.map(part => part.length)), exact),
        ]
      }),
  },
  {
    number: 12,
    says: 'area is that of the pieces, and the rest is waste',
    broken: (quilt, plan) =>
      plan.cloths.flatMap((need, i) => {
        const cloth = quilt.cloths[i]!
        const area = total(plan.pieces.filter(p => p.cloth === cloth.id).map(p => p.width * p.height * p.count))
        const whole = need.need * cloth.usable * (need.unit === 'piece' ? sheetLength(cloth) : 1)
        return [
          ...(near(need.area, area, 1e-4) ? [] : [`${need.id} area: ${need.area}, not ${area}`]),
          ...differ(`${need.id} waste`, need.waste, whole === 0 ? 0 : 1 - need.area / whole),
        ]
      }),
  },
  {
    number: 13,
    says:
      'a border is trimmed to the raw side it is sewn to (mitred, and to the borders it meets), cut 3″ longer by the '
      + 'plan before measures, two seams wider than it shows',
    broken: (quilt, { borders, stages }) => {
      if (quilt.made.length > 0)
        return borders.flatMap(b =>
          differ(
            'border width',
            b.width,
            (b.side === 'left' || b.side === 'right'
              ? quilt.borders[b.border - 1]!.sides
              : quilt.borders[b.border - 1]!.ends)
              + 2 * quilt.seam
              + widerFor(quilt, b.border),
          ),
        )
      return borders.flatMap(b => {
        const { sides, ends, first, corners, pieced } = quilt.borders[b.border - 1]!
        const wider = widerFor(quilt, b.border)
        const isMitred = corners === 'mitred'
        const isCornered = corners === 'squares' || corners === 'pieced'
        const inner = stages[b.border - 1]!
        const upright = b.side === 'left' || b.side === 'right'
        const length = upright
          ? inner.height + (isMitred || (!isCornered && first === 'ends') ? 2 * (ends + wider) : 0)
          : inner.width + (isMitred || (!isCornered && first === 'sides') ? 2 * (sides + wider) : 0)
        return [
          ...differ(`border ${b.border} ${b.side}`, b.length, length + 2 * quilt.seam),
          ...differ('rough', b.rough, length + 2 * quilt.seam + (pieced ? 0 : 3)),
          ...differ('width', b.width, (upright ? sides : ends) + 2 * quilt.seam + wider),
        ]
      })
    },
  },
  {
    number: 14,
    says: 'the cut border strips, joined or not, are as wide as the border asks, and reach all rough lengths',
    broken: (quilt, { borders, pieces }) =>
      quilt.cloths.flatMap(cloth => {
        const cut = pieces.filter(piece => piece.cloth === cloth.id && piece.part.startsWith('border'))
        const count = total(cut.map(piece => piece.count))
        const length = total(cut.map(piece => piece.count * piece.width))
        const rough = borders.filter(({ border }) => {
          const { cloth: worn, pieced } = quilt.borders[border - 1]!
          return worn === cloth.id && !pieced
        })
        const isMarked = (piece: Piece, width: number) => Math.abs(piece.height - width) <= quilt.ruler / 4 + 1e-6
        return [
          ...cut
            .filter(piece => !rough.some(strip => isMarked(piece, strip.width)))
            .map(piece => `${piece.use}: ${piece.height} wide`),
          ...rough
            .filter(strip => !cut.some(piece => isMarked(piece, strip.width)))
            .map(strip => `border ${strip.border} ${strip.side}: no strip is cut ${strip.width} wide`),
          // each joined length loses two seams a join; single strips lose nothing
          ...(length - Math.max(0, count - rough.length) * 2 * quilt.seam >= total(rough.map(b => b.rough)) - 1e-6
            ? []
            : [`borders of ${cloth.id}: ${length} of strips for ${total(rough.map(b => b.rough))}`]),
        ]
      }),
  },
  {
    number: 15,
    says: 'backing: panels of the raw top and its overhang, in the direction that needs less, ½″ seams and no selvage',
    broken: (quilt, { backing, quilt: top }) => {
      if (!quilt.backing || !backing)
        return quilt.backing === backing || (!quilt.backing && !backing) ? [] : ['backing missing']
      const cloth = quilt.cloths.find(c => c.id === quilt.backing!.cloth)!
      const o = quilt.backing.overhang
      const W = top.width + 2 * rawEdge(quilt) + 2 * o
      const H = top.height + 2 * rawEdge(quilt) + 2 * o
      const panels = (span: number) =>
        span <= cloth.usable + 1e-6 ? 1 : Math.ceil((span - 1) / (cloth.usable - 1) - 1e-6)
      // a print with an up runs up the quilt
      const least = cloth.directional ? panels(W) * H : Math.min(panels(W) * H, panels(H) * W)
      const exact = (least * (1 + quilt.margin) + 1) / (1 - cloth.shrink)
      const step = quilt.units === 'cm' ? 10 / 2.54 : 4.5
      return [
        ...differ('backing cloth', backing.panels * backing.panelLength, least),
        ...(backing.buy >= exact - 1e-5 && backing.buy < exact + step && onStep(backing.buy, step)
          ? []
          : [`backing buy ${backing.buy} for ${exact}`]),
      ]
    },
  },
  {
    number: 16,
    says: 'batting: the raw top and its overhang',
    broken: (quilt, { batting, quilt: top }) =>
      quilt.batting && batting
        ? [
            ...differ('batting', batting.width, top.width + 2 * rawEdge(quilt) + 2 * quilt.batting.overhang),
            ...differ('batting', batting.height, top.height + 2 * rawEdge(quilt) + 2 * quilt.batting.overhang),
          ]
        : [],
  },
  {
    number: 17,
    says:
      'binding: raw perimeter + 12″; strips lose one width per diagonal join, two seams per straight one; its '
      + 'cloth is in the need',
    broken: (quilt, { binding, quilt: top, pieces }) => {
      if (!quilt.binding || !binding) return quilt.binding || binding ? ['binding missing'] : []
      const cut = (part: string) => total(pieces.filter(piece => piece.part === part).map(piece => piece.count))
      const { strip, flange, extra, cloths, join, style, isBias } = quilt.binding
      if (binding.style === 'self')
        return [
          ...differ('binding shows', binding.visible, (extra ?? (quilt.units === 'cm' ? 3 / 2.54 : 1.25)) / 2),
          ...differ('binding pieces', cut('binding'), 0),
        ]
      const round = 2 * (top.width + top.height + 4 * rawEdge(quilt))
      const lossOf = (wide: number) => (join === 'diagonal' ? wide : 2 * quilt.seam)
      const longest = (id: string) => {
        const cloth = quilt.cloths.find(c => c.id === id)!
        return cloth.form === 'piece' && !cloth.directional ? Math.max(cloth.usable, sheetLength(cloth)) : cloth.usable
      }
      // strip after strip, each joined to what there is
      const dealt = (ids: readonly string[], loss: number) => {
        let count = 1
        for (let reach = longest(ids[0]!); reach < round + 12 - 1e-6; count++)
          reach += longest(ids[count % ids.length]!) - loss
        return count
      }
      const isCut = style !== 'tape' && !isBias
      const strips = isCut ? dealt(cloths, lossOf(strip)) : 1
      const square = binding.square ?? 0
      const squares = binding.squares ?? 0
      const flanges = flange && style === 'flanged' ? dealt([flange.cloth], lossOf(flange.strip)) : 0
      const places = [0, ...binding.joins.map(({ at }) => at), ...(binding.flange?.joins ?? []).map(({ at }) => at)]
      const sides = [top.width + 2 * rawEdge(quilt), top.height + 2 * rawEdge(quilt)]
      const corners = [0, sides[0]!, sides[0]! + sides[1]!, 2 * sides[0]! + sides[1]!]
      const isNear = (at: number) =>
        corners.some(corner => Math.abs(((at - corner + 1.5 * round) % round) - round / 2) < 4 - 1e-6)
      const near = places.filter(at => isNear(binding.start + at)).length
      return [
        ...differ('binding length', binding.length, round + 12),
        ...differ('binding strips', binding.strips, strips),
        ...differ('binding buy', binding.buy, isCut ? strips * strip : isBias ? square * squares : round + 12),
        ...differ('binding pieces', cut('binding'), isCut ? strips : 0),
        ...differ('bias squares', cut('bias-square'), squares),
        ...differ('flange pieces', cut('flange'), flanges),
        ...differ('joins', binding.joins.length, strips - 1),
        ...(isBias && squares * square * (square - 4 * quilt.seam) < (round + 12) * strip - 1e-6
          ? ['the bias squares are too small']
          : []),
        ...(near > binding.badJoins.length ? [`${near} joins near a corner`] : []),
        ...(flange && style === 'flanged'
          ? differ('flange shows', binding.flange!.visible, (flange.strip - strip) / 2)
          : []),
      ]
    },
  },
  {
    number: 18,
    says: 'every sum adds up, and is the number it explains',
    broken: (_, plan) =>
      Object.entries(plan.sums).flatMap(([path, sum]) => {
        const at = path
          .split('.')
          .reduce<unknown>((value, key) => (value as Record<string, unknown> | null)?.[key], plan)
        const added = total(sum.terms.map(term => ('value' in term ? term.value : term.count * term.each)))
        return [
          ...(typeof at === 'number' ? differ(path, sum.total, at) : [`${path} is no number`]),
          ...differ(`${path} added up`, added, sum.total),
        ]
      }),
  },
  {
    number: 19,
    says: 'every computed number has its sum',
    broken: (_, plan) => {
      const wanted = [
        'quilt.width',
        'quilt.height',
        'quilt.edged.width',
        'quilt.edged.height',
        'quilt.blocks',
        'quilt.patches',
        ...plan.stages.flatMap((_, i) => [`stages.${i}.width`, `stages.${i}.height`]),
        ...plan.pieces.flatMap((_, i) => [`pieces.${i}.count`, `pieces.${i}.width`, `pieces.${i}.height`]),
        ...plan.cloths.flatMap((_, i) => [`cloths.${i}.need`, `cloths.${i}.buy`]),
        ...plan.borders.flatMap((_, i) => [`borders.${i}.length`, `borders.${i}.rough`, `borders.${i}.width`]),
        ...(plan.backing ? ['backing.panels', 'backing.panelLength', 'backing.buy'] : []),
        ...(plan.batting ? ['batting.width', 'batting.height'] : []),
        ...(plan.binding ? ['binding.visible'] : []),
        ...(plan.binding && plan.binding.style !== 'self' ? ['binding.length', 'binding.strips', 'binding.buy'] : []),
      ]
      return wanted.filter(path => !plan.sums[path])
    },
  },
  {
    number: 20,
    says: 'seams are patches less one; the sewing tree joins every patch once',
    broken: (_, plan) =>
      plan.blocks.flatMap(block => {
        const leaves: number[] = []
        const walk = (tree: SewingTree): number => {
          if ('patch' in tree) {
            leaves.push(tree.patch)
            return 0
          }
          return 1 + walk(tree.join[0]) + walk(tree.join[1])
        }
        const joins = walk(block.sewing)
        return [
          ...differ(`${block.id} joins`, joins, block.patches - 1),
          ...differ(`${block.id} seams`, block.seams, block.patches - 1),
          ...differ(`${block.id} leaves`, new Set(leaves).size, block.patches),
        ]
      }),
  },
  {
    number: 21,
    says: 'what stands between blocks and on the edge is as much as by hand, and so much is cut',
    broken: settingFaults,
  },
  {
    number: 22,
    says: 'ids are unique, and say nothing of the place in the list',
    broken: (_, { pieces }) =>
      pieces
        .filter((piece, i) => pieces.findIndex(other => other.id === piece.id) !== i)
        .map(piece => `${piece.id} stands twice`),
  },
  {
    number: 23,
    says: 'a piece that fits no cloth is an error, and no other piece is left off',
    broken: (_, { pieces, checks, cloths }) =>
      pieces
        .filter(piece => !cloths.some(c => c.strips.some(s => s.cuts.some(cut => cut.piece === piece.id))))
        .filter(
          piece =>
            !checks.some(
              check => check.id === 'piece-too-large' && check.severity === 'error' && check.data.piece === piece.id,
            ),
        )
        .map(piece => `${piece.id} is nowhere`),
  },
  {
    number: 24,
    says: 'unfinished units are as large as their patches and two seams',
    broken: (quilt, plan) =>
      plan.blocks.flatMap(block =>
        block.units.flatMap(unit => {
          const { width, height } = quilt.blocks.find(b => b.id === block.id)!
          // diamonds and wedges are given with a side level, and may lie along the block's diagonal
          const most =
            (unit.kind === 'diamond' || unit.kind === 'wedge' ? Math.hypot(width, height) : Math.max(width, height))
            + 2 * quilt.seam
          return unit.width > 2 * quilt.seam
            && unit.height > 2 * quilt.seam
            && unit.width <= most + 1e-6
            && unit.height <= most + 1e-6
            ? []
            : [`${block.id} ${unit.kind} ${unit.width} × ${unit.height}`]
        }),
      ),
  },
  {
    number: 25,
    says: 'papers hold every patch once; there are none just where a seam is set in or begins in part',
    broken: (_, plan) =>
      plan.blocks.flatMap(({ id, foundation, patches, setIn, partial }) => {
        if (foundation === null) return setIn + partial > 0 ? [] : [`${id} has no papers`]
        const held = foundation.flatMap(section => section.order)
        return [
          ...(setIn + partial > 0 ? [`${id} has papers and a seam that is not straight`] : []),
          ...differ(`${id} patches on papers`, held.length, patches),
          ...differ(`${id} different patches on papers`, new Set(held).size, patches),
          ...(new Set(foundation.map(section => section.section)).size === foundation.length
            ? []
            : [`${id} has two papers of one name`]),
        ]
      }),
  },
  {
    number: 26,
    says: 'the tree has as many partial seams as the block, and set-in seams where the block has joints to set in',
    broken: (quilt, plan) =>
      plan.blocks.flatMap(block => {
        const kinds: string[] = []
        const walk = (tree: SewingTree) => {
          if ('patch' in tree) return
          kinds.push(tree.kind)
          tree.join.forEach(walk)
        }
        walk(block.sewing)
        const isOnPapers = quilt.blocks.find(b => b.id === block.id)!.method === 'foundation'
        const partial = kinds.filter(kind => kind === 'partial').length
        return [
          ...(isOnPapers ? [] : differ(`${block.id} partial seams`, partial, block.partial)),
          ...(kinds.includes('set-in') === block.setIn > 0
            ? []
            : [`${block.id}: ${block.setIn} joints, and the tree says otherwise`]),
        ]
      }),
  },
  {
    number: 27,
    says: 'a pile feeds only patches that wear its cloth somewhere, and every patch in every cloth it wears',
    broken: (quilt, { pieces, blocks }) => {
      const worn = new Set<string>()
      for (const cell of quilt.setting.cells.flat()) {
        const block = quilt.blocks.find(candidate => candidate.id === cell.block)!
        quilt.designs
          .get(block.design)!
          .patches.forEach(({ role }, patch) =>
            worn.add(`${block.id} ${patch} ${cell.cloths[role] ?? block.cloths[role]}`),
          )
      }
      // pieced sashes and borders wear the cloths of their own
      for (const { id } of blocks) {
        const block = quilt.blocks.find(candidate => candidate.id === id)!
        if (!block.derived || block.derived.what === 'half') continue
        quilt.designs
          .get(block.design)!
          .patches.forEach(({ role }, patch) => worn.add(`${id} ${patch} ${block.cloths[role]}`))
      }
      const fed = new Set(
        pieces.flatMap(piece =>
          piece.for.flatMap(({ block, patches }) => patches.map(patch => `${block} ${patch} ${piece.cloth}`)),
        ),
      )
      return [
        ...[...fed].filter(key => !worn.has(key)).map(key => `${key} is fed and not worn`),
        ...[...worn].filter(key => !fed.has(key)).map(key => `${key} is worn and not fed`),
      ]
    },
  },
  {
    number: 28,
    says: 'every path of a sum leads to the same finite number in the plan as it is written down',
    broken: (_, plan) => {
      const written = JSON.parse(JSON.stringify(plan)) as unknown
      return Object.entries(plan.sums).flatMap(([path, sum]) => {
        const value = path
          .split('.')
          .reduce<unknown>(
            (at, key) =>
              Array.isArray(at) && key === 'length' ? undefined : (at as Record<string, unknown> | null)?.[key],
            written,
          )
        return typeof value === 'number' && Number.isFinite(value) && near(value, sum.total)
          ? []
          : [`${path}: ${String(value)}, not ${sum.total}`]
      })
    },
  },
  {
    number: 29,
    says: 'strips cut at an angle say how; what belongs to no block feeds nothing',
    broken: (_, { pieces, blocks }) =>
      pieces.flatMap(piece => {
        const isAngled = piece.shape === 'strip' && piece.cuts === 'angle'
        const isLoose =
          /^(sashing|setting|filler|frame|edge|border \d+): /.test(piece.use)
          && !blocks.some(block => piece.use.startsWith(block.id))
        return [
          ...(isAngled === (piece.angled !== undefined) ? [] : [`${piece.id}: angled ${JSON.stringify(piece.angled)}`]),
          ...(isLoose && (piece.patches !== 0 || piece.for.length > 0) ? [`${piece.id} feeds blocks`] : []),
        ]
      }),
  },
  {
    number: 30,
    says: 'strips of a set are long enough for the segments that are cut from them',
    broken: (quilt, { pieces, sums }) =>
      pieces.flatMap((piece, i) => {
        if (piece.method !== 'strip-set') return []
        // on stripes a strip may lie turned
        const isUpright = sums[`pieces.${i}.height`]!.terms.some(({ what }) => /^(usable-width|segments)$/.test(what))
        const [length, deep] = isUpright ? [piece.height, piece.width] : [piece.width, piece.height]
        // of a patch one side is the strip's depth; along the strip lies the other, and a seam on both sides of it
        const depth = deep - 2 * quilt.seam
        const segments = piece.for.flatMap(({ block: id, patches }) => {
          const block = quilt.blocks.find(candidate => candidate.id === id)!
          const finished = finishedPatches(quilt.designs.get(block.design)!, block.width, block.height)
          return patches.map(patch => {
            const { width, height } = boundingBox(finished[patch]!)
            const along = Math.abs(width - depth) < Math.abs(height - depth) ? height : width
            // cut to the nearest half step of the ruler; a segment midway between two is taken for the shorter
            const step = quilt.ruler / 2
            const exact = along + 2 * quilt.seam
            return step === 0 ? exact : Math.floor(exact / step + 0.5 - 1e-6) * step
          })
        })
        const perStrip = Math.floor(length / Math.min(...segments) + 1e-6)
        return piece.patches <= piece.count * perStrip
          ? []
          : [`${piece.id}: ${piece.patches} patches, and ${perStrip} from each of ${piece.count} strips`]
      }),
  },
]

/** Of cloth in pieces, what of its length can be cut; a sewn block is eased by up to an eighth of an inch. */
function sheetLength({ length, shrink, tray }: Quilt['cloths'][number]): number {
  return tray === undefined ? length! * (1 - shrink) : length! + 1 / 8
}

/** Everything a plan breaks, each line with the number of its rule. */
export function brokenRules(quilt: Quilt, plan: CheckedPlan): string[] {
  return RULES.flatMap(rule => rule.broken(quilt, plan).map(fault => `rule ${rule.number}: ${fault}`))
}

/** How much wider a border is cut for a binding with a wide seam: the outermost alone, if nothing of it is pieced. */
function widerFor({ borders, binding, seam }: Quilt, border: number): number {
  const outermost = borders.at(-1)
  const isPieced = outermost?.pieced !== undefined || 'block' in (outermost?.cornerWears ?? {})
  return border !== borders.length || isPieced ? 0 : Math.max(0, (binding?.seam ?? seam) - seam)
}

/** From the finished edge of the top to its raw edge. */
function rawEdge(quilt: Quilt): number {
  return quilt.seam + (quilt.borders.length > 0 ? widerFor(quilt, quilt.borders.length) : 0)
}

function tooLarge(plan: CheckedPlan, piece: Piece): boolean {
  return plan.checks.some(check => check.id === 'piece-too-large' && check.data.piece === piece.id)
}

function lies(piece: Piece, usable: number): [number, number][] {
  const flat: [number, number] = piece.grain === 'along' ? [piece.height, piece.width] : [piece.width, piece.height]
  const both: [number, number][] = piece.grain === 'any' ? [flat, [flat[1], flat[0]]] : [flat]
  return both.filter(([across]) => across <= usable + 1e-6)
}

function ownStrips(pieces: readonly Piece[], usable: number): number {
  const groups = new Map<string, Piece[]>()
  for (const piece of pieces) {
    const key =
      piece.grain === 'any'
        ? [piece.width, piece.height]
            .sort((a, b) => a - b)
            .map(v => v.toFixed(6))
            .join()
        : `${piece.width.toFixed(6)},${piece.height.toFixed(6)},${piece.grain}`
    groups.set(key, [...(groups.get(key) ?? []), piece])
  }
  return total(
    [...groups.values()].map(group => {
      const count = total(group.map(piece => piece.count))
      // so many side by side that rounding in the sixth place of each is not enough to let one more in
      const perStrip = (across: number) => Math.floor(usable / across + 1e-9)
      return Math.min(...lies(group[0]!, usable).map(([across, down]) => Math.ceil(count / perStrip(across)) * down))
    }),
  )
}

interface Rectangle {
  x: number
  y: number
  width: number
  height: number
}

/** Whether rectangles can be parted by cuts from edge to edge, again and again. */
function guillotine(parts: readonly Rectangle[]): boolean {
  if (parts.length <= 1) return true
  for (const [start, size] of [
    ['x', 'width'],
    ['y', 'height'],
  ] as const) {
    const sorted = [...parts].sort((a, b) => a[start] - b[start])
    let end = sorted[0]![start] + sorted[0]![size]
    for (let i = 1; i < sorted.length; i++) {
      if (sorted[i]![start] >= end - 1e-6) return guillotine(sorted.slice(0, i)) && guillotine(sorted.slice(i))
      end = Math.max(end, sorted[i]![start] + sorted[i]![size])
    }
  }
  return false
}

import { RING } from './ring'
import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { rolesOf } from '../designs/design'
import type { QuiltFile } from '../file/schema'
import { cutUp } from './randomBlocks'

type Design = NonNullable<QuiltFile['designs']>[number]

const cutList = fc.array(fc.record({ which: fc.nat(20), from: fc.nat(7), to: fc.nat(7) }), { maxLength: 6 })

const ownDesign = fc
  .record({ width: fc.integer({ min: 1, max: 6 }), height: fc.integer({ min: 1, max: 6 }), cuts: cutList })
  .map(({ width, height, cuts }): Design => ({
    id: 'own',
    name: 'Own block',
    width,
    height,
    patches: cutUp(
      [
        [
          [0, 0],
          [width, 0],
          [width, height],
          [0, height],
        ],
      ],
      cuts,
    ).map((points, i) => ({
      role: i % 2 === 0 ? 'light' : 'dark',
      points: points.map(([x, y]): [number, number] => [x, y]),
    })),
  }))

const ring: Design = {
  id: 'own',
  name: 'Ring',
  width: 3,
  height: 3,
  patches: RING.map((points, i) => ({
    role: i === 0 ? 'light' : 'dark',
    points: points.map(([x, y]): [number, number] => [x, y]),
  })),
}

const cloth = fc.record({
  width: fc.constantFrom(40, 42, 44, 108),
  directional: fc.boolean(),
  striped: fc.boolean(),
  shrink: fc.constantFrom(0, 0, 0.03),
  form: fc.constantFrom('yardage' as const, 'yardage' as const, 'yardage' as const, 'piece' as const),
  selvage: fc.option(fc.constantFrom(0, 1, 1.5), { nil: undefined }),
  colour: fc.constantFrom('#26282b', '#f3e7cd', '#c9973a', '#a8402c', '#5b744c'),
})

interface Drawn {
  kind: 'straight' | 'on-point' | 'offset-rows' | 'offset-columns' | 'rows'
  across: number
  down: number
  float: number
  ends: 'half-blocks' | 'cloth'
  stretch: number
  sashing: { outer: boolean; stones: boolean; between: 'both' | 'rows' | 'columns' } | null
}

/** What cannot be had together gives way to the setting. */
function fitting<T extends Drawn>(r: T): T {
  const stones = r.sashing?.between === 'both' && r.sashing.stones
  switch (r.kind) {
    case 'straight':
      return { ...r, sashing: r.sashing && { ...r.sashing, stones } }
    case 'rows':
      return {
        ...r,
        ends: 'cloth',
        sashing: r.sashing && { ...r.sashing, stones: false, between: 'rows' },
      }
    case 'on-point':
      return {
        ...r,
        stretch: 1,
        float: r.sashing ? 0 : r.float,
        sashing: r.sashing && { ...r.sashing, outer: true, stones: true, between: 'both' },
      }
    default:
      return {
        ...r,
        ends: (r.kind === 'offset-rows' ? r.across : r.down) < 2 ? 'cloth' : r.ends,
        sashing: r.sashing && r.ends === 'cloth' ? { ...r.sashing, stones: false, between: 'both' } : null,
      }
  }
}

/** By the agreement: on point rows by turns, and with half blocks one whole block fewer in a shifted line. */
function placesInRows({ kind, across, down, ends }: Drawn): number[] {
  const rows = (count: number, length: (r: number) => number) => Array.from({ length: count }, (_, r) => length(r))
  if (kind === 'on-point') return rows(2 * down - 1, r => (r % 2 === 0 ? across : across - 1))
  if (kind === 'offset-rows' && ends === 'half-blocks') return rows(down, r => (r % 2 === 0 ? across : across - 1))
  if (kind === 'offset-columns' && ends === 'half-blocks')
    return rows(down, r => (r === down - 1 ? Math.ceil(across / 2) : across))
  return rows(down, () => across)
}

function bindingOf(style: string, id: (i: number) => string, scale: number): object {
  if (style === 'bias') return { bias: true, cloth: id(4) }
  if (style === 'scrappy') return { cloth: [id(4), id(1), id(2)] }
  if (style === 'flanged')
    return { style, cloth: id(4), strip: 1.5 * scale, flange: { strip: 1.75 * scale, cloth: id(1) } }
  return style === 'self' ? { style } : { style, cloth: id(4) }
}

/**
 * Quilt files of every sort that Wren plans so far: own and shipped designs, sizes on and off the ruler, sashing,
 * borders, cloths, measures.
 */
export const randomQuilt: fc.Arbitrary<QuiltFile> = fc
  .record({
    units: fc.constantFrom('in' as const, 'cm' as const),
    own: fc.oneof({ weight: 4, arbitrary: ownDesign }, { weight: 1, arbitrary: fc.constant(ring) }),
    shipped: fc.constantFrom(...SHIPPED_DESIGNS),
    cloths: fc.array(cloth, { minLength: 2, maxLength: 5 }),
    size: fc.oneof(
      fc.integer({ min: 16, max: 120 }).map(n => n / 8),
      fc.double({ min: 3, max: 15, noNaN: true }),
    ),
    across: fc.integer({ min: 1, max: 6 }),
    down: fc.integer({ min: 1, max: 6 }),
    stretch: fc.constantFrom(1, 1, 3 / 4, 4 / 3),
    trim: fc.constantFrom(undefined, 'exact' as const, 'little' as const, 'generous' as const),
    aim: fc.constantFrom(
      'least-cloth' as const,
      'fewest-steps' as const,
      'most-exact' as const,
      'from-precuts' as const,
    ),
    ruler: fc.constantFrom(undefined, 0, '1/8', '1/4'),
    seam: fc.constantFrom(undefined, undefined, '3/8'),
    kind: fc.constantFrom(
      'straight' as const,
      'straight' as const,
      'straight' as const,
      'on-point' as const,
      'offset-rows' as const,
      'offset-columns' as const,
      'rows' as const,
    ),
    float: fc.constantFrom(0, 0, 4, 9),
    frame: fc.constantFrom(0, 0, 0, 2, 5, 8),
    ends: fc.constantFrom('half-blocks' as const, 'cloth' as const, 'cloth' as const),
    shift: fc.array(fc.integer({ min: 0, max: 24 }), { maxLength: 4 }),
    sashing: fc.option(
      fc.record({
        width: fc.constantFrom('1', '1 1/2', '2'),
        outer: fc.boolean(),
        stones: fc.boolean(),
        pieced: fc.boolean(),
        piecedStones: fc.boolean(),
        between: fc.constantFrom('both' as const, 'both' as const, 'rows' as const, 'columns' as const),
        long: fc.constantFrom('along' as const, 'across' as const),
      }),
      { nil: null },
    ),
    borders: fc.array(
      fc.record({
        sides: fc.integer({ min: 4, max: 60 }),
        ends: fc.integer({ min: 4, max: 60 }),
        first: fc.constantFrom('sides' as const, 'ends' as const),
        corners: fc.constantFrom(
          'butted' as const,
          'butted' as const,
          'mitred' as const,
          'cloth' as const,
          'design' as const,
        ),
        pieced: fc.constantFrom(false, false, true),
        long: fc.constantFrom('along' as const, 'across' as const),
      }),
      { maxLength: 3 },
    ),
    backing: fc.boolean(),
    binding: fc.option(fc.constantFrom('diagonal' as const, 'straight' as const), { nil: null }),
    bindingSeam: fc.constantFrom(undefined, undefined, 3 / 8, 3 / 16),
    bindingStyle: fc.constantFrom('double', 'double', 'double', 'single', 'flanged', 'tape', 'self', 'bias', 'scrappy'),
    margin: fc.constantFrom(0, 0.1, 0.25),
    colours: fc.array(fc.nat(4), { minLength: 8, maxLength: 8 }),
    turns: fc.array(fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const), {
      minLength: 8,
      maxLength: 8,
    }),
    cells: fc.boolean(),
    measured: fc.boolean(),
    method: fc.constantFrom(
      'auto' as const,
      'auto' as const,
      'auto' as const,
      'template' as const,
      'foundation' as const,
      {
        'half-square': 'hst-4' as const,
        'three-patch': 'three-patch-pairs' as const,
        'wedge': 'wedge-strip-set' as const,
      },
    ),
    spares: fc.constantFrom(0, 0, 2),
    stripes: fc.constantFrom(
      undefined,
      undefined,
      'upright' as const,
      'level' as const,
      'lengthwise' as const,
      'crosswise' as const,
      30,
    ),
  })
  .map((drawn): QuiltFile => {
    const r = fitting(drawn)
    const scale = r.units === 'cm' ? 2.54 : 1
    const id = (n: number) => `cloth${r.colours[n % 8]! % r.cloths.length}`
    const dress = (roles: readonly string[], from: number) =>
      Object.fromEntries(roles.map((role, i) => [role, id(from + i)]))
    // square, or upright, or lying
    const sides =
      r.stretch === 1 ? { size: r.size * scale } : { width: r.size * scale, height: r.size * r.stretch * scale }
    const height = r.size * r.stretch
    /** The block smaller, and strips round it that make up for it. */
    const inFrame = (size: typeof sides) => {
      const width = (r.frame / 8) * scale
      if (r.frame === 0 || r.ends === 'half-blocks' || Math.min(r.size, height) < 4) return size
      const frame = [{ cloth: `cloth${r.cloths.length - 1}`, width }]
      return 'size' in size
        ? { size: size.size! - 2 * width, frame }
        : { width: size.width! - 2 * width, height: size.height! - 2 * width, frame }
    }
    // a block that is not square fits its place upright only
    const turnAt = (i: number) => (r.stretch === 1 ? r.turns[i]! : r.turns[i]! % 180 === 0 ? r.turns[i]! : 0)
    /** A design of two patches: one of triangles, one of strips. */
    const piecedOf = (from: number) => {
      const design = SHIPPED_DESIGNS.find(candidate => candidate.id === (from % 2 ? 'half-square' : 'rail-fence'))!
      return { design: design.id, cloths: dress(rolesOf(design), from) }
    }
    const cornersOf = ({ corners }: { corners: string }, i: number) =>
      corners === 'cloth'
        ? { cloth: id(i + 1) }
        : corners === 'design'
          ? piecedOf(i + 2)
          : (corners as 'butted' | 'mitred')
    /** Rows of one block each by turns, as many as there is room for, and a few fewer. */
    const ownRows = () =>
      Array.from({ length: r.down }, (_, y) => ({
        shift: ((r.shift[y] ?? 0) / 8) * scale,
        cells: Array.from({ length: Math.max(1, r.across - (y % 3)) }, (_, x) => ({
          block: (x + y) % 2 ? 'own' : 'shipped',
          turn: turnAt((x + y) % 8),
        })),
      }))
    const inUnits = (text: string) => `${text}in`
    return {
      format: 'wren-quilt',
      version: 1,
      name: 'Random',
      units: r.units,
      aim: r.aim,
      margin: r.margin,
      spares: r.spares,
      ...(r.ruler === undefined ? {} : { ruler: typeof r.ruler === 'string' ? inUnits(r.ruler) : 0 }),
      ...(r.seam ? { seam: inUnits(r.seam) } : {}),
      cloths: r.cloths.map((c, i) => ({
        id: `cloth${i}`,
        colour: c.colour,
        pattern: c.striped ? 'stripe' : 'plain',
        width: c.width * scale,
        directional: c.directional && i === 1,
        shrink: c.shrink,
        form: c.form,
        ...(c.form === 'piece' ? { length: 40 * scale, count: 3 } : {}),
        ...(c.selvage === undefined ? {} : { selvage: c.selvage * scale }),
      })),
      designs: [r.own],
      blocks: [
        { id: 'own', design: 'own', ...inFrame(sides), cloths: dress(['light', 'dark'], 0) },
        {
          id: 'shipped',
          design: r.shipped.id,
          ...sides,
          method: r.method,
          ...(r.trim ? { trim: r.trim } : {}),
          ...(r.stripes ? { stripes: { [rolesOf(r.shipped)[0]!]: r.stripes } } : {}),
          cloths: dress(rolesOf(r.shipped), 2),
        },
      ],
      setting: {
        kind: r.kind,
        ...(r.kind === 'on-point' ? { settingCloth: id(1), float: (r.float / 8) * scale } : {}),
        ...(r.kind.startsWith('offset')
          ? r.ends === 'half-blocks'
            ? { ends: r.ends }
            : { ends: { cloth: id(2) }, ...(r.shift.length > 0 ? { shift: r.shift.map(n => (n / 8) * scale) } : {}) }
          : {}),
        ...(r.kind === 'rows' ? { rows: ownRows(), ends: { cloth: id(2) } } : {}),
        across: r.across,
        down: r.down,
        ...(r.cells
          ? {
              cells: placesInRows(r).map((length, y) =>
                Array.from({ length }, (_, x) => ({
                  block: (x + y) % 2 ? 'own' : 'shipped',
                  turn: turnAt((x + 3 * y) % 8),
                  mirror: (x * y) % 3 === 1,
                  ...((x + y) % 3 === 0 ? { cloths: { [(x + y) % 2 ? 'dark' : rolesOf(r.shipped)[0]!]: id(x) } } : {}),
                })),
              ),
            }
          : {
              fill: [
                ['own', 'shipped'],
                ['shipped', 'own'],
              ],
            }),
        ...(r.sashing
          ? {
              sashing: {
                width: inUnits(r.sashing.width),
                cloth: id(5),
                outer: r.sashing.outer,
                between: r.sashing.between,
                long: r.sashing.long,
                ...(r.sashing.pieced && r.kind === 'straight' && r.sashing.between === 'both'
                  ? { pieced: piecedOf(3) }
                  : {}),
                ...(r.sashing.stones
                  ? {
                      cornerstones: r.sashing.piecedStones && r.kind === 'straight' ? piecedOf(4) : { cloth: id(6) },
                    }
                  : {}),
              },
            }
          : {}),
      },
      borders: r.borders.map((b, i) => ({
        sides: (b.sides / 8) * scale,
        ends: (b.ends / 8) * scale,
        cloth: id(i),
        first: b.first,
        corners: cornersOf(b, i),
        ...(b.pieced && (b.corners === 'cloth' || b.corners === 'design') ? { pieced: piecedOf(i) } : {}),
        long: b.long,
      })),
      ...(r.backing ? { backing: { cloth: id(3) }, batting: {} } : {}),
      ...(r.binding
        ? {
            binding: {
              join: r.binding,
              ...bindingOf(r.bindingStyle === 'self' && !r.backing ? 'double' : r.bindingStyle, id, scale),
              ...(r.bindingSeam ? { seam: r.bindingSeam * scale } : {}),
            },
          }
        : {}),
      ...(r.measured
        ? {
            made: [
              {
                what: 'block',
                block: 'own',
                width: [(r.size + 0.4) * scale, (r.size + 0.45) * scale],
                height: [(height + 0.4) * scale, (height + 0.45) * scale],
              },
              { what: 'setting', width: [(r.size * r.across + 1) * scale, (r.size * r.across + 1.25) * scale] },
            ],
          }
        : {}),
    }
  })

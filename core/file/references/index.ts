import { tilingFaults, type TilingFault } from '../../geometry/tiling'
import type { Point } from '../../geometry/polygon'
import { UNIT_DEFAULTS } from '../../measure/units'
import { bindingProblems } from '../bindingProblems'
import type { Problem } from '../problem'
import { quiltingProblems } from '../quiltingProblems'
import type { ParsedQuilt } from '../schema'
import { blockReferences } from './blockReferences'
import { borderReferences } from './borderReferences'
import { knownOf, needCloth, type Known } from './known'
import { settingReferences } from './settingReferences'

type DesignEntry = ParsedQuilt['designs'][number]

/**
 * What the shape of a file cannot say: that everything it names is there, that designs tile, that what must have a
 * size has one.
 */
export function referenceProblems(file: ParsedQuilt): Problem[] {
  const known = knownOf(file)
  const { backing, hanging, label } = file
  return [
    ...repeatedIds(file),
    ...file.cloths.flatMap((cloth, i) => clothProblems(cloth, i, file.units)),
    ...file.heaps.flatMap(({ cloths }, i) =>
      cloths.flatMap((cloth, k) => needCloth(known, cloth, ['heaps', i, 'cloths', k])),
    ),
    ...file.designs.flatMap(designProblems),
    ...file.designs.flatMap((design, i) => scrapReferences(known, design, i)),
    ...file.blocks.flatMap((block, i) => blockReferences(known, block, ['blocks', i])),
    ...settingReferences(known, file.setting),
    ...file.borders.flatMap((border, i) => borderReferences(known, border, ['borders', i])),
    ...needCloth(known, backing?.cloth, ['backing', 'cloth']),
    ...needCloth(known, hanging?.cloth, ['hanging', 'cloth']),
    ...needCloth(known, label?.cloth, ['label', 'cloth']),
    ...(backing?.inHand.flatMap(({ cloth }, i) => needCloth(known, cloth, ['backing', 'inHand', i, 'cloth'])) ?? []),
    ...bindingProblems(known, file),
    ...quiltingProblems(file),
  ]
}

function repeatedIds(file: ParsedQuilt): Problem[] {
  return (['cloths', 'heaps', 'blocks', 'designs', 'tray'] as const).flatMap(list => {
    const seen = new Set<string>()
    return file[list].flatMap(({ id }, i): Problem[] => {
      const isRepeated = seen.has(id)
      seen.add(id)
      return isRepeated ? [{ code: 'repeated', path: [list, i, 'id'], got: id }] : []
    })
  })
}

/** A piece has a length, and of every cloth something must be left. */
function clothProblems(cloth: ParsedQuilt['cloths'][number], i: number, units: ParsedQuilt['units']): Problem[] {
  const isPiece = cloth.form === 'piece'
  const usable = cloth.width * (1 - cloth.shrink) - (cloth.selvage ?? (isPiece ? 0 : UNIT_DEFAULTS[units].selvage))
  const expected = { kind: 'length' } as const
  return [
    ...(isPiece && cloth.length === undefined
      ? [{ code: 'expected' as const, path: ['cloths', i, 'length'], expected, got: undefined }]
      : []),
    ...(usable < 1
      ? [
          {
            code: 'expected' as const,
            path: ['cloths', i, 'width'],
            expected: { ...expected, least: 1 },
            got: cloth.width,
          },
        ]
      : []),
  ]
}

function designProblems(design: DesignEntry, i: number): Problem[] {
  return tilingFaultsOf(design).map((fault): Problem => ({
    code: 'tiling',
    path: ['designs', i, ...(fault.patch >= 0 ? ['patches', fault.patch] : [])],
    fault,
  }))
}

/** The scraps of a picture. */
function scrapReferences(known: Known, { picture }: DesignEntry, i: number): Problem[] {
  return Object.entries(picture?.chart.cloths ?? {}).flatMap(([letter, cloths]) =>
    cloths.flatMap((cloth, k) => needCloth(known, cloth, ['designs', i, 'chart', 'cloths', letter, k])),
  )
}

const looked = new WeakMap<DesignEntry, TilingFault[]>()

/** Looked for once in a design that edits leave as it is. */
function tilingFaultsOf(design: DesignEntry): TilingFault[] {
  const { patches, width, height } = design
  // squares lie side by side as they are
  const known = design.picture ? [] : looked.get(design)
  const faults =
    known
    ?? tilingFaults(
      patches.map(patch => patch.points as Point[]),
      width,
      height,
    )
  looked.set(design, faults)
  return faults
}

import type { Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { UnitKind } from '../../file/unitKinds'

/**
 * A unit in its cloths, turned so that like units look alike. Finished size, polygons from its own top left, in
 * inches.
 */
export interface DressedUnit {
  /** Made from what the unit is; two units with one key are interchangeable. */
  key: string
  kind: UnitKind
  width: Inches
  height: Inches
  patches: readonly DressedPatch[]
  /** Worked before it is cut to size. */
  panel?: Panel
}

/** What is worked has so much cloth beyond its cut edge till then, and stays so far inside its finished edge. */
export interface Panel {
  extra: Inches
  margin: Inches
}

export interface DressedPatch {
  slot: string
  cloth: string
  polygon: Polygon
  /** How it is cut by a template: polygon and allowance, tips cut to fit. */
  cutLine: Polygon
  /** Its print has an up, or its stripes a direction: it may not be cut turned. */
  isUpright?: boolean
  /** How stripes are to run in it, as it lies in the unit: degrees clockwise from upright, less than 180. */
  stripes?: number
}

export function clothsOf(unit: DressedUnit): string[] {
  return [...new Set(unit.patches.map(patch => patch.cloth))]
}

export function patchAt(unit: DressedUnit, slot: string): DressedPatch {
  const patch = unit.patches.find(candidate => candidate.slot === slot)
  if (!patch) throw new Error(`${unit.kind} has no ${slot}`)
  return patch
}

export function isDirectional(unit: DressedUnit): boolean {
  return unit.patches.some(patch => patch.isUpright)
}

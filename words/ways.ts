import type { PlannedUnit } from '../core/quilt/plannedBlock'
import { aimName, methodName } from './names'

/** Why the plan takes the way it takes, in a sentence. */
export function whyThisWay({ method, ways }: Pick<PlannedUnit, 'method' | 'ways'>, aim: string): string {
  const taken = ways.find(way => way.method === method)!
  const others = ways.filter(way => way !== taken)
  if (others.length === 0) return 'There is no other way to make it.'
  const next = others.reduce((a, b) => b.area < a.area ? b : a)
  const more = Math.round((next.area / taken.area - 1) * 100)
  if (more > 1) return `Taken for ${aimName(aim)}: ${methodName(next.method)}, the next in cloth, takes ${more} % more.`
  if (more < -1) return `Taken for ${aimName(aim)}; ${methodName(next.method)} would take ${-more} % less cloth.`
  const easier = others.reduce((a, b) => b.seams + b.cuts < a.seams + a.cuts ? b : a)
  return taken.seams + taken.cuts <= easier.seams + easier.cuts
    ? `Taken for ${aimName(aim)}: no other way takes less cloth, and none has fewer seams and cuts.`
    : `Taken for ${aimName(aim)}: it takes no more cloth than any other; ${methodName(easier.method)} has fewer seams and cuts.`
}

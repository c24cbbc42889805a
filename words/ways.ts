import type { PlannedUnit, PlannedWay } from '../core/quilt/plannedBlock'
import { aimName, capital, methodName } from './names'

/** Why the plan takes the way it takes, in a sentence. */
export function whyThisWay({ method, ways, isAsked }: Pick<PlannedUnit, 'method' | 'ways' | 'isAsked'>, aim: string): string {
  const taken = ways.find(way => way.method === method)!
  const others = ways.filter(way => way !== taken)
  if (others.length === 0) return 'There is no other way to make it.'
  if (isAsked) return asChosen(taken, others.reduce((a, b) => b.area < a.area ? b : a))
  const next = others.reduce((a, b) => b.area < a.area ? b : a)
  const more = Math.round((next.area / taken.area - 1) * 100)
  if (more > 1) return `Taken for ${aimName(aim)}: ${methodName(next.method)}, the next in cloth, takes ${more} % more.`
  if (more < -1) return `Taken for ${aimName(aim)}; ${methodName(next.method)} would take ${-more} % less cloth.`
  const easier = others.reduce((a, b) => b.seams + b.cuts < a.seams + a.cuts ? b : a)
  return taken.seams + taken.cuts <= easier.seams + easier.cuts
    ? `Taken for ${aimName(aim)}: no other way takes less cloth, and none has fewer seams and cuts.`
    : `Taken for ${aimName(aim)}: it takes no more cloth than any other; ${methodName(easier.method)} has fewer seams and cuts.`
}

function asChosen(taken: PlannedWay, least: PlannedWay): string {
  const less = Math.round((1 - least.area / taken.area) * 100)
  const work = Math.round((least.seams + least.cuts - taken.seams - taken.cuts) * 100) / 100
  const more = work > 0 ? `, with ${work} more seams and cuts for each` : work < 0 ? `, with ${-work} fewer seams and cuts for each` : ''
  return less > 1 ? `Your choice. ${capital(methodName(least.method))}, it would take ${less} % less cloth${more}.` : 'Your choice; no other way takes less cloth.'
}

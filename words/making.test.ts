import type { PlannedWay } from '../core/quilt/plannedBlock'
import { planQuilt } from '../core/quilt/plan'
import { readQuilt } from '../core/quilt/readQuilt'
import sample from '../core/quilt/sample.wren.json'
import { blockTroubleText, draftFaultText, sewingText } from './drafting'
import { pageWords, templateCount } from './paper'
import { stepParts, stepText } from './step'
import { textOf } from './textPart'
import { whyThisWay } from './ways'

const us = { units: 'in', english: 'us' } as const

test('the reason for a way is the true one', () => {
  const way = (method: PlannedWay['method'], area: number, work: number): PlannedWay => ({ method, area, length: 1, waste: 0, seams: work, cuts: 0, biasEdges: 0, trim: true, over: 0, fitsPieces: true })
  const why = (...ways: PlannedWay[]) => whyThisWay({ method: ways[0]!.method, ways, isAsked: false }, 'least-cloth')
  const asked = (...ways: PlannedWay[]) => whyThisWay({ method: ways[0]!.method, ways, isAsked: true }, 'least-cloth')
  expect(why(way('hst-2', 100, 1))).toBe('There is no other way to make it.')
  expect(why(way('hst-2', 100, 1), way('template', 150, 1))).toContain('takes 50 % more')
  expect(why(way('template', 150, 1), way('hst-2', 75, 1))).toContain('50 % less cloth')
  expect(why(way('hst-2', 100, 1), way('hst-8', 100, 2))).toContain('none has fewer seams and cuts')
  expect(why(way('hst-2', 100, 2), way('hst-8', 100, 1))).toContain('eight at a time has fewer')
  // what the quilter chose is not put down to the aim
  expect(asked(way('template', 150, 1), way('hst-2', 75, 3))).toBe('Your choice. Two at a time, it would take 50 % less cloth, with 2 more seams and cuts for each.')
  expect(asked(way('hst-2', 75, 1), way('template', 150, 1))).toBe('Your choice; no other way takes less cloth.')
})

test('every unit of the sample says why, in a sentence', () => {
  const quilt = readQuilt(sample)
  if (!quilt.ok) throw new Error('sample')
  for (const unit of planQuilt(quilt.value).plan.blocks.flatMap(block => block.units)) expect(whyThisWay(unit, 'least-cloth')).toMatch(/^[A-Z].*\.$/)
})

test('a step in parts reads like the step in words, and its lengths are those of its data', () => {
  const step = { code: 'layer-two-on-large', data: { large: 5.75, small: 3.125 } }
  const parts = stepParts(step, us)
  expect(textOf(parts)).toBe(stepText(step, us))
  expect(parts.flatMap(part => typeof part === 'string' ? [] : [part.inches])).toEqual([3.125, 5.75])
})

test('how a block is sewn, what is wrong with a drawing, what a page says', () => {
  expect(sewingText({ setIn: 0, partial: 0, isProven: true, papers: 1 })).toBe('Straight seams sew it. On foundation papers it takes 1 paper.')
  expect(sewingText({ setIn: 8, partial: 0, isProven: true, papers: null })).toContain('8 set-in joints')
  expect(sewingText({ setIn: 0, partial: 2, isProven: false, papers: null })).toContain('fewer might do')
  expect(draftFaultText({ code: 'gap-or-overlap', patch: 0, at: [1.25, 3] })).toContain('near 1.3 across, 3 down')
  expect(blockTroubleText({ code: 'curved', figure: 2, what: 'circle' })).toContain('Figure 2 (circle)')
  expect(templateCount({ letter: 'A', roles: [], count: 4, reversed: 2, seamLine: [], cutLine: [], dots: [], grain: 0 }, 3)).toBe('cut 12, and 6 turned over')
  expect(pageWords('T', us).page(1, 2)).toContain('Page 1 of 2')
})

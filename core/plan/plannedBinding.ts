import { isSewnOn, type BackStyle } from '../file/bindings'
import type { Binding, SelfBinding } from '../layers/binding/binding'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'

/** The back brought round, or what is sewn on. */
export type PlannedBinding = { style: BackStyle; extra: Inches; visible: Inches } | PlannedStrips

export interface PlannedStrips {
  style: Binding['style']
  length: Inches
  strips: number
  strip: Inches
  buy: Inches
  /** Of the ends where they are closed. */
  overlap: Inches
  /** On the front, and on the back. */
  visible: Inches
  back: Inches
  /** Where the ends are closed: along the raw edge from the top left corner, clockwise. */
  start: Inches
  /** Cut off the head of the joined strips, so that the joins come to lie as said. */
  trim: Inches
  /** Between strips, along the edge from the start, in the order of sewing. */
  joins: { at: Inches }[]
  /** Strips that are cut shorter before they are joined, counted from 1. */
  shortened: { strip: number; by: Inches }[]
  /** Of all joins, the closing one and the flange's among them, those that lie too near to a corner or each other. */
  badJoins: Inches[]
  flange?: {
    strip: Inches
    strips: number
    length: Inches
    visible: Inches
    buy: Inches
    trim: Inches
    joins: { at: Inches }[]
  }
  /** Side of the square that bias strips are cut from, and how many of them. */
  square?: Inches
  squares?: number
}

/** The binding as the plan tells it. */
export function plannedBinding(binding: Binding | SelfBinding): Explainable<PlannedBinding> {
  if (!isSewnOn(binding)) {
    const { style, extra, visible } = binding
    return { style, extra, visible: explained(visible) }
  }
  const { style, strip, placed, flange, square } = binding
  const at = (joins: readonly Inches[]) => joins.map(join => ({ at: join }))
  return {
    style,
    length: explained(binding.length),
    strips: explained(binding.strips),
    strip,
    buy: explained(binding.buy),
    overlap: explained(binding.overlap),
    visible: explained(binding.visible),
    back: explained(binding.back),
    start: placed.start,
    trim: placed.trim,
    joins: at(placed.joins),
    shortened: placed.shortened,
    badJoins: placed.faults,
    ...(flange
      ? {
          flange: {
            strip: flange.strip,
            strips: explained(flange.strips),
            length: explained(flange.length),
            visible: explained(flange.visible),
            buy: explained(flange.buy),
            trim: placed.flangeTrim,
            joins: at(placed.flangeJoins),
          },
        }
      : {}),
    ...(square ? { square: explained(square.side), squares: square.count } : {}),
  }
}

import type { MethodContext } from './method'

/** Two cloths right sides together. The mark goes on the upper one. */
export interface Layers {
  under: string
  over: string
}

/** The lighter one lies on top, for marks show on it. Only where which one it is does not decide the hand. */
export function lighterOnTop(first: string, second: string, { isDarker }: Pick<MethodContext, 'isDarker'>): Layers {
  return isDarker(second, first) ? { under: second, over: first } : { under: first, over: second }
}

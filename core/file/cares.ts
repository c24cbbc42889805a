/** How closely squares that are trimmed after sewing are cut. */
export const CARES = ['exact', 'little', 'generous'] as const
export type TrimAllowance = (typeof CARES)[number]

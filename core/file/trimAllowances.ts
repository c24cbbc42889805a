/** How closely squares that are trimmed after sewing are cut. */
export const TRIM_ALLOWANCES = ['exact', 'little', 'generous'] as const
export type TrimAllowance = (typeof TRIM_ALLOWANCES)[number]

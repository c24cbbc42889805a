/** To the first or the second of the parts that a seam joins, or open. */
export type Press = 'first' | 'second' | 'open'

/** The same as it is said and drawn. */
export type Direction = 'up' | 'down' | 'left' | 'right' | 'open'

/**
 * How many cases of a property are tried: a third of them each time everything is tested, all of them, and others each
 * time, by `npm run explore`.
 */
export function runs(all: number): number {
  return process.env.EXPLORE === '1' ? all : Math.ceil(all / 3)
}

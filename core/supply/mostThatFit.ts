/**
 * The most, from `least` to `most`, for which `fits` holds, where it holds for fewer: it does for that number, and
 * does not for the next. Null: not even for `least`. Asked for about log₂ of them; a generator, so that a worker may
 * say how far it is.
 */
export function* mostThatFit(
  least: number,
  most: number,
  fits: (count: number) => boolean,
): Generator<undefined, number | null> {
  yield
  if (!fits(least)) return null
  yield
  if (fits(most)) return most
  let [low, high] = [least, most]
  while (high - low > 1) {
    const middle = (low + high) >> 1
    yield
    if (fits(middle)) low = middle
    else high = middle
  }
  return low
}

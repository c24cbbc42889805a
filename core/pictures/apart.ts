// by their own names: they are asked for a million times, and a look at the global each time is slow
const { abs, atan2, cos, exp, sin, sqrt, PI } = Math
const RAD = PI / 180
const POW7 = 25 ** 7

/**
 * CIEDE2000 of two colours given by their numbers: the same as `labApart`, without an object for each, for the
 * hundred thousand pairs of a picture. Source: CIE 142; Sharma, Wu, Dalal 2005.
 */
export function apart(l1: number, a1: number, b1: number, l2: number, a2: number, b2: number): number {
  const mean7 = ((length(a1, b1) + length(a2, b2)) / 2) ** 7
  const g = 0.5 * (1 - sqrt(mean7 / (mean7 + POW7)))
  const [x1, x2] = [a1 * (1 + g), a2 * (1 + g)]
  const [c1, c2] = [length(x1, b1), length(x2, b2)]
  const hue = (x: number, b: number) => (x === 0 && b === 0 ? 0 : (atan2(b, x) + 2 * PI) % (2 * PI))
  const [h1, h2] = [hue(x1, b1), hue(x2, b2)]
  const isGrey = c1 * c2 === 0
  let dh = h2 - h1
  if (isGrey) dh = 0
  else if (dh > PI) dh -= 2 * PI
  else if (dh < -PI) dh += 2 * PI
  let h = h1 + h2
  if (!isGrey) {
    if (abs(h1 - h2) > PI) h += h < 2 * PI ? 2 * PI : -2 * PI
    h /= 2
  }
  const { sl, sc, sh } = scales((l1 + l2) / 2, (c1 + c2) / 2, h)
  const c7 = ((c1 + c2) / 2) ** 7
  const turn = 30 * RAD * exp(-(((h / RAD - 275) / 25) ** 2))
  const rotation = -sin(2 * turn) * 2 * sqrt(c7 / (c7 + POW7))
  const [kl, kc] = [(l2 - l1) / sl, (c2 - c1) / sc]
  const kh = (2 * sqrt(c1 * c2) * sin(dh / 2)) / sh
  return sqrt(kl * kl + kc * kc + kh * kh + rotation * kc * kh)
}

/** How large a step of lightness, chroma and hue is there that looks as one. `h` in radians. */
export function scales(l: number, c: number, h: number): { sl: number; sc: number; sh: number } {
  const t = 1 - 0.17 * cos(h - 30 * RAD) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6 * RAD) - 0.2 * cos(4 * h - 63 * RAD)
  const off = (l - 50) ** 2
  return { sl: 1 + (0.015 * off) / sqrt(20 + off), sc: 1 + 0.045 * c, sh: 1 + 0.015 * c * t }
}

function length(x: number, y: number): number {
  return sqrt(x * x + y * y)
}

import type { Step } from '../core/make/steps/step'
import { formatExactLength, formatFigure, formatLength } from './length'
import type { Direction } from '../core/make/steps/press'
import type { StepCount, StepLength } from '../core/make/steps/stepData'
import { joinedParts, type ClothNames } from './joinedPart'
import { sentenceParts } from './sentence'
import { plural, type Speech } from './speech'
import { textOf, type TextPart } from './textPart'

/** One step as a sentence or two. */
export function stepText(step: Pick<Step, 'code' | 'data' | 'joins'>, speech: Speech, cloths?: ClothNames): string {
  return textOf(stepParts(step, speech, cloths))
}

/** Which way the allowance is pressed. */
export const PRESS: Readonly<Record<Direction, string>> = {
  open: 'open',
  up: 'upwards',
  down: 'downwards',
  left: 'to the left',
  right: 'to the right',
}

/** One step as words and lengths. Codes come from the methods and from the joining of blocks, rows and borders. */
export function stepParts(
  { code, data = {}, joins }: Pick<Step, 'code' | 'data' | 'joins'>,
  speech: Speech,
  cloths: ClothNames = new Map(),
): TextPart[] {
  return sentenceParts(data, speech, put => {
    const length = (key: StepLength) => put(key, formatLength)
    // as the quilter gave it: three quarters of a centimetre are no whole millimetres
    const seam = () => put('seam', formatExactLength)
    const size = () => `${put('width', formatFigure)}\u00a0× ${put('height', formatLength)}`
    const count = (key: StepCount) => data[key] ?? 0
    const cloth = (key: 'over' | 'under') => cloths.get(data[key] ?? '') ?? data[key] ?? ''
    const parts = () => (joins ? joinedParts(joins, cloths) : 'the parts')
    // in batches it is pressed later
    const toDots = () => (data.stops ? `, but at ${data.stops === 1 ? 'one end' : 'both ends'} only to the dot` : '')
    const closing = () => (data.closes ? ' Then finish the seam that was left open.' : '')
    const thenPress = () => (data.press ? ` Press ${PRESS[data.press]}.` : '')
    switch (code) {
      case 'cut-plain':
        return `Cut ${size()}, seam included.`
      case 'cut-to-work-on':
        return `Cut ${size()}: generously, to work on.`
      case 'mark-panel':
        return (
          `In its middle mark the cut edge, ${size()}, and the field for the work, ${length('wide')} × `
          + `${length('depth')}, with a pen you tried on a scrap. Embroider or appliqué inside the field.`
        )
      case 'press-panel':
        return `Take the marks off as their maker says, then press it face down on a towel.`
      case 'cut-panel':
        return (
          `Lay the ruler on with the work in the middle, and only now cut it to ${size()}, or to what its `
          + `neighbors measure where they came out smaller.`
        )
      case 'cut-log':
        return `Cut the log ${size()}, seam included.`
      case 'cut-generously':
        return `Cut ${size()}, with plenty to spare; grain does not matter on paper.`
      case 'layer-squares':
        return (
          `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
          + `level, ${cloth('over')} on top.`
        )
      case 'sew-round-the-edge':
        return `Sew all round, ${seam()} from the edge.`
      case 'cut-both-diagonals':
        return (
          `Cut on both diagonals: ${count('gives')} units. Their edges are on the bias now: starch first, and do `
          + `not pull.`
        )
      case 'square-on-half-square':
        return (
          `Lay a ${length('side')} square of ${cloth('over')} right sides together on each half-square. Mark the `
          + `diagonal that crosses the seam and sew ${seam()} away on both sides.`
        )
      case 'cut-mirrored-pair':
        return `Cut on the line: one unit of each hand. Keep the hands apart.`
      case 'sew-half-lines':
        return (
          `From each corner sew to the middle only, ${seam()} to the left of the line; turn the squares and do the `
          + `next corner.`
        )
      case 'cut-pairs-alike':
        return `Cut on both lines: ${count('gives')} pairs of quarters, all of one hand. Press to the darker.`
      case 'sew-half-to-quarters':
        return `Sew a large triangle to the long side of each pair, right sides together, with ${seam()}.`
      case 'clean-angled-end':
        return (
          `Cut the strip ${length('depth')} deep, single layer, right side up. Clean up its end at `
          + `${count('angle')}°.`
        )
      case 'cut-parallels':
        return (
          `Cut parallels ${length('step')} apart, measured square to the cut: ${count('count')} in all, up to `
          + `${count('gives')} from a strip.`
        )
      case 'cut-end-for-end':
        return (
          `Cut at ${count('angle')}° to the strip, turning end for end, ${length('step')} along the strip for `
          + `each: ${count('count')} in all, up to ${count('gives')} from a strip.`
        )
      case 'cut-by-turned-template':
        return (
          `No ruler has the step from piece to piece: lay the template on the strip and turn it end for end (its `
          + `slanted sides lie at ${count('angle')}°${data.other === data.angle ? '' : ` and ${count('other')}°`}): `
          + `${count('count')} in all, up to ${count('gives')} from a strip.`
        )
      case 'cut-wedges-in-turn':
        return (
          `Cut wedges of ${count('angle')}° turning end for end, each with its blunt tip on one seam and its `
          + `corner's edge, ${length('wide')} wide, on the far edge of the set: ${count('count')} in all, up to `
          + `${count('gives')} from a set. What lies between is over.`
        )
      case 'trim-corner-later':
        return (
          `The corners come out too deep, with slanted ends: leave them. When the block is together, square it `
          + `from its center; until then a wedge with its corner takes up ${size()}.`
        )
      case 'sew-corner-to-wedge':
        return (
          `Sew a corner to the base of each wedge, middles matched, with ${seam()}. Both edges are on the bias: do `
          + `not pull.`
        )
      case 'foundation-add': {
        // the first patch of a paper is laid on with the second
        const first =
          count('number') === 2
            ? `Paper ${data.section}: lay patch 1 right side up under its number, on the unprinted side; held to `
              + `the light it must reach ${seam()} past its lines all round. `
            : ''
        return (
          first
          + `Paper ${data.section}, patch ${count('number')}: lay it right sides together on what is there, turn `
          + `the paper over and sew on the line, short stitches. Fold the paper back, trim to ${seam()}, flip and `
          + `press.`
        )
      }
      case 'cut-once':
        return `Cut the ${length('side')} squares once, corner to corner. Bias edges now: handle them gently.`
      case 'cut-twice':
        return `Cut the ${length('side')} squares on both diagonals.`
      case 'cut-large-twice-small-once':
        return `Cut the ${length('large')} squares on both diagonals, the ${length('small')} squares once.`
      case 'cut-corner-squares-once':
        return (
          `Cut the ${length('side')} squares once, corner to corner, for the corners. The center is `
          + `${length('centre')} square.`
        )
      case 'cut-template':
        return (
          `Cut by the template, ${size()} over all`
          + `${data.hand === 'left' || data.hand === 'right' ? `, ${data.hand} hand` : ''}.`
          + (count('pairs') === 0 ? ' Single layer, right side up.' : '')
        )
      case 'layer-rectangles':
        return (
          `Lay the rectangles two by two, right sides together, and cut both at once: triangles of each hand. `
          + `${plural(count('pairs'), 'triangle')} of each in all.`
        )
      case 'cut-off-the-diagonal':
        return (
          `Cut the ${size()} rectangles from a mark on the upper edge, ${length('mark')} from the ${data.from} `
          + `corner, to a mark on the lower edge, ${length('mark')} from the ${data.to} corner, long side upright: `
          + (count('pairs') > 0
            ? `two triangles from each layer, those of the upper one turned over.`
            : `two triangles alike, ${data.hand} hand.`)
        )
      case 'layer-both-hands':
        return (
          `Lay two layers right sides together and cut through both: one piece of each hand. `
          + `${plural(count('pairs'), 'pair')} in all`
          + (count('alone') > 0
            ? `; ${count('alone')} more of the ${data.hand} hand from a single layer, right side up.`
            : '.')
        )
      case 'layer-and-mark':
        return (
          `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
          + `level, ${cloth('over')} on top. Mark one diagonal on it.`
        )
      case 'layer-and-mark-both':
        return (
          `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together, edges `
          + `level, ${cloth('over')} on top. Mark both diagonals on it.`
        )
      case 'layer-for-half-lines':
        return (
          `Lay ${length('side')} squares of ${cloth('over')} and ${cloth('under')} right sides together. `
          + `${cloth('over')} must lie on top: that decides the hand. Mark both diagonals on it.`
        )
      case 'layer-two-on-large':
        return (
          `Lay two ${length('small')} squares right sides down on opposite corners of the ${length('large')} `
          + `square; they overlap a little in the middle. Mark the diagonal through both.`
        )
      case 'lock-and-mark-across':
        return (
          `Lay two of them right sides together, unlike cloths facing, seams locked. Mark the other diagonal and `
          + `sew ${seam()} away on both sides.`
        )
      case 'sew-both-sides':
        return `Sew ${seam()} away from the line, on both sides of it. Chain them.`
      case 'sew-long-sides':
        return `Sew two triangles along their long sides, right sides together, with ${seam()}. Do not pull.`
      case 'sew-pairs-then-halves':
        return `Sew the triangles in pairs along a short side, press, then join the two halves, centers matched.`
      case 'sew-skies':
        return (
          `Sew one small triangle to each slanted side of the goose, the left one first. Press each away from the `
          + `goose.`
        )
      case 'sew-opposite-corners':
        return `Sew corner triangles to two opposite sides of the center, middles matched. Press outwards.`
      case 'sew-other-corners':
        return `Sew the other two. Let the tips stick out equally at both ends.`
      case 'sew-row':
        return `Sew the ${count('pieces')} pieces side by side with ${seam()}.`
      case 'sew-patches':
        return `Sew the patches together in this arrangement.`
      case 'sew-strips-along':
        return (
          `Sew ${count('strips')} strips side by side along their length, ${plural(count('sets'), 'set')}. Turn `
          + `the set after each seam so that it does not bow.`
        )
      case 'cut-segments':
        return (
          `Square one end, then cut segments ${length('segment')} wide: ${count('count')} in all, up to `
          + `${count('gives')} from a full set.`
        )
      case 'cut-on-line':
        return `Cut on the line: ${count('gives')} units.`
      case 'cut-on-line-and-press':
        return `Cut on the line and press both halves to the dark.`
      case 'cut-in-four-and-across':
        return (
          `Cut in four through the middle, upright and level, then on the marked lines: ${count('gives')} units. `
          + `Do not move the pieces between cuts.`
        )
      case 'cut-and-press-hearts':
        return `Cut on the line. Press the small triangles out: two hearts.`
      case 'square-on-each-heart':
        return (
          `Lay a ${length('small')} square on the corner of each heart, right sides together. Mark from the corner `
          + `to between the ears and sew ${seam()} away on both sides.`
        )
      case 'mark-corner-squares':
        return `Mark one diagonal on the wrong side of each ${length('side')} square.`
      case 'sew-corner-square':
        return `Lay a square right sides together in the corner and sew on the line, or a thread outside it.`
      case 'fold-check-then-trim':
        return (
          `Fold it over and press. Check that it covers the corner; only then cut the two layers behind it, `
          + `${seam()} from the seam.`
        )
      case 'same-on-other-corner':
        return `The same on the other corner.`
      case 'press-as-behind':
        return `Set the seams shut, then press each the way the back view of its block shows.`
      case 'press-open':
        return `Set the seam shut, then press it open.`
      case 'press-outwards':
        return `Set the seams shut, then press every corner outwards, away from the middle.`
      case 'press-to-dark':
        return `Set the seam shut, then press to the darker side, down and up without sliding.`
      case 'trim-half-square':
        return `Trim to ${size()}: 45° line of the ruler on the seam, two sides; turn, the other two.`
      case 'trim-closed-half-square':
        return (
          `Leave it closed. Lay a square ruler on it with its ${length('side')} marks, on both of its edges, on the `
          + `line of stitches; cut the two sides that stand out, then both ears, square to the stitches.`
        )
      case 'trim-quarter-square':
        return `Trim to ${size()}: the center of the ruler on the crossing, the 45° line on one seam.`
      case 'trim-goose':
        return `Trim to ${size()}: keep ${seam()} above the tip, and let the 45° lines of the ruler run on the seams.`
      case 'trim-square-in-square':
        return `Trim to ${size()}: keep ${seam()} beyond each point of the center.`
      case 'join-parts':
        return (
          `Join ${parts()}: right sides together, pin the crossings, sew with ${seam()}${toDots()}.${closing()}`
          + thenPress()
        )
      case 'join-partial':
        return (
          `Join ${parts()} by a part of the seam: stop about halfway. The rest stays open until a later join says `
          + `to finish it.${thenPress()}`
        )
      case 'join-set-in':
        return (
          `Set in ${parts()}: sew from the edge to a dot ${seam()} from the end, never into the allowance; pivot, `
          + `and sew on.${closing()}${thenPress()}`
        )
      case 'join-log':
        return (
          `Join ${parts()}: sew the log on and press it outwards. Trim square to the block if it is long; never `
          + `force it in.${closing()}`
        )
      case 'block-done':
        return `The block should measure ${size()}, raw edge to raw edge. Measure the first one before you cut on.`
    }
  })
}

import { DEMO_QUILTS } from '../../demo'
import { planOf, SAMPLE } from '../testing/quiltOf'

/** What each kind of number may be made of, by the names of its terms; a place in a list is N. Read and agreed. */
const REASONS: Readonly<Record<string, string>> = {
  'asYouGo.edge': 'half-of-the-allowance',
  'asYouGo.sash': 'half-of-the-allowance',
  'asYouGo.sizes.N.back.height': 'allowance finished',
  'asYouGo.sizes.N.back.width': 'allowance finished',
  'asYouGo.sizes.N.batting.height': 'finished',
  'asYouGo.sizes.N.batting.width': 'finished',
  'backing.buy': 'margin panels rounding shrinkage square-up strips',
  'backing.panelLength': 'finished overhang seams top-height top-width',
  'backing.panels': 'panels panels-exactly rounding',
  'backing.pieced.bought.N.height': 'finished seams',
  'backing.pieced.bought.N.width': 'finished seams',
  'backing.pieced.panels.N.height': 'finished seams',
  'backing.pieced.panels.N.units.N.height': 'finished seams',
  'backing.pieced.panels.N.units.N.pieces.N.height': 'finished seams',
  'backing.pieced.panels.N.units.N.pieces.N.width': 'finished seams',
  'backing.pieced.panels.N.units.N.width': 'finished seams',
  'backing.pieced.panels.N.width': 'finished seams',
  'backing.pieced.things.N.height': 'depth-of-strip',
  'backing.pieced.things.N.width': 'cut-from-it length-of-strip',
  'backing.ways.N.buy': 'margin panels rounding shrinkage square-up',
  'backing.ways.N.panelLength': 'overhang seams top-height top-width',
  'backing.ways.N.panels': 'panels-exactly rounding',
  'batting.buy.length': 'lengths-of-batting rounding',
  'batting.height': 'overhang seams top-height',
  'batting.left.N.height': 'batting-needed length-bought overhang packet-height seams top-width',
  'batting.left.N.width': 'batting-needed lengths-of-batting overhang packet-width seams top-width width-as-sold',
  'batting.need': 'lengths-of-batting',
  'batting.width': 'overhang seams top-width',
  'binding.back': 'binding-seam half-of-the-strip turn-over-the-edge',
  'binding.buy': 'strips',
  'binding.length': 'binding-spare seams top-height top-width',
  'binding.overlap': 'strip-width',
  'binding.visible': 'binding-seam half-of-the-extra',
  'binding.strips': 'rounding strips-exactly',
  'blocks.N.height': 'finished seams',
  'blocks.N.measured.beyondPoints': 'allowance',
  'blocks.N.measured.ease': '',
  'blocks.N.measured.error': '',
  'blocks.N.measured.mean': 'measured-mean',
  'blocks.N.measured.quilts.ease.height': 'blocks border sashing',
  'blocks.N.measured.quilts.ease.width': 'blocks border sashing',
  'blocks.N.measured.quilts.needle.height': 'blocks border sashing',
  'blocks.N.measured.quilts.needle.width': 'blocks border sashing',
  'blocks.N.measured.quilts.remake.height': 'blocks border sashing',
  'blocks.N.measured.quilts.remake.width': 'blocks border sashing',
  'blocks.N.measured.quilts.trim.height': 'blocks border sashing',
  'blocks.N.measured.quilts.trim.width': 'blocks border sashing',
  'blocks.N.measured.spread': 'largest smallest',
  'blocks.N.off': 'expected smallest',
  'blocks.N.sewing.height': 'finished seams',
  'blocks.N.sewing.width': 'finished seams',
  'blocks.N.test.N.angled.pitch': 'base-between-its-leg-lines slant-shared-with-the-next',
  'blocks.N.test.N.count': 'frames shared-by units whole-batches',
  'blocks.N.test.N.height': 'finished height-of-the-patch outline-box reach-of-the-tip rounding seams tips',
  'blocks.N.test.N.width': 'advance-of-each finished outline-box rounding seams slant-of-the-end squaring-the-end tips',
  'blocks.N.units.N.bonus.side': 'corner-square lost-at-both-seams',
  'blocks.N.units.N.count': 'units-in-blocks',
  'blocks.N.units.N.height': 'finished seams',
  'blocks.N.units.N.lengths':
    'base-between-its-leg-lines finished half-the-slant half-the-width lies-into-the-next '
    + 'outline-along-the-strip seams slant-shared-with-the-next',
  'blocks.N.units.N.over': 'units-made units-wanted',
  'blocks.N.units.N.ways.N.length': 'strips-of',
  'blocks.N.units.N.width': 'finished seams',
  'blocks.N.width': 'finished seams',
  'borders.N.length': 'blocks border diagonals float sashing seams',
  'borders.N.rough': 'blocks border diagonals float rough-extra sashing seams',
  'borders.N.width': 'finished seams',
  ...Object.fromEntries([...'ABCDEFGH'].map(letter => [`charts.N.counts.${letter}.cut`, 'spare squares'])),
  'charts.N.panels.N.after': 'finished seams',
  'charts.N.panels.N.afterDown': 'finished seams',
  'charts.N.panels.N.before': 'squares',
  'charts.N.panels.N.beforeDown': 'squares',
  'cloths.N.buy': 'long-pieces margin rounding shrinkage square-up strips',
  'cloths.N.cuts': 'cuts-between-pieces cuts-for-columns cuts-for-strips cuts-to-trim',
  'cloths.N.gap': 'least-itself part-of-the-least',
  'cloths.N.laid': 'strips-laid',
  'cloths.N.left.N.height': 'cut-from-it depth-of-strip',
  'cloths.N.left.N.width': 'cut-from-it length-of-strip width-of-the-piece',
  'cloths.N.need': 'long-pieces strips-deep',
  'cloths.N.saved': 'length-taken strips-of-their-own',
  'cloths.N.strips.N.height': 'deepest-piece length',
  'cloths.N.strips.N.width': 'deepest-piece usable-there',
  'cloths.N.usable': 'selvages shrinkage width-as-sold',
  'cloths.N.waste': 'area-used whole',
  'easing.N.each': '',
  'easing.N.off': 'its-place measure',
  'easing.N.place': 'finished seams',
  'hanging.depth': 'half-the-girth play',
  'hanging.finished': 'edged-width gap-in-the-middle kept-in',
  'hanging.length': 'finished hems',
  'hanging.square': 'square-as-chosen',
  'hanging.stick': 'binding-seam edged-width kept-in play',
  'hanging.width': 'seams twice-the-depth',
  'holding.pins': 'rows-of-pins',
  'holding.thread': 'lines-across lines-down',
  'joining.N.deep': 'rows-joined seams',
  'label.height': 'finished turned-under',
  'label.width': 'finished turned-under',
  'pieces.N.angled.pitch':
    'base-between-its-leg-lines lies-into-the-next outline-along-the-strip slant-shared-with-the-next',
  'pieces.N.count':
    'binding-strips blocks cornerstones frames level-sashes pieces-to-cut shared-by spare strips-joined strips-wanted '
    + 'units upright-sashes whole-batches',
  'pieces.N.height':
    'allowance finished height-of-the-patch outline-across-the-strip outline-box reach-of-the-tip rounding '
    + 'seams square-as-chosen strip-as-chosen tips turned-under twice-the-depth',
  'pieces.N.width':
    'advance-of-each allowance blocks border finished hems long-strips lost-in-joins outline-box reach-of-the-last '
    + 'rough-extra rounding '
    + 'seams segments slant-of-the-end square-as-chosen squaring-the-end tips turned-under usable-width whole-strips',
  'quilt.blocks': 'rows-of-blocks',
  'quilt.buy': 'backing cloth',
  'quilt.edged.height': 'binding-edge blocks border diagonals float sashing',
  'quilt.edged.width': 'binding-edge blocks border diagonals float sashing',
  'quilt.height': 'blocks border diagonals float sashing',
  'quilt.patches': 'patches-of',
  'quilt.pieces': 'pieces-of',
  'quilt.width': 'blocks border diagonals float sashing',
  'rows.N.height': 'blocks finished half-blocks sashing seams',
  'rows.N.parts.N.height': 'blocks sashing seams',
  'rows.N.parts.N.width': 'blocks sashing seams',
  'rows.N.width': 'blocks finished sashing seams',
  'seamTest.expected': 'seams strips',
  'seamTest.off': 'seam-sewn seam-wanted',
  'seamTest.sewn': 'share-of-each-allowance',
  'stages.N.first.expected': 'blocks border diagonals float sashing seams',
  'stages.N.height': 'blocks border diagonals float sashing',
  'stages.N.measures.height.expected': 'blocks border diagonals float sashing seams',
  'stages.N.measures.width.expected': 'blocks border diagonals float sashing seams',
  'stages.N.planned.height': 'blocks border diagonals float sashing',
  'stages.N.planned.width': 'blocks border diagonals float sashing',
  'stages.N.width': 'blocks border diagonals float sashing',
  'trim.diagonal': 'corner-to-corner',
  'trim.height': 'blocks border diagonals float sashing seams',
  'trim.measures.height.expected': 'blocks border diagonals float sashing seams',
  'trim.measures.width.expected': 'blocks border diagonals float sashing seams',
  'trim.width': 'blocks border diagonals float sashing seams',
}

test('every number is told by its own reasons, and by no other', () => {
  const shrinking = { ...SAMPLE, cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, shrink: 0.05 })) }
  const found = new Map<string, Set<string>>()
  const pieced = {
    ...SAMPLE,
    backing: { cloth: 'cream', way: 'leftovers' as const },
    batting: { width: 90, length: 108 },
    hanging: { cloth: 'cream' },
    label: { cloth: 'cream' },
  }
  const making = {
    ...SAMPLE,
    making: 'as-you-go' as const,
    borders: [],
    setting: { across: 2, down: 2, fill: [['star']] },
  }
  const corners = { ...SAMPLE, batting: { width: 90 }, hanging: { cloth: 'cream', way: 'corners' as const } }
  const nested = {
    ...SAMPLE,
    blocks: [{ id: 'spool', design: 'spool', size: 12, cloths: { spool: 'soot', thread: 'red', ground: 'cream' } }],
    setting: { across: 5, down: 5 },
  }
  for (const file of [SAMPLE, shrinking, pieced, making, corners, nested, ...DEMO_QUILTS]) {
    for (const [path, { terms }] of Object.entries(planOf(file).plan.sums)) {
      const kind = path
        .replaceAll(/\d+/g, 'N')
        .replace(/(\.join\.N)+/, '')
        .replace(/lengths\.\w+/, 'lengths')
      const names = found.get(kind) ?? new Set()
      found.set(kind, names)
      for (const { what } of terms) names.add(what)
    }
  }
  expect(Object.fromEntries([...found].map(([kind, names]) => [kind, [...names].sort().join(' ')]))).toEqual(REASONS)
})

test('a raw side is the finished one and a seam on either side, of the size that the file names', () => {
  for (const file of [SAMPLE, ...DEMO_QUILTS]) {
    const { quilt, plan } = planOf(file)
    const raw = (finished: number) => [
      { what: 'finished', value: expect.closeTo(finished, 9) as number },
      { what: 'seams', count: 2, each: quilt.seam },
    ]
    plan.blocks.forEach(({ id }, i) => {
      const { width, height, frame } = quilt.blocks.find(block => block.id === id)!
      // with its frames
      const round = (side: 'sides' | 'ends') => 2 * frame.reduce((sum, strip) => sum + strip[side], 0)
      expect(plan.sums[`blocks.${i}.width`]!.terms).toEqual(raw(width + round('sides')))
      expect(plan.sums[`blocks.${i}.height`]!.terms).toEqual(raw(height + round('ends')))
    })
    plan.borders.forEach(({ border, side }, i) => {
      const { sides, ends } = quilt.borders[border - 1]!
      expect(plan.sums[`borders.${i}.width`]!.terms).toEqual(raw(side === 'left' || side === 'right' ? sides : ends))
    })
  }
})

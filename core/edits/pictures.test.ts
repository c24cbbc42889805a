import { readQuilt } from '../file/readQuilt'
import { SAMPLE } from '../testing/quiltOf'
import { removeCloth } from './cloths'
import { keepPicture, setChart, type DrawnPicture } from './pictures'

const LAMP: DrawnPicture = {
  name: 'Lamp',
  rows: ['AAB', 'ABB'],
  letters: [
    { letter: 'A', cloths: ['soot', 'cream'], colour: '#222222' },
    { letter: 'B', cloths: [], colour: '#f2c14e', coding: '#ffffff' },
    { letter: 'C', cloths: [], colour: '#00ff00' },
  ],
}
const quiltAfter = (file: unknown) => {
  const read = readQuilt(file)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.value
}

test('a new picture is the whole quilt, its squares as large as asked for, its new cloths on the list', () => {
  const file = keepPicture(LAMP, { block: null, side: 1.5, isWhole: true })(SAMPLE)
  const quilt = quiltAfter(file)
  expect(quilt.blocks.map(({ id, width, height }) => [id, width, height])).toEqual([['lamp', 4.5, 3]])
  expect(quilt.setting.cells.flat().map(({ block }) => block)).toEqual(['lamp'])
  // a letter without squares asks for no cloth
  expect(quilt.cloths.map(({ colour }) => colour)).toContain('#f2c14e')
  expect(quilt.cloths.map(({ colour }) => colour)).not.toContain('#00ff00')
  expect(quilt.designs.get('lamp')!.picture!.chart.colour).toEqual({ B: '#ffffff' })
  expect(quilt.blocks[0]!.cloths).toMatchObject({ A: 'soot', A2: 'cream' })
})

test('drawn on, a picture keeps its place and its chart; as one block among others it stands beside them', () => {
  const beside = { block: null, side: 1.5, isWhole: false }
  const first = keepPicture(LAMP, beside)(SAMPLE)
  expect(first.blocks).toHaveLength(SAMPLE.blocks.length + 1)
  const read = setChart('lamp', { way: 'panels', from: 'bottom' })(first)
  const more = keepPicture({ ...LAMP, rows: ['BBB', 'AAA', 'BBB'] }, { block: 'lamp', side: 2, isWhole: false })(read)
  expect(more.blocks).toHaveLength(first.blocks.length)
  expect(more.designs).toHaveLength(1)
  const { picture } = quiltAfter(more).designs.get('lamp')!
  expect(picture).toMatchObject({ rows: ['BBB', 'AAA', 'BBB'], chart: { way: 'panels', from: 'bottom' } })
  expect(more.blocks.at(-1)).toMatchObject({ width: 6, height: 6 })
})

test('another block of the same picture wears what is new in it', () => {
  const one = keepPicture(LAMP, { block: null, side: 1.5, isWhole: true })(SAMPLE)
  const two = { ...one, blocks: [...one.blocks, { ...one.blocks[0]!, id: 'again' }] }
  const letters = [...LAMP.letters.slice(0, 2), { letter: 'D', cloths: ['red'], colour: '#ff0000' }]
  const next = keepPicture(
    { ...LAMP, rows: ['AAD', 'ABB'], letters },
    { block: 'lamp', side: 1.5, isWhole: false },
  )(two)
  expect(quiltAfter(next).blocks.map(({ id, cloths }) => [id, cloths.D])).toEqual([
    ['lamp', 'red'],
    ['again', 'red'],
  ])
})

test('one cloth changed everywhere is changed among the scraps of a letter too', () => {
  const file = keepPicture(LAMP, { block: null, side: 1.5, isWhole: true })(SAMPLE)
  const swapped = removeCloth('cream', 'soot')(file)
  expect(quiltAfter(swapped).designs.get('lamp')!.picture!.chart.cloths).toEqual({ A: ['soot'] })
})

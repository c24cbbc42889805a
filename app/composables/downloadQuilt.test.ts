import { cleanFileName } from './downloadQuilt'

test.each([
  ['Berth four.wren.json', 'berth-four.wren.json'],
  ['../../etc/passwd.wren.json', 'etc-passwd.wren.json'],
  ['star\u202e\u0000: "points"?.pdf', 'star-points.pdf'],
  ['Zürich № 3-templates.pdf', 'zürich-3-templates.pdf'],
  ['….svg', 'quilt.svg'],
  [`${'long '.repeat(40)}.dxf`, `${'long-'.repeat(12).slice(0, 59)}.dxf`],
])('a file called %j is saved as %s', (name, saved) => {
  expect(cleanFileName(name)).toBe(saved)
})

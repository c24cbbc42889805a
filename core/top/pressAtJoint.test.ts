import { planOf, SAMPLE } from '../testing/quiltOf'
import { pressAtJoint } from './rows'

test('an arrow at each joint of a row points where the row is pressed; beside sashes, into the sash', () => {
  const { plan } = planOf({ ...SAMPLE, setting: { ...SAMPLE.setting, sashing: undefined } })
  for (const row of plan.rows.filter(({ kind }) => kind === 'row'))
    for (let joint = 0; joint < row.parts.length - 1; joint++)
      expect(pressAtJoint(row, joint)).toBe({ left: 'back', right: 'on' }[row.press as 'left'])
  const sashed = planOf({ ...SAMPLE, setting: { ...SAMPLE.setting, sashing: { width: 2, cloth: 'soot' } } }).plan
  const joints = sashed.rows
    .filter(({ press }) => press === 'sashes')
    .flatMap(row => row.parts.slice(1).map((next, joint) => ({ row, next, joint })))
  expect(joints.length).toBeGreaterThan(0)
  for (const { row, next, joint } of joints) {
    const into = pressAtJoint(row, joint) === 'back' ? row.parts[joint]! : next
    expect(into.what).toBe('sash')
  }
})

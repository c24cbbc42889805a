import { meetingText } from './joining'

test('what must stay of an allowance is said in the units of the quilt', () => {
  expect(meetingText('narrow-seam', { units: 'in', english: 'us' })).toContain('At least 1/8″ of it')
  expect(meetingText('narrow-seam', { units: 'cm', english: 'uk' })).toMatch(/At least 0\.3\d*\scm of it/)
})

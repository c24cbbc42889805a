import { readdirSync, readFileSync } from 'node:fs'
import { batchFaults } from '../core/testing/sewBatches'

test.each(readdirSync('demo').filter(name => name.endsWith('.json')))(
  'the batches of %s sewn in order make the top, every piece once',
  name => {
    expect(batchFaults(JSON.parse(readFileSync(`demo/${name}`, 'utf8')))).toEqual([])
  },
)

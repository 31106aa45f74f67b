import { expect, test } from 'vitest'
import { formatNotKnown, notKnown, type Inquiry } from './inquiry.ts'

const asked: Inquiry = { about: 'efficiency', state: 'waiting', place: 'by letter', madeOn: '2026-10-02' }
const looked: Inquiry = { about: 'efficiency', state: 'not-published', place: "maker's site", madeOn: '2026-09-01' }

test('what is claimed is known; of the rest it is said whether anybody looked (common practice, no published source)', () => {
  const open = notKnown([{ kind: 'interval' }], [looked, asked])
  expect(open.map(({ about }) => about)).not.toContain('interval')
  expect(open.map(formatNotKnown)).toEqual([
    "Efficiency: maker asked, waiting, by letter, 2026-10-02; looked up, not published, maker's site, 2026-09-01",
    'Dirt capacity: not looked up',
    'Bypass pressure: not looked up',
    'Burst pressure: not looked up',
    'Flow rate: not looked up',
  ])
})

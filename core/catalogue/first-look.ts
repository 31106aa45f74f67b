import type { Characteristic } from './characteristic.ts'
import { spinOn } from './filter-form.ts'

const first = { part: 'inside', station: 'parts', forms: spinOn, lostAfter: 'apart' } as const

const cut = { part: 'can', station: 'parts', forms: spinOn, lostAfter: 'wrap', kind: 'count', extra: true } as const

/** First look inside, before a part is moved. */
export const firstLookCharacteristics: Characteristic[] = [
  {
    ...cut,
    key: 'cut.turns',
    step: 0.5,
    noun: 'turns',
    plausible: [1, 80],
    typical: [2, 20],
    label: 'Turns of the cutter',
    how: 'Count them, tightening a little each time it turns easily.',
    why: 'A thin can parts in two turns, a heavy one takes many.',
    caution: 'cut',
  },
  {
    ...cut,
    key: 'cut.minutes',
    step: 0.5,
    noun: 'minutes',
    plausible: [0.5, 60],
    typical: [1, 8],
    label: 'Minutes to cut it open',
    how: 'From the first turn until it gives.',
    why: 'A rough sign of the wall, with the same cutter and the same hands.',
    caution: 'cut',
  },
  {
    ...first,
    key: 'inside.rust',
    kind: 'fault',
    label: 'Rust inside',
    how: 'Before anything is touched: dome, seam, spring, core.',
    why: 'Flakes travel, and on the clean side they go to the bearings first; a stain stays where it is.',
    slight: 'A stain: nothing of it comes off.',
    serious: 'Rust that comes off on the finger.',
    fatal: 'rust inside a new filter',
    caution: 'cut',
  },
  {
    ...first,
    key: 'inside.debris',
    kind: 'fault',
    label: 'Loose bits inside',
    how: 'Tip the parts over white paper: board, glue, swarf. Your own cutter leaves none; a saw does.',
    why: 'What is loose on the clean side travels.',
    slight: 'A few fibres or paint flakes at the cut.',
    serious: 'Board, glue or swarf that was inside before the cut.',
    fatal: 'loose board, glue or swarf inside',
  },
  {
    ...first,
    key: 'inside.centred',
    part: 'element',
    kind: 'choice',
    label: 'Element sits',
    how: 'Look down on it before lifting it out.',
    why: 'Off centre, the valve does not seat all round.',
    options: [
      { value: 'centred', label: 'Centred', description: 'The same gap all round.' },
      { value: 'off', label: 'Off centre', description: 'Leans or touches the can on one side.' },
    ],
  },
]

import type { Characteristic } from './characteristic.ts'
import { spinOn } from './filter-form.ts'

const first = { part: 'inside', station: 'parts', forms: spinOn, lostAfter: 'apart' } as const

/** First look inside, before a part is moved. */
export const firstLookCharacteristics: Characteristic[] = [
  {
    ...first,
    key: 'inside.rust',
    kind: 'fault',
    label: 'Rust inside',
    how: 'Before anything is touched: dome, seam, spring, core.',
    why: 'Rust on the clean side goes to the bearings first.',
    slight: 'A tint that wipes off.',
    serious: 'Rust that stays, anywhere inside.',
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

import type { Characteristic, Option } from './characteristic.ts'
import type { FilterPartKey } from './filter-parts.ts'
import { both, spinOn } from './filter-form.ts'

const alone: Option = { value: 'alone', label: 'Nothing', description: 'The part alone.' }

const along = (
  part: FilterPartKey,
  station: 'parts' | 'element',
  label: string,
  forms: Characteristic['forms'],
  options: Option[],
): Characteristic => ({
  key: `${part}.with`,
  part,
  station,
  forms,
  lostAfter: 'wrap',
  kind: 'choice',
  extra: true,
  label: `On the scale with the ${label}`,
  how: 'What could not be taken off before it was weighed.',
  why: 'What was weighed along is not weighed again, and two plates are compared only when the same lay on the scale.',
  options: [alone, ...options],
})

/** What lay on the scale along with a part. */
export const weighedAlongCharacteristics: Characteristic[] = [
  along('plate', 'parts', 'base plate', spinOn, [
    { value: 'gasket', label: 'Its gasket', description: 'The sealing ring was left in its track.' },
    { value: 'adbv', label: 'Its drain-back valve', description: 'The drain-back valve was left on it.' },
    { value: 'both', label: 'Gasket and valve', description: 'Both were left on it.' },
  ]),
  along('can', 'parts', 'can', spinOn, [
    { value: 'spring', label: 'Its spring', description: 'The retainer spring was left in the dome.' },
  ]),
  along('element', 'element', 'element', both, [
    { value: 'bypass', label: 'Its bypass valve', description: 'The valve sits in a cap and was left there.' },
    { value: 'adbv', label: 'Its drain-back valve', description: 'The drain-back valve was left on it.' },
    { value: 'spring', label: 'Its spring', description: 'The spring was left on it.' },
  ]),
]

/** Weights that another part's weight holds already, by what was weighed along. */
export const weighedIn: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {
  'plate.with': { gasket: ['gasket.weight'], adbv: ['adbv.weight'], both: ['gasket.weight', 'adbv.weight'] },
  'can.with': { spring: ['spring.weight'] },
  'element.with': { bypass: ['bypass.weight'], adbv: ['adbv.weight'], spring: ['spring.weight'] },
}

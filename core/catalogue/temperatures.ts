import type { Characteristic, NotApplicableWhen } from './characteristic.ts'
import { spinOn } from './filter-form.ts'
import { range, reads } from './ranges.ts'

/** The span of oil temperatures that a rubber part is said to stand: claims, no readings of an instrument. */
export function temperaturesOf(
  part: 'gasket' | 'adbv',
  station: 'outside' | 'parts',
  notApplicableWhen: NotApplicableWhen[] = [],
): Characteristic[] {
  const name = part === 'gasket' ? 'Gasket' : 'Anti-drain-back valve'
  const told = {
    part,
    station,
    forms: spinOn,
    lostAfter: 'wrap',
    kind: 'quantity',
    ...reads.temperature,
    extra: true,
    notApplicableWhen,
    definitionalUncertainty: 5,
    how: 'As the box or the maker states it: a claim. “-40 to 230 °C” is both ends in one.',
    why: 'Oil under load reaches 150 °C; a rubber that is not made for it hardens and leaks.',
  } as const
  return [
    {
      ...told,
      key: `${part}.coldest`,
      plausible: range.celsius(-80, 20),
      typical: range.celsius(-55, -20),
      label: `${name}: coldest oil`,
    },
    {
      ...told,
      key: `${part}.hottest`,
      plausible: range.celsius(80, 235),
      typical: range.celsius(105, 232),
      label: `${name}: hottest oil`,
    },
  ]
}

import { cartridge, spinOn } from '#core/catalogue/index.ts'
import { margin } from '../conventions.ts'
import { coldMargin, hotMargin } from '../elastomer.ts'
import type { Figure } from '../figure.ts'

/** Margin of each rubber part in hot and in cold oil: two figures a part. */
export const elastomerMarginFigures: Figure[] = (
  [
    ['gasket', 'gasket.material', 'Gasket', spinOn],
    ['adbv', 'adbv.material', 'Anti-drain-back valve', spinOn],
    ['oring', 'oring.material', 'O-ring', cartridge],
  ] as const
).flatMap(([part, key, label, forms]): Figure[] => [
  {
    key: `${part}.marginHot`,
    label: `${label}: margin in hot oil`,
    part,
    forms,
    ...margin,
    formula: `hot limit of the ${label.toLowerCase()} material − hottest oil of the engine`,
    why: 'Below zero the rubber hardens in hard use.',
    source: 'Usable ranges: common practice, no published source, and O-ring handbooks (from memory)',
    assumptions: ['Continuous use; an hour above it is survived.'],
    needs: [key],
    requirements: ['oilTemperatureMax'],
    compute: ({ answer, requirement }) => hotMargin(answer(key), requirement('oilTemperatureMax')),
    remark: (si) => (si < 0 ? 'hardens in the hottest oil' : si < 15 ? 'little margin' : 'stands the hottest oil'),
  },
  {
    key: `${part}.marginCold`,
    label: `${label}: margin in cold oil`,
    part,
    forms,
    ...margin,
    formula: `coldest oil of the engine − cold limit of the ${label.toLowerCase()} material`,
    why: 'Below zero the rubber is stiff at the start.',
    source: 'Usable ranges: common practice, no published source, and O-ring handbooks (from memory)',
    assumptions: [],
    needs: [key],
    requirements: ['oilTemperatureMin'],
    compute: ({ answer, requirement }) => coldMargin(answer(key), requirement('oilTemperatureMin')),
    remark: (si) => (si < 0 ? 'stiff at the coldest start' : 'stands the coldest start'),
  },
])

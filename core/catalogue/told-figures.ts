import type { Characteristic } from './characteristic.ts'
import { both, spinOn } from './filter-form.ts'
import { range, reads } from './ranges.ts'

const told = { station: 'box', lostAfter: 'wrap', kind: 'quantity', extra: true, minutes: 0.5 } as const
const how = 'As it was measured in one go, or as somebody told it; say which by the evidence.'
/** Share by which it may be off, since nobody knows how it was come by: ±, as a limit. Common practice, no source. */
const allowance = 0.05

const mm2 = (low: number, high: number): readonly [number, number] => [low * 1e-6, high * 1e-6]
const cm2 = (low: number, high: number): readonly [number, number] => [low * 1e-4, high * 1e-4]

/** Figures that somebody measured or was told as such, without what they are worked out from. */
export const toldFigureCharacteristics: Characteristic[] = [
  {
    ...told,
    key: 'told.inlet.area',
    figure: 'inlet.area',
    allowance,
    part: 'plate',
    forms: spinOn,
    dimension: 'area',
    units: ['mm²', 'in²', 'cm²'],
    imperial: 'in²',
    plausible: mm2(60, 700),
    typical: mm2(174, 213),
    label: 'Inlet area, as told',
    how,
    why: 'Stands in for the holes until they are measured, and is compared with them then.',
  },
  {
    ...told,
    key: 'told.core.area',
    figure: 'core.area',
    allowance,
    part: 'core',
    forms: both,
    dimension: 'area',
    units: ['mm²', 'in²', 'cm²'],
    imperial: 'in²',
    plausible: mm2(60, 6000),
    typical: mm2(250, 1500),
    label: 'Core openings, area as told',
    how,
    why: 'Stands in for the openings until they are measured, and is compared with them then.',
  },
  {
    ...told,
    key: 'told.pleat.depth',
    figure: 'pleat.depth',
    allowance,
    part: 'pleats',
    forms: both,
    ...reads.small,
    plausible: range.mm(3, 45),
    typical: range.mm(9, 20),
    label: 'Pleat depth, as told',
    how,
    why: 'Stands in for length and count until they are known, and is compared with them then.',
  },
  {
    ...told,
    key: 'told.media.area',
    figure: 'media.area',
    allowance,
    part: 'media',
    forms: both,
    dimension: 'area',
    units: ['cm²', 'in²', 'm²'],
    imperial: 'in²',
    plausible: cm2(120, 6000),
    typical: cm2(390, 1350),
    label: 'Media area, as told',
    how,
    why: 'Stands in for length and width until they are measured, and is compared with them then.',
  },
  {
    ...told,
    key: 'told.media.density',
    figure: 'media.density',
    allowance,
    part: 'media',
    forms: both,
    dimension: 'density',
    units: ['g/cm³'],
    imperial: 'g/cm³',
    plausible: [60, 900],
    typical: [80, 700],
    label: 'Media density, as told',
    how,
    why: 'Stands in for weight and thickness until they are known, and is compared with them then.',
  },
]

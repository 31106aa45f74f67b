import type { Assessment } from '#core/figures/assess.ts'
import { figureOf } from '#core/figures/index.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import { siSymbolOf } from '#core/quantity/units.ts'
import { formatCsv } from './csv.ts'
import type { SpecimenPath } from './readings-csv.ts'

/** One figure of one specimen; value and uncertainty in the SI unit. */
export interface FigureRow {
  application: string
  brand: string
  'part number': string
  revision: string
  specimen: string
  figure: string
  label: string
  value: number
  'SI unit': string
  'expanded uncertainty': number
  evidence: string
  inputs: string[]
  formula: string
  source: string
}

/**
 * All known figures of a specimen as rows; the expanded uncertainty covers 95 %.
 *
 * @example figureRows(path, assessed({ 'thread.designation': 'M20 x 1.5', 'thread.turns': '4' }))[0]?.figure
 * // => 'outlet.area'
 */
export function figureRows(
  { application, brand, partNumber, revision, specimen }: SpecimenPath,
  { figures }: Assessment,
): FigureRow[] {
  return [...figures.values()].flatMap((result): FigureRow[] => {
    if (result.state !== 'known') return []
    const { key, label, dimension, formula, source } = figureOf(result.key)
    return [
      {
        application,
        brand,
        'part number': partNumber,
        revision,
        specimen,
        figure: key,
        label,
        value: result.number.value,
        'SI unit': siSymbolOf(dimension).replace('Δ', ''),
        'expanded uncertainty': expandedUncertainty(result.number),
        evidence: result.evidence,
        inputs: result.inputs.map((input) => input.key),
        formula,
        source,
      },
    ]
  })
}

/**
 * Figure rows as CSV; inputs are parted by a space.
 *
 * @example figuresCsv([]).startsWith('application,brand,part number,') // => true
 */
export const figuresCsv = (rows: readonly FigureRow[]): string =>
  formatCsv([figureColumns, ...rows.map((row) => figureColumns.map((column) => [row[column]].flat().join(' ')))])

const figureColumns = [
  'application',
  'brand',
  'part number',
  'revision',
  'specimen',
  'figure',
  'label',
  'value',
  'SI unit',
  'expanded uncertainty',
  'evidence',
  'inputs',
  'formula',
  'source',
] as const satisfies (keyof FigureRow)[]

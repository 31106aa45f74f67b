import Papa from 'papaparse'
import type { Assessment } from '#core/compare/assess.ts'
import { findFigure } from '#core/figures/index.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { units } from '#core/quantity/units.ts'
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
 * All known figures of a specimen as rows; the expanded uncertainty has k = 2.
 *
 * @example figureRows(path, assessment)[0]?.figure // => 'weight.residual'
 */
export function figureRows(
  { application, brand, partNumber, revision, specimen }: SpecimenPath,
  { figures }: Assessment,
): FigureRow[] {
  return [...figures.values()].flatMap((result): FigureRow[] => {
    if (result.state !== 'known') return []
    const { key, label, dimension, formula, source } = findFigure(result.key)!
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
        'SI unit': units.find((unit) => unit.dimension === dimension)!.symbol.replace('Δ', ''),
        'expanded uncertainty': 2 * standardUncertainty(result.number),
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
 * @example figuresCsv(rows).split('\r\n')[0] // => 'application,brand,part number,…'
 */
export const figuresCsv = (rows: readonly FigureRow[]): string =>
  Papa.unparse(
    rows.map((row) => ({ ...row, inputs: row.inputs.join(' ') })),
    { escapeFormulae: true },
  )

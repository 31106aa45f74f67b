import { toldFigure } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { minus, standardUncertainty } from '#core/quantity/uncertain.ts'
import type { FigureResult } from './figure.ts'
import type { Finding } from './finding.ts'

/**
 * Figures that were told as such, against those that come out of the readings.
 *
 * Source: difference of two values against twice its standard uncertainty, GUM.
 *
 * @param figures of one specimen
 * @example toldFindings(new Map()) // => []
 */
export function toldFindings(figures: ReadonlyMap<string, FigureResult>): Finding[] {
  return [...figures].flatMap(([key, result]): Finding[] => {
    const characteristic = toldFigure(key)
    if (result.state !== 'known' || !result.told || characteristic?.kind !== 'quantity') return []
    const apart = minus(result.number, result.told)
    if (Math.abs(apart.value) <= 2 * standardUncertainty(apart)) return []
    const said = (si: number) => formatQuantity(si, characteristic.units[0])
    return [
      {
        key: `told-${key}`,
        culprit: characteristic.key,
        message:
          `${characteristic.label}: ${said(result.told.value)} was told, ` +
          `${said(result.number.value)} comes out of the readings.`,
        advice: 'One of the two is wrong, or they were taken in two ways. What comes out of the readings counts.',
      },
    ]
  })
}

import type { FilterForm } from '#core/catalogue/index.ts'
import { characteristicCell, type ResolvedSpecimen } from '#core/compare/cells.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { Spreads } from '#core/compare/lineup.ts'
import { foldName } from '#core/fold-name.ts'
import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import { kinFeatures, type KinFeature } from './kin-features.ts'

/** What one filter is like in one thing: an answer, or a number in SI or steps with its standard uncertainty. */
export type KinValue =
  { answer: string; specimen: string } | { number: number; u: number; degrees: number; specimen: string }

/** How a filter is built, as far as that was seen or measured; values in the order of the features. */
export interface BuildRecord {
  id: string
  form: FilterForm
  /** Engines that it is sold for. */
  engines: readonly string[]
  /** Of which product it is a revision; revisions of one product are not relatives under another name. */
  product: string
  values: readonly (KinValue | undefined)[]
}

/**
 * How a filter is built, from what was seen and measured of it. What is claimed, was told or concluded from looks says
 * nothing of kinship, and where specimens of one revision differ in an answer, none of them counts.
 *
 * @param revision with its specimens, its product and the engines it is sold for
 * @param spreads from unit to unit, of the library
 * @example
 * buildRecord({ id: 'r', form: 'spin-on', product: 'p', engines: [], specimens: [] }, new Map()).values.some(Boolean)
 * // => false
 */
export function buildRecord(
  { specimens, ...revision }: Omit<BuildRecord, 'values'> & { specimens: readonly ResolvedSpecimen[] },
  spreads: Spreads,
): BuildRecord {
  const { form } = revision
  return {
    ...revision,
    values: kinFeatures.map((feature) => {
      const { characteristic } = feature
      if (!characteristic.forms.includes(form)) return undefined
      return valueOf(feature, characteristicCell(characteristic, { form, specimens }, spreads.get(characteristic.key)))
    }),
  }
}

function valueOf(feature: KinFeature, cell: Cell): KinValue | undefined {
  if (!('evidence' in cell) || (cell.evidence !== 'measured' && cell.evidence !== 'observed')) return undefined
  const { specimen } = cell
  switch (cell.state) {
    case 'number':
      return { number: cell.value, u: cell.u, degrees: cell.degrees ?? Infinity, specimen }
    case 'openings':
      return openingsValue(feature.key.split(':')[1], cell.groups, specimen)
    case 'words': {
      const answers = new Set(cell.answers.map((answer) => foldName(answer.trim())))
      const [answer] = answers
      return answers.size === 1 && answer ? { answer, specimen } : undefined
    }
  }
}

/** A hole is read to a tenth of a millimetre and differs from unit to unit. Common practice, no published source. */
const holeDoubt = { reading: 0.0001, units: 0.02, degrees: 4 }

function openingsValue(
  aspect: string | undefined,
  groups: readonly OpeningGroup[],
  specimen: string,
): KinValue | undefined {
  const counts = groups.flatMap(({ count }) => count ?? [])
  const isCounted = counts.length === groups.length && groups.length > 0
  const [largest] = [...groups].sort((a, b) => (b.count ?? 0) - (a.count ?? 0))
  if (aspect === 'count')
    return isCounted
      ? { number: counts.reduce((sum, count) => sum + count, 0), u: 0, degrees: Infinity, specimen }
      : undefined
  if (aspect === 'odd') {
    const isOdd = groups.some(({ odd }) => odd) || (isCounted && groups.length > 1 && Math.min(...counts) === 1)
    return isOdd || isCounted ? { answer: isOdd ? 'yes' : 'no', specimen } : undefined
  }
  return largest?.width === undefined
    ? undefined
    : {
        number: largest.width,
        u: Math.hypot(holeDoubt.reading, holeDoubt.units * largest.width),
        degrees: holeDoubt.degrees,
        specimen,
      }
}

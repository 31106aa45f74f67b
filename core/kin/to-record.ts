import type { Characteristic } from '#core/catalogue/index.ts'
import type { BuildRecord } from './build-record.ts'
import { kinFeatures, type KinFeature } from './kin-features.ts'

/** So much better than its doubt a size tells filters apart. A convention, no source. */
const sizesTold = 20

/** Into so many kinds counts divide filters, and grades, on which two people seldom agree. A convention, no source. */
const [countsTold, gradesTold] = [8, 2]

/** What tells two filters apart best when it becomes known: into how many kinds it divides filters. */
const tells = ({ kind, of, characteristic }: KinFeature): number => {
  if (kind === 'answer') return of
  if (kind === 'size') return sizesTold
  return characteristic.kind === 'grade' ? gradesTold : countsTold
}

/**
 * What is best recorded to tell how two filters hang together: known of one of them before known of neither, what
 * divides filters most first, one of each group. What one of them lacks and can never have again is left out.
 *
 * @param most so many
 * @param canRecord whether something can still be recorded of a filter, by its id
 * @returns with the ids of those of which it is not known
 * @example
 * toRecord(unrecorded('a'), unrecorded('b'), 2).length // => 2
 */
export function toRecord(
  a: BuildRecord,
  b: BuildRecord,
  most: number,
  canRecord: (id: string, characteristic: Characteristic) => boolean = () => true,
): { feature: KinFeature; missingOf: string[] }[] {
  const seen = new Set<string>()
  const groupOf = ({ part, group }: KinFeature) => `${part} ${group}`
  const isKnownInBoth = new Set(kinFeatures.flatMap((one, at) => (a.values[at] && b.values[at] ? [groupOf(one)] : [])))
  return kinFeatures
    .map((feature, at) => ({
      feature,
      missingOf: [a, b].flatMap(({ id, values }) => (values[at] ? [] : [id])),
    }))
    .filter(
      ({ feature, missingOf }) =>
        feature.part !== 'box' &&
        !isKnownInBoth.has(groupOf(feature)) &&
        feature.characteristic.forms.includes(a.form) &&
        missingOf.every((id) => canRecord(id, feature.characteristic)),
    )
    .sort((x, y) => x.missingOf.length - y.missingOf.length || tells(y.feature) - tells(x.feature))
    .filter(({ feature }) => {
      const { key } = feature.characteristic
      if (seen.has(key) || seen.has(groupOf(feature))) return false
      seen.add(key).add(groupOf(feature))
      return true
    })
    .slice(0, most)
}

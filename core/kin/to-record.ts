import type { BuildRecord } from './build-record.ts'
import { kinFeatures, type KinFeature } from './kin-features.ts'

/** So much better than its doubt a size tells filters apart. A convention, no source. */
const sizesTold = 20

/** What tells two filters apart best when it becomes known: the logarithm of how many kinds it divides filters into. */
const tells = ({ kind, of, stated, characteristic }: KinFeature): number => {
  if (kind === 'answer') return Math.log(of)
  if (kind === 'size') return Math.log(sizesTold)
  return characteristic.kind === 'grade' ? 0.5 : Math.min(Math.log(8), -Math.log(stated(8)) / 2)
}

/**
 * What is best recorded to tell how two filters hang together: known of one of them before known of neither, what
 * divides filters most first, one of each group.
 *
 * @param most so many
 * @returns with the ids of those of which it is not known
 * @example
 * toRecord(unrecorded('a'), unrecorded('b'), 2).length // => 2
 */
export function toRecord(a: BuildRecord, b: BuildRecord, most: number): { feature: KinFeature; missingOf: string[] }[] {
  const seen = new Set<string>()
  const groupOf = ({ part, group }: KinFeature) => `${part} ${group}`
  const isKnownInBoth = new Set(kinFeatures.flatMap((one, at) => (a.values[at] && b.values[at] ? [groupOf(one)] : [])))
  return kinFeatures
    .map((feature, at) => ({
      feature,
      missingOf: [a, b].flatMap(({ id, values }) => (values[at] ? [] : [id])),
    }))
    .filter(
      ({ feature }) =>
        feature.part !== 'box' && !isKnownInBoth.has(groupOf(feature)) && feature.characteristic.forms.includes(a.form),
    )
    .sort((x, y) => x.missingOf.length - y.missingOf.length || tells(y.feature) - tells(x.feature))
    .filter(({ feature }) => {
      const group = `${feature.part} ${feature.characteristic.key}`
      if (seen.has(group) || seen.has(groupOf(feature))) return false
      seen.add(group).add(groupOf(feature))
      return true
    })
    .slice(0, most)
}

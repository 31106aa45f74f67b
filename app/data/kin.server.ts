import type { Characteristic } from '#core/catalogue/index.ts'
import { allRelatives, kinFamilies, relativesOf, relativesSteps, type KinPair } from '#core/kin/kin-families.ts'
import { findKin, type KinFinding } from '#core/kin/kin-finding.ts'
import { kinGrounds, type KinGround } from '#core/kin/kin-grounds.ts'
import { kinship } from '#core/kin/kinship.ts'
import { swapWeights, type SwapWeights } from '#core/kin/swap-test.ts'
import { toRecord } from '#core/kin/to-record.ts'
import { canBeRecorded } from '#core/teardown/passed-steps.ts'
import { kinLibraries, type KinMember } from './build-records.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { progressOf, tellProgress, whileOthersWork, withinMoment } from './progress.server.ts'
import { listSwapTests, type StoredSwapTest } from './swap-tests.server.ts'

/** By part, in their order: the chance that it is shared; null where it is not known. */
export type SharedParts = (number | null)[]

interface FamilyView {
  members: string[]
  pairs: { a: string; b: string; finding: KinFinding; shared: SharedParts }[]
}

/** Relatives among all that is shown, with the names of all that could be relatives. */
export interface KinOverview {
  members: KinMember[]
  families: FamilyView[]
}

const plain = (shared: readonly number[]): SharedParts => shared.map((one) => (Number.isNaN(one) ? null : one))

const tried =
  (tests: readonly StoredSwapTest[]) =>
  (a: string, b: string): SwapWeights | undefined => {
    const own = testsOf(tests, a, b)
    return own.length > 0 ? swapWeights(own) : undefined
  }

const testsOf = (tests: readonly StoredSwapTest[], a: string, b: string): StoredSwapTest[] =>
  tests.filter(
    ({ fromRevision, intoRevision }) =>
      (fromRevision === a && intoRevision === b) || (fromRevision === b && intoRevision === a),
  )

/** All that can be relatives of somebody, by name: what a choice of two is made from. */
export const kinMembers = lineupQuery('kin members', async (): Promise<KinMember[]> =>
  (await kinLibraries()).flatMap(({ members }) => [...members.values()]),
)

/** Families over all engines that are shown. */
const kinOverview = lineupQuery('kin', async (): Promise<KinOverview> => {
  const [libraries, tests] = await Promise.all([kinLibraries(), listSwapTests()])
  const pairs: KinPair[] = []
  const all = libraries.reduce((sum, { records }) => sum + records.length ** 2, 0)
  let before = 0
  for (const { records, frequencies } of libraries) {
    const weight = records.length ** 2 / all
    const steps = relativesSteps(records, frequencies, tried(tests))
    pairs.push(...(await whileOthersWork(steps, (done) => tellProgress('kin', before + done * weight))))
    before += weight
  }
  return {
    members: libraries.flatMap(({ members }) => [...members.values()]),
    families: kinFamilies(pairs).map(({ pairs: own, ...family }) => ({
      ...family,
      pairs: own.map((pair) => ({ ...pair, shared: plain(pair.shared) })),
    })),
  }
})

/** Relatives as far as they are worked out in a moment: else the share of that work that is done. */
export type KinSoon = { overview: KinOverview } | { overview: undefined; done: number }

/** Families over all engines, or how far they are; whoever gets the latter asks again. */
export async function kinSoon(): Promise<KinSoon> {
  const overview = await withinMoment(kinOverview())
  return overview ? { overview } : { overview, done: progressOf('kin') }
}

/** Pairs of an engine's filters that are one build under two names. */
export const sameBuildsOf = lineupQuery('same builds', async (application: string) => {
  const [libraries, tests] = await Promise.all([kinLibraries(), listSwapTests()])
  const pairs = libraries.flatMap(({ records, frequencies }) => {
    const own = records.filter(({ engines }) => engines.includes(application))
    return allRelatives(own, frequencies, tried(tests))
  })
  return {
    pairs: pairs.filter(({ finding }) => finding.kind === 'build').map(({ a, b, finding }) => ({ a, b, finding })),
  }
})

/** A ground as plain data; its feature by key. */
export interface KinGroundView extends Omit<KinGround, 'feature'> {
  feature: string
}

/** All that is known of how two revisions hang together. */
export interface KinPairView {
  a: KinMember
  b: KinMember
  finding: KinFinding
  shared: SharedParts
  grounds: KinGroundView[]
  tests: StoredSwapTest[]
  next: { feature: string; label: string; missingOf: string[] }[]
}

/** So many readings are asked for that would tell. */
const proposed = 3

/** How two revisions hang together; undefined when one is gone or they are of different kinds. */
export const kinOfTwo = lineupQuery('kin of two', async (a: string, b: string): Promise<KinPairView | undefined> => {
  const [libraries, tests] = await Promise.all([kinLibraries(), listSwapTests()])
  const library = libraries.find(({ members }) => members.has(a) && members.has(b))
  const [first, second] = [a, b].map((id) => library?.records.find((record) => record.id === id))
  const [own, other] = [library?.members.get(a), library?.members.get(b)]
  if (!library || !first || !second || !own || !other) return undefined
  const kin = kinship(first, second, library.frequencies, tried(tests)(a, b))
  return {
    a: own,
    b: other,
    finding: findKin(kin),
    shared: plain(kin.shared),
    grounds: kinGrounds(first, second, library.frequencies).map(({ feature, ...ground }) => ({
      ...ground,
      feature: feature.key,
    })),
    tests: testsOf(tests, a, b),
    next: toRecord(first, second, proposed, canStillRecord([own, other])).map(({ feature, missingOf }) => ({
      feature: feature.characteristic.key,
      label: feature.label,
      missingOf,
    })),
  }
})

/** Whether something can still be recorded of the best known specimen of a revision, or of the one that is meant. */
const canStillRecord =
  (members: readonly KinMember[], specimen?: string) =>
  (id: string, characteristic: Characteristic): boolean => {
    const member = members.find((one) => one.id === id)
    const passed = member?.passed[specimen ?? ''] ?? member?.passed[member.specimenId] ?? []
    return canBeRecorded(characteristic, passed)
  }

/** The closest relative of a revision so far, and what would tell more. */
export interface KinSoFar {
  member: KinMember
  finding: KinFinding
  /** What they have in common that is rare. */
  rare: string[]
  next: string | undefined
}

/**
 * What is said at the bench: the closest relative of a specimen's revision, and what of the specimen would tell more.
 */
export const kinSoFar = lineupQuery('kin so far', async (specimen: string): Promise<KinSoFar | null> => {
  const [libraries, tests] = await Promise.all([kinLibraries(), listSwapTests()])
  const isOnBench = ({ passed }: KinMember): boolean => specimen in passed
  const library = libraries.find(({ members }) => [...members.values()].some(isOnBench))
  const mine = library && [...library.members.values()].find(isOnBench)
  const own = library?.records.find(({ id }) => id === mine?.id)
  if (!library || !mine || !own) return null
  const [closest] = relativesOf(own, library.records, library.frequencies, tried(tests))
  const other = closest && library.records.find(({ id }) => id === closest.b)
  const member = closest && library.members.get(closest.b)
  if (!closest || !other || !member) return null
  const rare = kinGrounds(own, other, library.frequencies)
    .filter(({ verdict }) => verdict === 'rare')
    .slice(0, 3)
    .map(({ feature }) => feature.label)
  const open = toRecord(own, other, Infinity, canStillRecord([mine, member], specimen))
  const next = open.find(({ missingOf }) => missingOf.includes(own.id))
  return { member, finding: closest.finding, rare, next: next?.feature.label }
})

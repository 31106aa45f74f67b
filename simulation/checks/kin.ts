import { findCharacteristic } from '#core/catalogue/index.ts'
import { buildRecord, type BuildRecord } from '#core/kin/build-record.ts'
import { frequenciesOf } from '#core/kin/frequencies.ts'
import { findKin, type KinFinding } from '#core/kin/kin-finding.ts'
import { kinParts } from '#core/kin/kin-parts.ts'
import { kinship } from '#core/kin/kinship.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { chanceFrom, type Chance } from '../chance.ts'
import { liesBetween, percent, type Extent, type Finding } from '../check.ts'
import { drawNamedBuilds, kinField, type NamedBuild } from '../kin-market.ts'
import { parseShape, reviews } from '../review-shape.ts'
import { applicableTo, drawReviewer, drawSpreads, drawUnit, readCharacteristic } from '../review.ts'

type KinKind = KinFinding['kind']

const lists = reviews.filter(({ form }) => form === 'spin-on').flatMap(({ products }) => products)
const partKeys = kinParts.filter(({ of }) => of !== 'box')

/** By what a careful look for kin records beside what a review does: the marks, and what shows without a gauge. */
const marks = kinField.characteristics.filter(({ kind, extra }) => kind === 'choice' && extra).map(({ key }) => key)

/** All that there is to agree in. */
const all = kinField.characteristics.map(({ key }) => key)

interface Tally {
  /** By what was said: how often, and how often it is true. */
  said: Record<KinKind, { count: number; right: number }>
  /** Pairs of one build by how many features are known of both: how many there are, and how many were called so. */
  recall: Map<string, { count: number; called: number }>
  /** Pairs of one build of which something was said that rules that out. */
  ruledOut: { count: number; sameBuild: number }
  pairs: number
}

const newTally = (): Tally => ({
  said: {
    build: { count: 0, right: 0 },
    shell: { count: 0, right: 0 },
    family: { count: 0, right: 0 },
    nothing: { count: 0, right: 0 },
    open: { count: 0, right: 0 },
  },
  recall: new Map(),
  ruledOut: { count: 0, sameBuild: 0 },
  pairs: 0,
})

/** Whether what is said of two filters is true as often as it claims. */
export function checkKin(seed: number, extent: Extent): Finding[] {
  const [markets, names] = extent === 'whole' ? [8, 200] : [1, 60]
  const [asReviewed, looked, whole, strangers] = [newTally(), newTally(), newTally(), newTally()]
  for (let market = 0; market < markets; market++) {
    const chance = chanceFrom(seed + market)
    const sold = drawNamedBuilds(chance, Math.round(0.3 * names), names)
    noteMarket(asReviewed, sold, recordsOf(chance, sold, []))
    noteMarket(looked, sold, recordsOf(chance, sold, marks))
    noteMarket(whole, sold, recordsOf(chance, sold, all))
    const independent = drawNamedBuilds(chance, names, names, false)
    noteMarket(strangers, independent, recordsOf(chance, independent, marks))
  }
  const { said } = strangers
  const calledKin = said.build.count + said.shell.count + said.family.count
  return [
    ...findingsOf('as reviews record', asReviewed),
    ...findingsOf('with the marks', looked),
    ...findingsOf('all recorded', whole),
    {
      what: 'filters that share no part: called kin',
      found: `${percent(calledKin / strangers.pairs)} of ${strangers.pairs}`,
      must: 'at most 1.0 %',
      holds: liesBetween(calledKin / strangers.pairs, strangers.pairs, 0, 0.01),
    },
  ]
}

/** What a reviewer records of each name: the list of one review, and more where it is asked for. */
function recordsOf(chance: Chance, sold: readonly NamedBuild[], more: readonly string[]): BuildRecord[] {
  const [reviewer, spreads] = [drawReviewer(chance, 'r'), drawSpreads(chance, kinField)]
  return sold.map(({ product, engine }, at) => {
    const id = `n${at}`
    const unit = drawUnit(chance, product, spreads)
    const there = applicableTo(product)
    const list = [...(lists[chance.below(lists.length)] ?? []), ...more]
    const readings = list.map(parseShape).flatMap(({ key, evidence, repeats }) => {
      const characteristic = there.find((one) => one.key === key)
      if (!characteristic || !findCharacteristic(key) || evidence === 'inferred' || evidence === 'claimed') return []
      return readCharacteristic(chance, reviewer, characteristic, unit.values.get(key) ?? { text: '' }, id, repeats)
    })
    const specimens = [{ id, assessment: { values: resolve(readings, reviewer.instruments) } }]
    return buildRecord({ id, form: 'spin-on', product: id, engines: [engine], specimens }, new Map())
  })
}

function noteMarket(tally: Tally, sold: readonly NamedBuild[], records: readonly BuildRecord[]): void {
  const frequencies = frequenciesOf(records)
  for (const [at, a] of records.entries())
    for (let other = at + 1; other < records.length; other++) {
      const [b, mine, its] = [records[other], sold[at], sold[other]]
      if (!b || !mine || !its) continue
      const finding = findKin(kinship(a, b, frequencies))
      const isSame = mine.build === its.build
      const shares = (part: (typeof partKeys)[number]) => mine.tools[part.key] === its.tools[part.key]
      const one = tally.said[finding.kind]
      one.count++
      one.right += Number(isTrue(finding.kind, finding.parts))
      tally.pairs++
      if (finding.kind === 'nothing' || finding.kind === 'shell') {
        tally.ruledOut.count++
        tally.ruledOut.sameBuild += Number(isSame)
      }
      if (isSame) noteRecall(tally, a, b, finding.kind)

      function isTrue(kind: KinKind, parts: readonly string[]): boolean {
        const claimed = partKeys.filter(({ key }) => parts.includes(key))
        if (kind === 'build') return isSame
        if (kind === 'shell')
          return claimed.every(shares) && partKeys.some((part) => part.of === 'element' && !shares(part))
        if (kind === 'family') return claimed.every(shares)
        return kind === 'nothing' ? !isSame : true
      }
    }
}

/** Bands of how many features are known of both. */
const bands = [5, 10, 15, 25, Infinity]

function noteRecall(tally: Tally, a: BuildRecord, b: BuildRecord, kind: KinKind): void {
  const known = a.values.filter((value, at) => value && b.values[at]).length
  const band = bands.findIndex((most) => known < most)
  const from = band === 0 ? 0 : (bands[band - 1] ?? 0)
  const most = bands[band] ?? Infinity
  const name = Number.isFinite(most) ? `${from} to ${most - 1}` : `${from} and more`
  const found = tally.recall.get(name) ?? { count: 0, called: 0 }
  tally.recall.set(name, { count: found.count + 1, called: found.called + Number(kind === 'build') })
}

function findingsOf(name: string, { said, recall, ruledOut }: Tally): Finding[] {
  const sentence = (kind: KinKind, words: string): Finding => {
    const { count, right } = said[kind]
    return {
      what: `"${words}" is true, ${name}`,
      found: count === 0 ? 'never said' : `${percent(right / count)} of ${count}`,
      must: 'at least 95.0 %',
      holds: count === 0 || liesBetween(right / count, count, 0.95, 1),
    }
  }
  return [
    sentence('build', 'same build'),
    sentence('shell', 'same shell, other element'),
    sentence('family', 'same family, these parts'),
    {
      what: `what rules one build out is said of one build, ${name}`,
      found: `${percent(ruledOut.sameBuild / Math.max(1, ruledOut.count))} of ${ruledOut.count}`,
      must: 'at most 1.0 %',
      holds: liesBetween(ruledOut.sameBuild / Math.max(1, ruledOut.count), ruledOut.count, 0, 0.01),
    },
    ...[...recall]
      .sort(([x], [y]) => parseInt(x) - parseInt(y))
      .map(([band, { count, called }]) => ({
        what: `one build under two names is called so, ${band} known of both, ${name}`,
        found: `${percent(called / count)} of ${count}`,
        must: 'printed',
        holds: true,
      })),
  ]
}

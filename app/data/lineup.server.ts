import { buildLineup, type Entrant, type Row, type Spreads } from '#core/compare/lineup.ts'
import { pooledSpread } from '#core/compare/unit-spread.ts'
import { misfits, type Fit } from '#core/score/misfit.ts'
import type { Veto } from '#core/score/score.ts'
import { assessSpecimens, type Assessed } from './assessments.server.ts'
import type { Tier } from './products.server.ts'
import { listRepeatedSpecimens, type Specimen } from './specimens.server.ts'

/** Head of one column of the line-up: one revision of one product. */
export interface Column {
  id: string
  product: string
  specimen: string
  brand: string
  name: string
  revision: string
  tier: Tier
  specimens: number
  score: { value: number | undefined; low: number; high: number; coverage: number; veto: string | undefined }
  price: { minor: number; currency: string } | undefined
  given: string[]
  done: number
  findings: number
  vetoes: Veto[]
  /** Specimens with a fault that ends the discussion. */
  faulty: number
  misfits: string[]
}

/** Columns and rows of a line-up from its specimens. */
export function lineupOf(
  assessed: readonly Assessed[],
  spreads: Spreads,
  fit?: Fit,
): { columns: Column[]; rows: Row[] } {
  const entrants = toEntrants(assessed)
  const columns = entrants.map(({ id, specimen, specimens }) => {
    const own = assessed.filter((one) => one.specimen.revision === id)
    const leading = [...specimens].sort((a, b) => b.assessment.score.coverage - a.assessment.score.coverage)[0]!
    const { value, low, high, coverage } = leading.assessment.score
    const faulty = specimens.flatMap(({ assessment }) => assessment.score.vetoes)[0]
    const paid = own
      .map((one) => one.specimen)
      .filter(({ paidMinor }) => paidMinor !== null)
      .sort((a, b) => b.createdAt.localeCompare(a.createdAt))[0]
    return {
      id,
      product: specimen.product,
      specimen: leading.id,
      brand: specimen.brand,
      name: `${specimen.brand} ${specimen.partNumber}`,
      revision: specimen.revisionLabel,
      tier: specimen.tier,
      specimens: specimens.length,
      score: { value, low, high, coverage, veto: faulty?.because },
      price: paid ? { minor: paid.paidMinor!, currency: paid.currency! } : undefined,
      given: [...new Set(own.map((one) => one.specimen.givenBy).filter(Boolean))],
      findings: own.reduce((sum, { assessment }) => sum + assessment.findings.length, 0),
      vetoes: specimens
        .flatMap(({ assessment }) => assessment.score.vetoes)
        .filter((veto, index, all) => all.findIndex(({ key }) => key === veto.key) === index),
      faulty: specimens.filter(({ assessment }) => assessment.score.vetoes.length > 0).length,
      misfits: fit ? [...new Set(specimens.flatMap(({ assessment }) => misfits(fit, assessment.known)))] : [],
      done: Math.max(...own.map(({ assessment }) => assessment.done)),
    }
  })
  return { columns, rows: buildLineup(entrants, spreads) }
}

/** One entrant for each revision that has a specimen. */
function toEntrants(assessed: readonly Assessed[]): (Entrant & { specimen: Specimen })[] {
  const byRevision = new Map<string, Assessed[]>()
  for (const one of assessed)
    byRevision.set(one.specimen.revision, [...(byRevision.get(one.specimen.revision) ?? []), one])
  return [...byRevision].map(([id, those]) => ({
    id,
    form: those[0]!.specimen.form,
    specimen: those[0]!.specimen,
    specimens: those.map(({ specimen, assessment }) => ({ id: specimen.id, assessment })),
  }))
}

/** Unit-to-unit spreads over the whole library, from the products that have several specimens. */
export async function librarySpreads(): Promise<Spreads> {
  const assessed = await assessSpecimens(await listRepeatedSpecimens(mostForSpread))
  const same =
    pooled.of.length === assessed.length && assessed.every(({ assessment }, index) => assessment === pooled.of[index])
  if (!same) pooled = { of: assessed.map(({ assessment }) => assessment), spreads: poolSpreads(assessed) }
  return pooled.spreads
}

/** The spreads worked out last, and what they were worked out from. */
let pooled: { of: Assessed['assessment'][]; spreads: Spreads } = { of: [], spreads: new Map() }

function poolSpreads(assessed: readonly Assessed[]): Spreads {
  const products = new Map<string, Map<string, number[]>>()
  const add = (key: string, revision: string, value: number) => {
    const values = products.get(key) ?? new Map<string, number[]>()
    products.set(key, values.set(revision, [...(values.get(revision) ?? []), value]))
  }
  for (const { specimen, assessment } of assessed) {
    for (const { key, number } of assessment.known.values()) if (number) add(key, specimen.revision, number.value)
    for (const figure of assessment.figures.values())
      if (figure.state === 'known') add(figure.key, specimen.revision, figure.number.value)
  }
  return new Map(
    [...products].flatMap(([key, values]) => {
      const spread = pooledSpread([...values.values()])
      return spread ? [[key, spread] as const] : []
    }),
  )
}

/** So many specimens are enough to know a spread. */
const mostForSpread = 200

import { LRUCache } from 'lru-cache'
import type { FilterForm } from '#core/catalogue/index.ts'
import { follows } from '#core/compare/kept-cell.ts'
import { buildLineup, type Row, type Spreads } from '#core/compare/lineup.ts'
import type { CellPoints, ReasonUnjudged } from '#core/compare/marks.ts'
import type { ComparisonRecord } from '#core/compare/related-cells.ts'
import type { RevisionColumn } from '#core/compare/revision-column.ts'
import type { Assessment } from '#core/figures/assess.ts'
import { groupBy } from '#core/group-by.ts'
import { keptLast } from '#core/kept-last.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { countFault, findFatalFaults, type FatalFault, type FaultCount } from '#core/score/fatal-faults.ts'
import { fitmentRemarks, misfitReasons, type EngineFitment } from '#core/score/fitment.ts'
import { cellPointsBy, reasonUnjudgedBy } from '#core/score/row-judgement.ts'
import { scoreSpecimen } from '#core/score/score-specimen.ts'
import type { Score } from '#core/score/score.ts'
import { formatSpecimenState, standsForNew } from '#core/teardown/specimen-condition.ts'
import type { RevisionContext } from '#core/verdict/ranking.ts'
import * as texts from '#app/texts/line-up.ts'
import { giverOf } from './giver.ts'
import type { AssessedSpecimen } from './assessments.server.ts'
import type { Tier } from './products.server.ts'
import type { Specimen } from './specimens.server.ts'

/** Head of one column of the line-up: one revision of one product. */
export interface ColumnHead extends Omit<RevisionContext, 'attributes'> {
  productId: string
  revisionId: string
  /** The specimen that is best known: the column opens to it. */
  specimenId: string
  /** All specimens that the column stands for. */
  specimenIds: string[]
  brand: string
  name: string
  revision: string
  /** What it is called for short; empty for nothing. */
  nickname: string
  /** Who made it, where that is known, with how; a guess is said as one. */
  maker: string
  /** What is to be said of how it fits, and counts for nothing. */
  remarks: string[]
  tier: Tier
  specimens: number
  /** The score of that specimen by the method in force. */
  score: Pick<Score, 'value' | 'low' | 'high' | 'coverage'> & { fatalFault: string | undefined }
  paid: { minor: number; currency: string } | undefined
  given: string[]
  completeness: number
  findings: number
  /** Of the fault that ends the discussion and was found most. */
  faultCount: FaultCount
}

/**
 * Columns and rows of a line-up from its specimens, judged by the criteria in force. A fitment, where it is
 * given, says which of them the engine cannot take.
 */
export function buildLineupColumns(
  assessed: readonly AssessedSpecimen[],
  criteria: readonly Criterion[],
  spreads: Spreads,
  comparisons: readonly ComparisonRecord[],
  fitment?: EngineFitment,
): { columns: ColumnHead[]; rows: Row[] } {
  const revisions = [...groupBy(assessed, ({ specimen }) => specimen.revisionId).values()].flatMap(unitsOf)
  const judging = judgingBy(criteria)
  return {
    columns: revisions.flatMap((units) => columnHead(units, judging, fitment)),
    rows: buildLineup(
      revisions.flatMap(revisionColumn),
      judging.pointsOf,
      spreads,
      comparisons,
      judging.reasonUnjudged,
    ),
  }
}

/** How rows and specimens are judged, as long as the criteria say the same: what was judged so is not judged again. */
interface Judging {
  pointsOf: CellPoints
  reasonUnjudged: ReasonUnjudged
  scoreOf: (assessment: Assessment, form: FilterForm) => Score
}

/** A line-up is judged for its size class, its drivers and its money: a few at a time. */
const judgings = new LRUCache<string, Judging>({ max: 20 })

function judgingBy(criteria: readonly Criterion[]): Judging {
  const text = JSON.stringify(criteria)
  const known = judgings.get(text) ?? {
    pointsOf: cellPointsBy(criteria),
    reasonUnjudged: reasonUnjudgedBy(criteria),
    scoreOf: keptLast((assessment: Assessment, form: FilterForm) => scoreSpecimen(form, assessment, criteria)),
  }
  judgings.set(text, known)
  return known
}

/** Units of a revision that make one column: those that are as it is sold, or those that are not. */
interface Units {
  id: string
  own: readonly AssessedSpecimen[]
  /** Why they do not count, when others of the revision do. */
  aside: string | undefined
}

/** Used and damaged units stand beside the new ones; where there is none that is new they stand for the revision. */
function unitsOf(all: readonly AssessedSpecimen[]): Units[] {
  const id = all[0]?.specimen.revisionId ?? ''
  const [sold, others] = [true, false].map((wanted) =>
    all.filter(({ specimen }) => standsForNew(specimen.condition) === wanted),
  ) as [AssessedSpecimen[], AssessedSpecimen[]]
  if (sold.length === 0) return [{ id, own: others, aside: undefined }]
  if (others.length === 0) return [{ id, own: sold, aside: undefined }]
  const states = [...new Set(others.map(({ specimen }) => specimen.condition))].join(' and ')
  return [
    { id, own: sold, aside: undefined },
    { id: `${id}aside`, own: others, aside: texts.keptBesideTheNewOnes(states) },
  ]
}

/** Columns by the first of their assessments: one that stays the same is the same object, with what is kept of it. */
const columnsOf = new WeakMap<Assessment, RevisionColumn>()

/** As columns were built last. */
const lastBuilt = new LRUCache<string, RevisionColumn>({ max: 500 })

function revisionColumn({ id, own }: Units): RevisionColumn[] {
  const [first] = own
  if (!first) return []
  const { form } = first.specimen
  const column = { id, form, specimens: own.map(({ specimen, assessment }) => ({ id: specimen.id, assessment })) }
  const known = columnsOf.get(first.assessment)
  if (known && isSameColumn(known, column)) return [known]
  const before = lastBuilt.get(id)
  if (before) follows(column, before)
  columnsOf.set(first.assessment, column)
  lastBuilt.set(id, column)
  return [column]
}

const isSameColumn = (a: RevisionColumn, b: RevisionColumn): boolean =>
  a.id === b.id &&
  a.specimens.length === b.specimens.length &&
  a.specimens.every(({ id, assessment }, at) => {
    const other = b.specimens[at]
    return other?.id === id && other.assessment === assessment
  })

function columnHead({ id, own, aside }: Units, { scoreOf }: Judging, fitment: EngineFitment | undefined): ColumnHead[] {
  const scored = own.map(({ specimen, assessment }) => ({
    specimen,
    score: scoreOf(assessment, specimen.form),
  }))
  const [leading] = [...scored].sort((a, b) => b.score.coverage - a.score.coverage)
  if (!leading) return []
  const { specimen } = leading
  const { value, low, high, coverage } = leading.score
  const fatalFaults = distinctFaults(own)
  return [
    {
      id,
      productId: specimen.productId,
      revisionId: specimen.revisionId,
      specimenId: specimen.id,
      specimenIds: own.map((one) => one.specimen.id),
      brand: specimen.brand,
      name: `${specimen.brand} ${specimen.partNumber}`,
      revision: [specimen.revisionLabel, statesOf(own)].filter(Boolean).join(', '),
      nickname: specimen.nickname,
      maker: makerText(specimen),
      remarks: fitment ? [...new Set(own.flatMap(({ assessment }) => fitmentRemarks(fitment, assessment.values)))] : [],
      tier: specimen.tier,
      specimens: own.length,
      score: { value, low, high, coverage, fatalFault: fatalFaults[0]?.description },
      paid: lastPaid(own),
      given: [...new Set(own.flatMap((one) => giverOf(one.specimen)))],
      findings: own.reduce((sum, { assessment }) => sum + assessment.findings.length, 0),
      fatalFaults,
      ...(aside !== undefined && { aside }),
      faultCount: mostFound(fatalFaults, own),
      misfits: fitment ? [...new Set(own.flatMap(({ assessment }) => misfitReasons(fitment, assessment.values)))] : [],
      completeness: Math.max(...own.map(({ assessment }) => assessment.completeness)),
    },
  ]
}

/** Who made it, as it is known. */
const makerText = ({ maker, makerEvidence }: Specimen): string =>
  maker === '' ? '' : makerEvidence === 'guessed' ? texts.makerGuessed(maker) : texts.madeBy(maker, makerEvidence)

/** States of units, each once; empty where one of them is new. */
function statesOf(own: readonly AssessedSpecimen[]): string {
  const states = new Set(own.map(({ specimen }) => formatSpecimenState({ ...specimen, service: null }, 'km')))
  return states.has('') ? '' : [...states].join(' or ')
}

/** Of the fatal fault that was found most: in how many specimens it was looked for, and in how many it was there. */
function mostFound(faults: readonly FatalFault[], own: readonly AssessedSpecimen[]): FaultCount {
  const values = own.map(({ assessment }) => assessment.values)
  const [most] = faults.map(({ key }) => countFault(key, values)).sort((a, b) => b.found - a.found)
  return most ?? { found: 0, lookedAt: 0 }
}

const fatalFaultsOf = keptLast((assessment: Assessment, form: FilterForm) => findFatalFaults(form, assessment.values))

/** Fatal faults found in any of the specimens, each once. */
function distinctFaults(own: readonly AssessedSpecimen[]): FatalFault[] {
  const found = own.flatMap(({ specimen, assessment }) => fatalFaultsOf(assessment, specimen.form))
  return [...new Map(found.map((fault) => [fault.key, fault])).values()]
}

function lastPaid(own: readonly AssessedSpecimen[]): ColumnHead['paid'] {
  const [latest] = own
    .flatMap(({ specimen: { paidMinor: minor, currency, createdAt } }) =>
      minor === null || currency === null ? [] : [{ minor, currency, createdAt }],
    )
    .sort((a, b) => b.createdAt.localeCompare(a.createdAt))
  return latest && { minor: latest.minor, currency: latest.currency }
}

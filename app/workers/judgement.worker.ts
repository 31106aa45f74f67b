import type { FilterForm } from '#core/catalogue/index.ts'
import { acceptability, type Acceptability } from '#core/score/acceptability.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { DriverRule } from '#core/score/driver-rules.ts'
import { effectiveCriteria, type Method } from '#core/score/effective-criteria.ts'
import type { School } from '#core/score/schools.ts'
import type { Call } from '#core/verdict/call.ts'
import { canBeHad, type Availability } from '#core/money/availability.ts'
import { availableCall, type AvailableCall } from '#core/verdict/available-call.ts'
import { cheapestReview, type CheapestReview } from '#core/verdict/cheapest-review.ts'
import { commonGround } from '#core/verdict/common-ground.ts'
import { flipSteps, type Flip } from '#core/verdict/flips.ts'
import { judge, judgePair, judgementProblem, judgementSettings } from '#core/verdict/judgement.ts'
import { nextAnswers, type NextAnswer } from '#core/verdict/next-answers.ts'
import { nextReadings, type NextReading } from '#core/verdict/next-reading.ts'
import { contenders, evaluateRevisions, type EvaluatedRevision, type RevisionContext } from '#core/verdict/ranking.ts'
import { specimensUntilSure, type UntilSure } from '#core/verdict/specimens-until-sure.ts'

/** A line-up to be judged by a school for a driver; then by all other schools, and for what would change it. */
export interface JudgementRequest {
  form: FilterForm
  /** The evaluation as it was sent to the page. */
  evaluation: string
  school: string
  driver: string | null
  /** On all that is known of anybody, or only on what is known of all. */
  ground: Ground
  /** Whether the other schools and what would change it are asked for. */
  more: boolean
}

export type Ground = 'overall' | 'common'

/** Two of a line-up to be judged against each other. */
export type PairRequest = Omit<JudgementRequest, 'more'> & { id: number; pair: readonly [string, string] }

/** Those that were drawn, in the order of what came of it. */
export interface DrawnSchool {
  ids: string[]
  drawn: Acceptability
}

export type JudgementAnswer =
  | ({ school: string } & DrawnSchool)
  | { next: NextReading[]; answers: ReadonlyMap<string, NextAnswer[]> }
  | { flips: Flip[] }
  | { untilSure: UntilSure | undefined }
  | { cheapest: CheapestReview | undefined }
  | { beside: GroundCall }
  | { available: AvailableCall | undefined }

/** What may be said of two. */
export interface PairAnswer {
  id: number
  call: Call | undefined
}

/** What is said on the other ground. */
export interface GroundCall {
  ground: Ground
  call: Call | undefined
  /** Ids in order. */
  order: string[]
  /** Labels of the criteria that are known of all, and of the others. */
  kept: string[]
  leftOut: string[]
}

let latest: JudgementRequest | undefined
/** So many readings are proposed to be taken next, of all and of each product. */
const toldReadings = 3

/** What it reads of the evaluation. */
interface Evaluation {
  columns: (RevisionContext & { availability?: { status: Availability } })[]
  rows: Row[]
  method: Method
  schools: School[]
  drivers: { id: string; rules: DriverRule[] }[]
}

let parsed: { text: string; evaluation: Evaluation } | undefined

const pause = () => new Promise((resolve) => setTimeout(resolve))

/** Judges off the page; a later request for a line-up ends an earlier one. */
self.onmessage = ({ data }: MessageEvent<JudgementRequest | PairRequest>) => {
  if ('pair' in data) {
    self.postMessage(answerPair(data))
    return
  }
  latest = data
  void answer(data)
}

/** The line-up that a request is about, parsed once for all of them. */
function evaluationOf(text: string): Evaluation {
  if (parsed?.text !== text) parsed = { text, evaluation: JSON.parse(text) as Evaluation }
  return parsed.evaluation
}

/** The columns as a school judges them, for the driver and on the ground that are asked for. */
function judgedBy(
  { form, evaluation, driver }: Omit<JudgementRequest, 'more'>,
  school: string,
  ground: Ground,
): EvaluatedRevision[] {
  const { columns, rows, method, schools, drivers } = evaluationOf(evaluation)
  const rules = drivers.find(({ id }) => id === driver)?.rules
  const chosen = schools.find(({ id }) => id === school)
  const all = evaluateRevisions(form, columns, rows, effectiveCriteria(method, chosen, rules))
  return ground === 'common' ? (commonGround(all)?.evaluated ?? []) : all
}

function answerPair(request: PairRequest): PairAnswer {
  const all = judgedBy(request, request.school, request.ground)
  const [a, b] = request.pair.map((id) => all.find((one) => one.id === id))
  return { id: request.id, call: a && b && judgePair(all, a, b) }
}

async function answer(request: JudgementRequest): Promise<void> {
  const { evaluation: text, school, ground, more } = request
  const { columns, rows, schools } = evaluationOf(text)
  const say = (said: JudgementAnswer) => self.postMessage({ request: keyOf(request), ...said })
  const allBy = (id: string): EvaluatedRevision[] => judgedBy(request, id, 'overall')
  const evaluatedBy = (id: string): EvaluatedRevision[] => judgedBy(request, id, ground)
  const judgeBy = (id: string) => {
    const judged = contenders(evaluatedBy(id))
    const drawn = acceptability(judgementProblem(judged), judgementSettings)
    say({ school: id, ids: judged.map((one) => one.id), drawn })
    return drawn
  }
  const drawn = judgeBy(school)
  say({ available: availableCall(evaluatedBy(school), drawn, isHadOf(columns)) })
  if (!more) return
  await pause()
  if (latest !== request) return
  say({ beside: besideOf(allBy(school), ground) })
  await pause()
  if (latest !== request) return
  const evaluated = evaluatedBy(school)
  const settling = nextReadings(evaluated, rows)
  say({
    next: settling.slice(0, toldReadings),
    answers: new Map([...nextAnswers(evaluated, rows, settling)].map(([id, own]) => [id, own.slice(0, toldReadings)])),
  })
  await pause()
  if (latest !== request) return
  say({ untilSure: specimensUntilSure(evaluated) })
  await pause()
  if (latest !== request) return
  say({ cheapest: cheapestReview(allBy(school), rows) })
  for (const { id } of schools) {
    await pause()
    if (latest !== request) return
    if (id !== school) judgeBy(id)
  }
  const steps = flipSteps(evaluated)
  for (;;) {
    await pause()
    if (latest !== request) return
    const step = steps.next()
    if (step.done) return say({ flips: step.value })
  }
}

/** Whether each can be had. */
function isHadOf(columns: Evaluation['columns']): (id: string) => boolean {
  const seen = new Map(columns.map(({ id, availability }) => [id, availability?.status]))
  return (id) => canBeHad(seen.get(id))
}

/** The same judged on the other ground. */
function besideOf(all: readonly EvaluatedRevision[], ground: Ground): GroundCall {
  const common = commonGround(all)
  const other = ground === 'common' ? all : (common?.evaluated ?? [])
  const { call, ranked } = judge(other, judgementSettings)
  return {
    ground: ground === 'common' ? 'overall' : 'common',
    call,
    order: ranked.map(({ id }) => id),
    kept: (common?.kept ?? []).map(({ label }) => label),
    leftOut: (common?.leftOut ?? []).map(({ label }) => label),
  }
}

/** What tells one request from another, beside the evaluation. */
const keyOf = ({ school, driver, ground }: Omit<JudgementRequest, 'more'>): string => `${school} ${driver} ${ground}`

import { sizeClassLabel } from '#core/catalogue/index.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import { judge } from '#core/verdict/judgement.ts'
import { contenders, evaluateRevisions, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { takeSnapshot } from '#core/verdict/snapshot.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/verdict.ts'
import type { Application } from './applications.server.ts'
import { today } from './clock.ts'
import { columnNames } from './column-name.ts'
import { disclosureOf } from './disclosure.ts'
import { openContradictions } from './open-contradictions.ts'
import { evaluateLineup, type EvaluatedColumn } from './lineup-evaluation.server.ts'
import { saveVerdict, type VerdictDraft } from './verdicts.server.ts'

/** How many specimens of a column were opened, and who gave them. */
function disclosuresOf(columns: readonly EvaluatedColumn[]): (id: string) => string {
  const byId = new Map(columns.map((column) => [column.id, column]))
  return (id) => disclosureOf(byId.get(id) ?? { specimens: 0, given: [] })
}

/** What contradicts itself among the readings of those that are judged, in words. */
function contradictionsOf(judged: readonly EvaluatedRevision[], columns: readonly EvaluatedColumn[]): string[] {
  const ids = new Set(judged.map(({ id }) => id))
  return openContradictions(columns.filter(({ id }) => ids.has(id)))
}

/** Keeps a draft of a verdict, and publishes it as the line-up stands when asked; says why it cannot. */
export async function keepVerdict(
  application: Application,
  draft: VerdictDraft,
  version: number,
  publish: { units: UnitHabit; seen: boolean } | undefined,
): Promise<Result<'saved' | 'stale'>> {
  const { columns, rows, method, schools, drivers, reviewer } = await evaluateLineup(application, today())
  const school = schools.find(({ id }) => id === draft.schoolId)
  if (!school) return problem('school', texts.thatSchoolIsNotThereAny)
  if (draft.overruleColumn && !columns.some(({ id }) => id === draft.overruleColumn))
    return problem('column', texts.theProductThatWasPutFirst)
  const driver = drivers.find(({ id }) => id === draft.driverId)
  const criteria = effectiveCriteria(method, school, driver?.rules)
  const evaluated = evaluateRevisions(application.form, columns, rows, criteria)
  const words = { nameOf: columnNames(columns), disclosureOf: disclosuresOf(columns) }
  const contradictions = contradictionsOf(contenders(evaluated), columns)
  if (publish && !publish.seen && contradictions.length > 0)
    return problem('contradictions', texts.sayThatYouHaveSeenIt(contradictions.join(' ')))
  const interest = formatInterest(reviewer.interest, reviewer.interestNote)
  const by = {
    school: school.name,
    driver: driver?.name ?? '',
    method: method.version,
    ...(method.sizeClass && { sizeClass: sizeClassLabel(method.sizeClass) }),
    contradictions,
    interest,
  }
  const snapshot = publish && takeSnapshot(judge(evaluated), rows, words, by, publish.units)
  const saved = await saveVerdict(application.id, { ...draft, driverId: driver?.id ?? null }, version, snapshot)
  if (saved === 'id-in-use') return problem('published', texts.thisDraftWasPublishedAlreadyLoad)
  return { ok: true, value: saved }
}

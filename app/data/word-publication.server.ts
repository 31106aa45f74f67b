import { formatJudgedOn, judgedOn } from '#core/verdict/judged-on.ts'
import { formatProposedWord } from '#core/verdict/absolute-word.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import { judge } from '#core/verdict/judgement.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { saveWord, type WordDraft, type WordSnapshot } from './absolute-words.server.ts'
import type { Application } from './applications.server.ts'
import { today } from './clock.ts'
import { columnName } from './column-name.ts'
import { disclosureOf } from './disclosure.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { listProducts } from './products.server.ts'
import { proposedWordOf } from './proposed-word.ts'

/** Keeps a word on a revision, and publishes it beside what the rules propose when asked; says why it cannot. */
export async function keepWord(
  application: Application,
  draft: WordDraft,
  version: number,
  publish: { schoolId: string; driverId: string } | undefined,
): Promise<Result<'saved' | 'stale'>> {
  const revisions = (await listProducts(application.id)).flatMap((one) => one.revisions.map(({ id }) => id))
  if (!revisions.includes(draft.revisionId)) return problem('revision', texts.thisProductIsNotInThe)
  const snapshot = publish && (await snapshotOf(application, draft, publish))
  if (snapshot && !snapshot.ok) return snapshot
  const saved = await saveWord(draft, version, snapshot?.value)
  if (saved === 'id-in-use') return problem('published', texts.thisWordWasPublishedAlreadyLoad)
  return { ok: true, value: saved }
}

async function snapshotOf(
  application: Application,
  { revisionId }: WordDraft,
  { schoolId, driverId }: { schoolId: string; driverId: string },
): Promise<Result<WordSnapshot>> {
  const { columns, rows, method, schools, drivers, reviewer } = await evaluateLineup(application, today())
  const school = schools.find(({ id }) => id === schoolId)
  if (!school) return problem('school', texts.thatSchoolIsNotThereAny)
  const driver = drivers.find(({ id }) => id === driverId)
  const all = evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, school, driver?.rules))
  const [column, one] = [columns.find(({ id }) => id === revisionId), all.find(({ id }) => id === revisionId)]
  if (!column || !one) return problem('column', texts.thisProductHasNoSpecimenIn)
  const chances = judge(all).ranked.find(({ id }) => id === revisionId)?.chances
  const proposed = proposedWordOf(one, chances, column, rows, driver)
  return {
    ok: true,
    value: {
      product: columnName(column),
      proposed: proposed ? formatProposedWord(proposed) : '',
      grounds: proposed?.grounds ?? [],
      school: school.name,
      driver: driver?.name ?? '',
      method: method.version,
      judgedOn: formatJudgedOn(judgedOn(one.score)),
      disclosure: disclosureOf(column),
      interest: formatInterest(reviewer.interest, reviewer.interestNote),
    },
  }
}

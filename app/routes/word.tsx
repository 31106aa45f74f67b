import { href, Link } from 'react-router'
import { listWords, removeWord } from '#app/data/absolute-words.server.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { columnName } from '#app/data/column-name.ts'
import { disclosureOf } from '#app/data/disclosure.ts'
import { newId } from '#app/data/id.ts'
import { keepWord } from '#app/data/word-publication.server.ts'
import { removeWordSchema, wordSchema } from '#app/features/forms/word-fields.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { ProposedWordText } from '#app/features/verdict/ProposedWordText.tsx'
import { PublishedWords } from '#app/features/verdict/PublishedWords.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import { useProposedWords } from '#app/features/verdict/useProposedWords.ts'
import { WordForm } from '#app/features/verdict/WordForm.tsx'
import * as texts from '#app/texts/absolute-words.ts'
import { Card, Page, Small, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/word'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { changeRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.inAWordTitle }]

export const loader = async ({ params: { application, column } }: Route.LoaderArgs) => {
  const own = (await listWords(application)).filter(({ revisionId }) => revisionId === column)
  return {
    draft: own.find(({ publishedAt }) => publishedAt === null),
    published: own.filter(({ publishedAt }) => publishedAt !== null),
    newWord: newId(),
  }
}

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const { column: revisionId } = params
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    const removed = parseFields(removeWordSchema, typed)
    if (!removed.ok) return removed.refusal
    await removeWord(revisionId, removed.value.id)
    return accepted()
  }
  const parsed = parseFields(wordSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { intent, version, schoolId, driverId, ...draft } = parsed.value
  const publish = intent === 'publish' ? { schoolId, driverId } : undefined
  const kept = await keepWord(application, { ...draft, revisionId }, version, publish)
  if (!kept.ok) return refused(kept.problem.message)
  if (kept.value === 'saved') return accepted()
  const current = (await listWords(application.id)).find(
    (one) => one.revisionId === revisionId && one.publishedAt === null,
  )
  const { word = '', interval = '', oil = '', duty = '', position = '', reason = '' } = current ?? {}
  return changeRefusal(
    'stale',
    { message: '' },
    {
      version: current?.version ?? 0,
      values: { word, interval, oil, duty, position, reason },
    },
  )
}

export default function WordPage({ loaderData, params: { column: id }, actionData }: Route.ComponentProps) {
  const { draft, published, newWord } = loaderData
  const { application, evaluation } = useLineup()
  const judged = useEvaluation()
  const proposedOf = useProposedWords(judged)
  const column = evaluation.columns.find((one) => one.id === id && one.revisionId === id)
  const back = `${href('/lineups/:application/verdict', { application: application.id })}${judged.query}`
  if (!column)
    return (
      <Page>
        <h1>{texts.notHere}</h1>
        <p>
          {texts.thisProductHasNoSpecimenIn} <Link to={back}>{texts.back}</Link>
        </p>
      </Page>
    )
  return (
    <Page>
      <Stack $gap={8}>
        <Link to={back}>{texts.verdict(application.name)}</Link>
        <h1>{texts.inAWord(columnName(column))}</h1>
        <SchoolBar judged={judged} />
      </Stack>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.asTheRulesHaveIt}</h2>
          <ProposedWordText proposed={proposedOf(id)} />
          <Link to={href('/lineups/:application/counter/:column', { application: application.id, column: id })}>
            {texts.checkAtTheCounter}
          </Link>
          <Small>{texts.aJudgementOfConstructionAndValue(disclosureOf(column))}</Small>
        </Stack>
      </Card>
      <WordForm
        key={draft?.id ?? newWord}
        id={draft?.id ?? newWord}
        draft={draft}
        school={judged.school.id}
        driver={judged.driver?.id ?? ''}
        proposed={proposedOf(id)}
        result={actionData}
      />
      <Card>
        <Stack $gap={12}>
          <h2>{texts.published}</h2>
          <PublishedWords published={published} />
        </Stack>
      </Card>
    </Page>
  )
}

import { useMemo } from 'react'
import { data, Link, type ShouldRevalidateFunctionArgs } from 'react-router'
import { styled } from 'styled-components'
import { cautions } from '#core/catalogue/index.ts'
import { groupLabel } from '#core/score/criterion.ts'
import { disagreements } from '#core/score/schools.ts'
import { schemeOf } from '#core/score/scheme.ts'
import { vetoCap } from '#core/score/score.ts'
import { whatWouldChange } from '#core/verdict/changes.ts'
import { freeze, runnerUpOf } from '#core/verdict/freeze.ts'
import { groundsOf, type Ground } from '#core/verdict/grounds.ts'
import { judgeColumns, ranking, scoresTied, type Judged } from '#core/verdict/judged.ts'
import { findApplication, listApplications } from '#app/data/applications.server.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { listVerdicts, publish, saveDraft, withdraw, type Verdict } from '#app/data/verdicts.server.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { Published } from '#app/features/verdict/Published.tsx'
import { ReviewerForm } from '#app/features/verdict/ReviewerForm.tsx'
import { Robustness } from '#app/features/verdict/Robustness.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { columnNames, useJudged } from '#app/features/verdict/useJudged.ts'
import { verdictSchema } from '#app/features/verdict/verdict-schema.ts'
import { WinnersBySchool } from '#app/features/verdict/WinnersBySchool.tsx'
import { Button } from '#app/ui/Button.tsx'
import { Alert, Card, Caution, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { readPreferences } from '#app/ui/preferences.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/verdict'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Verdict, ${loaderData?.application.name ?? ''} · Plicator` },
]

export const loader = ({ params: { lineup } }: Route.LoaderArgs) => {
  const today = new Date().toISOString().slice(0, 10)
  return whileUnchanged(`verdict ${lineup} ${today}`, async () => {
    const application = found(await findApplication(lineup), 'This line-up')
    const [applications, judged, verdicts] = await Promise.all([
      listApplications(),
      judgedLineup(application, today),
      listVerdicts(application.id),
    ])
    return {
      application,
      applications: applications.map(({ id, name }) => ({ id, name })),
      judged: JSON.stringify(judged),
      ...verdicts,
    }
  })
}

/** Another school or driver changes the address only. */
export const shouldRevalidate = ({
  currentUrl,
  nextUrl,
  formMethod,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.lineup), 'This line-up')
  const parsed = verdictSchema.safeParse(Object.fromEntries(await formDataOf(request)))
  if (!parsed.success) return data({ fault: parsed.error.issues[0]!.message }, { status: 422 })
  const asked = parsed.data
  if (asked.intent === 'withdraw') {
    await withdraw(application.id, asked.id)
    return { fault: '' }
  }
  const { intent, driver: driverId, ...draft } = asked
  const lineup = await judgedLineup(application, new Date().toISOString().slice(0, 10))
  const school = lineup.schools.find(({ id }) => id === draft.school)
  if (!school) return data({ fault: 'That school is not there any more. Choose another.' }, { status: 422 })
  if (draft.overrule && !lineup.columns.some(({ id }) => id === draft.overrule))
    return data({ fault: 'The product that was put first is not in the line-up any more.' }, { status: 422 })
  const driver = lineup.drivers.find(({ id }) => id === driverId)
  await saveDraft(application.id, { ...draft, driver: driver?.id ?? null })
  if (intent === 'publish') {
    const ranked = ranking(
      judgeColumns(application.form, lineup.columns, lineup.rows, schemeOf(lineup.method, school, driver?.rules)),
    )
    const by = { school: school.name, driver: driver?.name ?? '', method: lineup.method.version }
    await publish(
      application.id,
      freeze(ranked, lineup.rows, lineup.columns, columnNames(lineup.columns), by, readPreferences(request).units),
    )
  }
  return { fault: '', saved: true }
}

const Winner = styled.p`
  font: 600 40px/1.1 var(--label);
  overflow-wrap: anywhere;
`

const Picks = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px 24px;
  margin: 0;
  dt {
    color: var(--ink-soft);
    font-size: 13px;
  }
  dd {
    margin: 0;
    font: 600 20px/1.2 var(--label);
    overflow-wrap: anywhere;
  }
`

const Ranking = styled(Table)`
  tr[data-tied] td {
    background: var(--green-soft);
  }
  td:first-child,
  th:first-child {
    padding-left: 8px;
  }
  td:not(:nth-child(2)):not(:last-child) {
    white-space: nowrap;
  }
`

const Grounds = styled.ul`
  margin: 0;
  padding-left: 20px;
  li {
    margin: 2px 0;
  }
`

/** A ground as a sentence that links to what it rests on. */
function GroundItem({ ground, query }: { ground: Ground; query: string }) {
  const { criterion, group, gain, first, second, specimen } = ground
  const words = `${criterion.label} ${first} against ${second}`
  return (
    <li>
      {groupLabel(group)}:{' '}
      {specimen ? (
        <Link to={`/specimens/${specimen}/values/${criterion.from}`}>{words}</Link>
      ) : (
        <Link to={`../${group === 'claims' ? 'claims' : 'money'}${query}`} relative="path">
          {words}
        </Link>
      )}{' '}
      <Small>
        ({gain >= 0 ? '+' : '−'}
        {Math.abs(gain).toFixed(1)})
      </Small>
    </li>
  )
}

export default function VerdictPage({
  loaderData: { application, applications, judged: text, draft, published },
}: Route.ComponentProps) {
  const lineup = useMemo(() => JSON.parse(text) as JudgedLineup, [text])
  const judged = useJudged(application.form, lineup)
  const { ranked, leaders, school, driver, bySchool, all, nameOf } = judged
  const { units: system } = usePreferences()
  const leader = ranked[0]
  const runnerUp = runnerUpOf(ranked)
  const grounds = useMemo(
    () => (leader && runnerUp ? groundsOf(leader, runnerUp, lineup.rows, lineup.columns, system) : []),
    [leader, runnerUp, lineup, system],
  )
  const changes = useMemo(
    () => whatWouldChange(ranked, lineup.columns, nameOf, system),
    [ranked, lineup, nameOf, system],
  )
  const query = `?school=${school.id}${driver ? `&driver=${driver.id}` : ''}`
  const first = (id: string) =>
    bySchool
      .find((one) => one.school.id === id)
      ?.leaders.map((one) => nameOf(one.id))
      .join(' or ') || 'nobody yet'
  const avoid = all.filter(({ excluded, score }) => excluded !== undefined || score.vetoes.length > 0)
  const column = (id: string) => lineup.columns[all.find((one) => one.id === id)!.at]!
  const overruled = draft?.overrule ? nameOf(draft.overrule) : undefined
  const rankedFor = (verdict: Verdict): Judged[] => {
    const by = lineup.schools.find(({ id }) => id === verdict.school) ?? school
    return ranking(
      judgeColumns(
        application.form,
        lineup.columns,
        lineup.rows,
        schemeOf(lineup.method, by, lineup.drivers.find(({ id }) => id === verdict.driver)?.rules),
      ),
    )
  }

  return (
    <Page>
      <LineupHead
        id={application.id}
        title={`Verdict: ${application.name}`}
        says="Who wins, on what grounds, for which driver, and what would change it."
        applications={applications}
        view="/verdict"
      >
        <Button onPress={() => window.print()}>Print</Button>
      </LineupHead>
      <Card>
        <Stack $gap={16}>
          <SchoolBar data={lineup} judged={judged} />
          {leader ? (
            <>
              <div role="status">
                <Soft>
                  {overruled ? 'Put first by the reviewer' : leaders.length > 1 ? 'A tie, too close to call' : 'Winner'}
                </Soft>
                <Winner>{overruled ?? leaders.map(({ id }) => nameOf(id)).join(' and ')}</Winner>
                {overruled && (
                  <p>
                    Overruled: {draft!.overruleReason}{' '}
                    <Small>By the figures it is {leaders.map(({ id }) => nameOf(id)).join(' and ')}.</Small>
                  </p>
                )}
                {leaders.length > 1 && (
                  <Small>Their scores differ by less than their uncertainty, or by less than a point.</Small>
                )}
              </div>
              {runnerUp && (
                <div>
                  <p>
                    Before {nameOf(runnerUp.id)} ({Math.round(runnerUp.score.value!)}) stands {nameOf(leader.id)} (
                    {Math.round(leader.score.value!)}) by:
                  </p>
                  <Grounds>
                    {grounds
                      .filter(({ gain }) => gain > 0)
                      .slice(0, 5)
                      .map((ground) => (
                        <GroundItem key={ground.criterion.key} ground={ground} query={query} />
                      ))}
                  </Grounds>
                  {grounds.some(({ gain }) => gain < 0) && (
                    <>
                      <p>and behind it by:</p>
                      <Grounds>
                        {grounds
                          .filter(({ gain }) => gain < 0)
                          .reverse()
                          .slice(0, 3)
                          .map((ground) => (
                            <GroundItem key={ground.criterion.key} ground={ground} query={query} />
                          ))}
                      </Grounds>
                    </>
                  )}
                </div>
              )}
            </>
          ) : (
            <p>Nobody is ranked yet: it takes a product of which three quarters of the weight are known.</p>
          )}
          <Picks>
            <div>
              <dt>Best build</dt>
              <dd>{first('build')}</dd>
            </div>
            <div>
              <dt>Best value, by thrift</dt>
              <dd>{first('thrift')}</dd>
            </div>
            <div>
              <dt>Best for long intervals</dt>
              <dd>{first('long')}</dd>
            </div>
            <div>
              <dt>Avoid</dt>
              <dd>{avoid.length === 0 ? 'nobody' : avoid.map(({ id }) => nameOf(id)).join(', ')}</dd>
            </div>
          </Picks>
          {avoid.map(({ id, excluded, score }) => (
            <Alert key={id}>
              {nameOf(id)}:{' '}
              {excluded !== undefined
                ? `excluded, ${column(id).misfits.join(' and ')}.`
                : `${score.vetoes.map(({ because }) => because).join(' and ')}; capped at ${vetoCap} whatever else is good. ${column(id).specimens > 1 ? `${column(id).faulty} of ${column(id).specimens} specimens show it${column(id).faulty > 1 ? ': worse than one alone' : ''}.` : 'Open a second specimen before it is published as a pattern.'}`}
            </Alert>
          ))}
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>Ranking</h2>
          <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Ranking">
            <Ranking>
              <thead>
                <tr>
                  <th scope="col">Rank</th>
                  <th scope="col">Product</th>
                  <th scope="col">Score</th>
                  <th scope="col">May be</th>
                  <th scope="col">Known</th>
                  <th scope="col">Disclosure</th>
                </tr>
              </thead>
              <tbody>
                {ranked.map(({ id, score }, rank) => (
                  <tr key={id} data-tied={leader && scoresTied(score, leader.score) ? true : undefined}>
                    <td>{leader && rank > 0 && scoresTied(score, leader.score) ? '1, tied' : rank + 1}</td>
                    <td>{nameOf(id)}</td>
                    <td>
                      <Link to={`/lineups/${application.id}/score/${id}${query}`}>
                        {score.value!.toFixed(1)}
                        {score.u > 0 && ` ± ${(2 * score.u).toFixed(1)}`}
                      </Link>
                    </td>
                    <td>
                      {Math.round(score.low)} to {Math.round(score.high)}
                    </td>
                    <td>{Math.round(score.coverage * 100)} %</td>
                    <td>{column(id).given.length > 0 ? `sample given by ${column(id).given.join(', ')}` : ''}</td>
                  </tr>
                ))}
              </tbody>
            </Ranking>
          </div>
          {all
            .filter((one) => !ranked.includes(one))
            .map(({ id, score, excluded }) => (
              <Small key={id}>
                {nameOf(id)} is not ranked:{' '}
                {excluded ??
                  (score.value === undefined
                    ? 'nothing is known'
                    : `only ${Math.round(score.coverage * 100)} % of the weight is known`)}
                .
              </Small>
            ))}
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>How sure</h2>
          <Robustness ranked={ranked} nameOf={nameOf} />
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>What would change it</h2>
          <Grounds>
            {changes.map(({ says, column: id, from }) => (
              <li key={says}>
                {id && !from.includes('claim.') && !from.includes('value.') ? (
                  <Link to={`/specimens/${column(id).specimen}/values/${from}`}>{says}</Link>
                ) : (
                  says
                )}
              </li>
            ))}
          </Grounds>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>Winners by school</h2>
          <WinnersBySchool bySchool={bySchool} school={school} set={judged.set} nameOf={nameOf} ranked={ranked} />
          <details>
            <summary style={{ minHeight: 44, cursor: 'pointer', font: '600 17px/44px var(--label)' }}>
              Where practitioners disagree, and the side that is in force
            </summary>
            <Table>
              <tbody>
                {disagreements.map(({ question, sides }) => (
                  <tr key={question}>
                    <td style={{ width: '26%' }}>{question}</td>
                    <td>
                      {sides.map(({ says, schools }) => (
                        <div key={says} style={{ fontWeight: schools.includes(school.id) ? 600 : 400 }}>
                          {schools.includes(school.id) ? '● ' : '○ '}
                          {says}
                        </div>
                      ))}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </details>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>Doubts and disclosures</h2>
          <Grounds>
            {leaders.map(({ id, score }) => (
              <li key={id}>
                {nameOf(id)}:{' '}
                {column(id).specimens === 1
                  ? 'one specimen was opened'
                  : `${column(id).specimens} specimens were opened`}
                {score.coverage < 1 &&
                  `, ${Math.round((1 - score.coverage) * 100)} % of the weight is open or inferred`}
                {column(id).findings > 0 && `, ${column(id).findings} contradictions in its readings`}
                {column(id).given.length > 0 && `, a sample was given by ${column(id).given.join(', ')}`}.
              </li>
            ))}
            {lineup.columns
              .filter(({ given }) => given.length > 0)
              .map(({ id, given }) => (
                <li key={`given ${id}`}>
                  {nameOf(id)}: a sample was given by {given.join(', ')}.
                </li>
              ))}
          </Grounds>
          <Caution>
            A judgement of construction and value, no filtration test. Efficiency, capacity and burst figures are the
            makers' or estimates. The engine maker's manual and a qualified mechanic come first. {cautions.opened.says}
          </Caution>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={12}>
          <h2>The reviewer</h2>
          {draft?.words && <p style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{draft.words}</p>}
          <ReviewerForm
            key={draft?.id ?? 'new'}
            draft={draft}
            school={school.id}
            driver={driver?.id ?? ''}
            products={ranked.map(({ id }) => ({ id, name: nameOf(id) }))}
          />
        </Stack>
      </Card>
      <Card data-print="no">
        <Stack $gap={12}>
          <Row $between>
            <h2>Published</h2>
          </Row>
          <Published published={published} rankedFor={rankedFor} method={lineup.method.version} nameOf={nameOf} />
        </Stack>
      </Card>
    </Page>
  )
}

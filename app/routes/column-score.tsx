import { href, Link } from 'react-router'
import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import { columnName } from '#app/data/column-name.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { DoubtCard } from '#app/features/verdict/DoubtCard.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { attributeAddress } from '#app/features/verdict/attribute-address.ts'
import { rivalsOf, sortBy, sorts } from '#app/features/verdict/score-order.ts'
import { ScoreBreakdown } from '#app/features/verdict/ScoreBreakdown.tsx'
import { useColumnOf } from '#app/features/verdict/useColumnOf.ts'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/score.ts'
import { Alert, Card, Page, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Route } from './+types/column-score'

export const meta: Route.MetaFunction = () => [{ title: texts.scoreTitle }]

export default function ColumnScore({ params: { column: id } }: Route.ComponentProps) {
  const { application } = useLineup()
  const judged = useEvaluation()
  const columnOf = useColumnOf()
  const { get, set } = useAddress()
  const evaluated = judged.all.find((one) => one.id === id)
  if (!evaluated) return <NoSuchColumn application={application.id} />
  const column = columnOf(evaluated)
  const { score, excluded } = evaluated
  const own = judged.judgedOf(id)
  const rivals = rivalsOf(evaluated, judged.all, (one) => columnName(columnOf(one)))
  const sort = sorts.find(({ value }) => value === get('sort')) ?? sorts[0]
  const linkOf = (attribute: string) => attributeAddress(attribute, application.id, column.specimenId)
  return (
    <Page>
      <Stack $gap={8}>
        <Link to={`${href('/lineups/:application/verdict', { application: application.id })}${judged.query}`}>
          {texts.verdict(application.name)}
        </Link>
        <h1>
          {columnName(column)}: {own ? texts.of100OfMean(own.chances.mean.toFixed(1)) : texts.notKnown}
        </h1>
        <SchoolBar judged={judged} />
        <p>
          {texts.ofTheWeightRestsOnEvidenceOfValue(Math.round(score.coverage * 100))}{' '}
          {own && texts.withAllThatIsUncertainDrawn(Math.round(own.chances.low), Math.round(own.chances.high))}{' '}
          {texts.aJudgementOfConstructionAndValue}
        </p>
        {excluded && <Alert>{texts.notJudgedOfValue(column.misfits.join(' and ') || excluded)}</Alert>}
        {score.fatalFaults.map(({ key, description }) => (
          <Alert key={key}>{texts.cappedAtOpenASecondSpecimen(fatalFaultCap, description)}</Alert>
        ))}
      </Stack>
      <Card>
        <Row $between>
          <Small>{texts.aRingIsThisProductAn}</Small>
          <SelectMenu
            label={texts.sortedBy}
            value={sort.value}
            options={sorts}
            onPick={(value) => set({ sort: value === sorts[0].value ? '' : value })}
          />
        </Row>
        <ScoreBreakdown
          lines={sort.value === 'part' ? score.lines : sortBy(score.lines, sort.value, rivals)}
          rivals={rivals}
          numberOf={(criterion) => evaluated.evidence.get(criterion)?.number}
          linkOf={linkOf}
        />
      </Card>
      {own && <DoubtCard all={judged.all} of={own} linkOf={linkOf} />}
    </Page>
  )
}

function NoSuchColumn({ application }: { application: string }) {
  return (
    <Page>
      <h1>{texts.notHere}</h1>
      <p>
        {texts.thisProductIsNotInThe} <Link to={href('/lineups/:application', { application })}>{texts.back}</Link>
      </p>
    </Page>
  )
}

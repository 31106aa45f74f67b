import { unfitReason } from '#core/verdict/ranking.ts'
import { memo } from 'react'
import { href, Link } from 'react-router'
import { formatMoney } from '#core/money/currency.ts'
import { formatChance, standingOf } from '#core/verdict/call.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { wordLabel } from '#core/verdict/absolute-word.ts'
import { availabilityLabel } from '#core/money/availability.ts'
import { useProposedWords } from '#app/features/verdict/useProposedWords.ts'
import * as texts from '#app/texts/line-up.ts'
import { CellsOfRow } from './CellsOfRow.tsx'
import { pinStyle } from './pin-style.ts'
import { SortHead } from './SortHead.tsx'
import { Warning } from './table-style.ts'
import { useLineup } from './useLineup.ts'
import type { Columns } from './useColumns.ts'

/** Rows above those of the parts, the heads among them, when each of them is shown. */
export const rowsOnTop = 6

/** Score, price and contradictions of each product, above what is known part by part. */
export const SummaryRows = memo(function SummaryRows({ view, judged }: { view: Columns; judged: EvaluationView }) {
  const { school, driver } = judged
  const { application } = useLineup()
  const proposedOf = useProposedWords(judged)
  const hasFindings = view.order.some(({ column }) => column.findings > 0)
  return (
    <tbody>
      <tr aria-rowindex={2} data-brief>
        <th scope="row">
          <SortHead
            view={view}
            by="score"
            label={school.id === 'build' && !driver ? texts.constructionScore : texts.score(school.name)}
          />
        </th>
        <CellsOfRow view={view}>
          {({ column }) => (
            <td style={pinStyle(view, column.id)}>
              <ScoreCell column={column} judged={judged} />
            </td>
          )}
        </CellsOfRow>
      </tr>
      <tr aria-rowindex={3} data-brief>
        <th scope="row">{texts.inAWord}</th>
        <CellsOfRow view={view}>
          {({ column: { id, word } }) => {
            const proposed = proposedOf(id)
            const own = word?.word ?? proposed?.word
            const address = href('/lineups/:application/word/:column', { application: application.id, column: id })
            const grounds = word
              ? texts.theReviewers(word.condition && `: ${word.condition}`)
              : proposed && texts.byTheRulesSure(formatChance(proposed.certainty))
            return (
              <td style={pinStyle(view, id)}>
                {own ? (
                  <Link to={`${address}${judged.query}`} title={`${wordLabel(own)}, ${grounds}`}>
                    {wordLabel(own)}
                  </Link>
                ) : (
                  '–'
                )}
              </td>
            )
          }}
        </CellsOfRow>
      </tr>
      <tr aria-rowindex={4}>
        <th scope="row">
          <SortHead view={view} by="price" label={texts.pricePaid} />
        </th>
        <CellsOfRow view={view}>
          {({ column: { id, productId, paid } }) => (
            <td style={pinStyle(view, id)}>
              {paid ? (
                <Link to={href('/products/:product', { product: productId })}>
                  {formatMoney(paid.minor, paid.currency)}
                </Link>
              ) : (
                '–'
              )}
            </td>
          )}
        </CellsOfRow>
      </tr>
      {view.order.some(({ column }) => column.availability) && (
        <tr aria-rowindex={5}>
          <th scope="row">{texts.canBeHad}</th>
          <CellsOfRow view={view}>
            {({ column: { id, productId, availability } }) => (
              <td style={pinStyle(view, id)}>
                <Link
                  to={href('/products/:product/prices', { product: productId })}
                  title={availability && [availability.place, availability.seenOn].filter(Boolean).join(', ')}
                >
                  {availability ? availabilityLabel(availability.status) : '–'}
                </Link>
              </td>
            )}
          </CellsOfRow>
        </tr>
      )}
      {hasFindings && (
        <tr aria-rowindex={6}>
          <th scope="row">{texts.contradictionsFound}</th>
          <CellsOfRow view={view}>
            {({ column: { id, specimenId, findings } }) => (
              <td style={pinStyle(view, id)}>
                {findings > 0 ? (
                  <Link to={href('/specimens/:specimen/findings', { specimen: specimenId })}>{findings}</Link>
                ) : (
                  '0'
                )}
              </td>
            )}
          </CellsOfRow>
        </tr>
      )}
    </tbody>
  )
})

interface ScoreProps {
  column: EvaluatedColumn
  judged: EvaluationView
}

/** Coverage from which it is not said how much is known. */
const mostly = 0.9

const standingLabels = { wins: 'wins', leads: 'leads', close: 'close', alone: 'alone', behind: 'behind' }

function ScoreCell({ column: { id, score, misfits, aside }, judged: { all, call, judgedOf, query } }: ScoreProps) {
  const { application } = useLineup()
  const address = href('/lineups/:application/score/:column', { application: application.id, column: id })
  const own = judgedOf(id)
  const evaluated = all.find((one) => one.id === id)
  const spread =
    own &&
    texts.toIn95Of100Known(Math.round(own.chances.low), Math.round(own.chances.high), Math.round(score.coverage * 100))
  const unfit = misfits.length === 0 ? evaluated && unfitReason(evaluated) : undefined
  return (
    <>
      <Link to={`${address}${query}`} style={{ font: '600 24px/1 var(--label)' }} title={spread}>
        {score.value === undefined ? '–' : Math.round(score.value)}
      </Link>
      {score.fatalFault && <Warning title={score.fatalFault}>{score.fatalFault}</Warning>}
      {own && call && !score.fatalFault && (
        <small title={spread}>
          {texts.firstIn(
            score.coverage < mostly
              ? texts.known(Math.round(score.coverage * 100))
              : standingLabels[standingOf(call, id) ?? 'behind'],
            formatChance(own.chance),
          )}
        </small>
      )}
      {aside && <Warning title={aside}>{aside}</Warning>}
      {unfit !== undefined && <Warning title={unfit}>{texts.unfit(unfit)}</Warning>}
      {misfits.length > 0 && <Warning title={misfits.join(', ')}>{texts.doesNotFit(misfits.join(', '))}</Warning>}
    </>
  )
}

import { unfitReason } from '#core/verdict/ranking.ts'
import { href, Link } from 'react-router'
import { formatMoney } from '#core/money/currency.ts'
import { formatChance, standingOf } from '#core/verdict/call.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { wordLabel } from '#core/verdict/absolute-word.ts'
import { availabilityLabel } from '#core/money/availability.ts'
import { useProposedWords } from '#app/features/verdict/useProposedWords.ts'
import { CellsOfRow } from './CellsOfRow.tsx'
import { pinStyle } from './pin-style.ts'
import { SortHead } from './SortHead.tsx'
import { Warning } from './table-style.ts'
import { useLineup } from './useLineup.ts'
import type { Columns } from './useColumns.ts'

/** Score, price and contradictions of each product, above what is known part by part. */
export function SummaryRows({ view, judged }: { view: Columns; judged: EvaluationView }) {
  const { school, driver } = judged
  const { application } = useLineup()
  const proposedOf = useProposedWords(judged)
  const hasFindings = view.order.some(({ column }) => column.findings > 0)
  return (
    <tbody>
      <tr data-brief>
        <th scope="row">
          <SortHead
            view={view}
            by="score"
            label={school.id === 'build' && !driver ? 'Construction score' : `Score: ${school.name}`}
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
      <tr data-brief>
        <th scope="row">In a word</th>
        <CellsOfRow view={view}>
          {({ column: { id, word } }) => {
            const proposed = proposedOf(id)
            const own = word?.word ?? proposed?.word
            const address = href('/lineups/:application/word/:column', { application: application.id, column: id })
            const grounds = word
              ? `the reviewer’s${word.condition && `: ${word.condition}`}`
              : proposed && `by the rules, ${formatChance(proposed.certainty)} sure`
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
      <tr>
        <th scope="row">
          <SortHead view={view} by="price" label="Price paid" />
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
        <tr>
          <th scope="row">Can be had</th>
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
        <tr>
          <th scope="row">Contradictions found</th>
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
}

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
    `${Math.round(own.chances.low)} to ${Math.round(own.chances.high)} in 95 of 100, ` +
      `${Math.round(score.coverage * 100)} % known`
  const unfit = misfits.length === 0 ? evaluated && unfitReason(evaluated) : undefined
  return (
    <>
      <Link to={`${address}${query}`} style={{ font: '600 24px/1 var(--label)' }} title={spread}>
        {score.value === undefined ? '–' : Math.round(score.value)}
      </Link>
      {score.fatalFault && <Warning title={score.fatalFault}>{score.fatalFault}</Warning>}
      {own && call && !score.fatalFault && (
        <small title={spread}>
          {score.coverage < mostly
            ? `${Math.round(score.coverage * 100)} % known`
            : standingLabels[standingOf(call, id) ?? 'behind']}
          , first in {formatChance(own.chance)}
        </small>
      )}
      {aside && <Warning title={aside}>{aside}</Warning>}
      {unfit !== undefined && <Warning title={unfit}>unfit: {unfit}</Warning>}
      {misfits.length > 0 && <Warning title={misfits.join(', ')}>does not fit: {misfits.join(', ')}</Warning>}
    </>
  )
}

import { href, Link } from 'react-router'
import { formatJudgedOn, judgedOn } from '#core/verdict/judged-on.ts'
import type { NextAnswer } from '#core/verdict/next-answers.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { attributeAddress } from './attribute-address.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** What each product is judged on, and which answers of it would be worth most. */
export function ProductsKnown({ judged: { ranked, nameOf, answers } }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const specimenOf = (id: string) => evaluation.columns.find((column) => column.id === id)?.specimenId ?? ''
  const addressOf = ({ readings: [first], attribute }: NextAnswer, specimen: string): string =>
    first
      ? `${href('/bench/:specimen', { specimen })}?at=${first}`
      : attributeAddress(attribute, application.id, specimen)
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.whatEachIsJudgedOn}>
      <Table>
        <thead>
          <tr>
            <th scope="col" style={{ width: '22%' }}>
              {texts.product}
            </th>
            <th scope="col">{texts.judgedOn}</th>
            <th scope="col">{texts.worthMostNext}</th>
          </tr>
        </thead>
        <tbody>
          {ranked.map(({ id, score }) => (
            <tr key={id}>
              <td>{nameOf(id)}</td>
              <td>{formatJudgedOn(judgedOn(score))}</td>
              <td>
                {!answers ? (
                  <Small>…</Small>
                ) : (answers.get(id) ?? []).length === 0 ? (
                  <Small>{texts.nothingIsOpenThatCanStill}</Small>
                ) : (
                  answers.get(id)?.map((answer, at) => (
                    <span key={answer.criterion}>
                      {at > 0 && ', '}
                      <Link to={addressOf(answer, specimenOf(id))}>{answer.label}</Link>{' '}
                      <Small>{texts.min(formatNumber(answer.minutes, 2))}</Small>
                    </span>
                  ))
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  )
}

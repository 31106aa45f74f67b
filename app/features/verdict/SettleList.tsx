import { Link } from 'react-router'
import { styled } from 'styled-components'
import { formatNumber } from '#core/quantity/format.ts'
import { formatChance } from '#core/verdict/call.ts'
import { formatUntilSure } from '#core/verdict/format-until-sure.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { nextReadingAddress } from './NextReadingsCard.tsx'
import type { EvaluationView } from './useEvaluation.ts'

export const SaidList = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 2px 14px;
    padding: 5px 0;
    border-bottom: 1px dotted var(--line-strong);
  }
  li > strong,
  li > a {
    font: 600 16px/1.25 var(--label);
  }
`

/** So many readings are named here; the rest stands below. */
const mostReadings = 2

/** What would make the answer surer: the readings worth most, and more specimens. */
export function SettleList({ judged }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const { next, untilSure, ranked, nameOf, answers } = judged
  if (ranked.length < 2) return <Small>{texts.itTakesTwoThatAreJudged}</Small>
  if (!next) return <Soft>{texts.weighingWhatIsOpen}</Soft>
  const open = ranked.slice(0, mostReadings).flatMap(({ id }) => {
    const [answer] = answers?.get(id) ?? []
    return answer ? [{ column: id, answer }] : []
  })
  const specimenOf = (column: string) => evaluation.columns.find(({ id }) => id === column)?.specimenId ?? ''
  return (
    <>
      <SaidList>
        {next.slice(0, mostReadings).map((reading) => (
          <li key={`${reading.column} ${reading.criterion}`}>
            <Link to={nextReadingAddress(reading, application.id, specimenOf(reading.column))}>
              {texts.ofLabel(reading.label, nameOf(reading.column))}
            </Link>
            <Small>{texts.aboutMin(formatChance(reading.gain), formatNumber(reading.minutes, 2))}</Small>
          </li>
        ))}
      </SaidList>
      {next.length === 0 && open.length > 0 && (
        <SaidList>
          {open.map(({ column, answer }) => (
            <li key={column}>
              <Link to={nextReadingAddress(answer, application.id, specimenOf(column))}>
                {texts.ofLabel(answer.label, nameOf(column))}
              </Link>
              <Small>{texts.narrowsItsScoreAboutMin(formatNumber(answer.minutes, 2))}</Small>
            </li>
          ))}
        </SaidList>
      )}
      {next.length === 0 && (
        <Small>{open.length > 0 ? texts.noSingleReadingWouldMakeAnother : texts.noReadingThatIsOpenWould}</Small>
      )}
      {untilSure && <Small>{formatUntilSure(untilSure, nameOf)}</Small>}
    </>
  )
}

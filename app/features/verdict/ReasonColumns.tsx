import { useMemo } from 'react'
import { Link } from 'react-router'
import { styled } from 'styled-components'
import { scoreContributions, type Contribution } from '#core/verdict/contributions.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { contributionAddress } from './contribution-address.ts'
import type { EvaluationView } from './useEvaluation.ts'

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px 24px;
  h2 {
    margin-bottom: 2px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 4px 12px;
    padding: 3px 0;
    border-bottom: 1px dotted var(--line-strong);
  }
  a {
    font: 500 16px/1.2 var(--label);
  }
  span {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
`

/** So many reasons on either side are shown. */
const mostReasons = 4

interface Props {
  leader: JudgedRevision
  next: JudgedRevision
  judged: EvaluationView
}

/** Why the one stands before the other, and by what it stands behind; each opens to what it rests on. */
export function ReasonColumns({ leader, next, judged: { nameOf, query } }: Props) {
  const { evaluation } = useLineup()
  const { units: system } = usePreferences()
  const contributions = useMemo(
    () => scoreContributions(leader, next, evaluation.rows, system),
    [leader, next, evaluation, system],
  )
  const gains = contributions.filter(({ gain }) => gain > 0).slice(0, mostReasons)
  const losses = contributions.filter(({ gain }) => gain < 0).reverse()
  return (
    <Columns>
      <Side title={texts.beforeBy(nameOf(next.id))} those={gains} query={query} />
      {losses.length > 0 && <Side title={texts.behindItBy} those={losses.slice(0, mostReasons)} query={query} />}
    </Columns>
  )
}

/** The two sides as `768 : 1193 cm²`; a unit that both have is said once. */
function sidesText({ first, second }: Contribution): string {
  const unit = /^[\d.,]+ (\S+)$/.exec(second)?.[1]
  const bare = unit && first.endsWith(` ${unit}`) ? first.slice(0, -unit.length - 1) : first
  return `${bare} : ${second}`
}

function Side({ title, those, query }: { title: string; those: readonly Contribution[]; query: string }) {
  const { application } = useLineup()
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <ul>
        {those.map((one) => (
          <li key={one.criterion.key} title={texts.pointsOfAHundred(Math.abs(one.gain).toFixed(1))}>
            <Link to={contributionAddress(one, application.id, query)}>{one.criterion.label}</Link>
            <span>
              {sidesText(one)}
              {one.byLook && <Small>{` ${texts.byTheLookOfIt}`}</Small>}
            </span>
          </li>
        ))}
      </ul>
      {those.length === 0 && <Small>{texts.nothingThatIsKnownOfBoth}</Small>}
    </section>
  )
}

import { styled } from 'styled-components'
import { partLabel } from '#core/catalogue/index.ts'
import type { Upgrade } from '#core/verdict/upgrade.ts'
import * as texts from '#app/texts/money.ts'
import { Small, Soft } from '#app/ui/layout.tsx'

/** A step that opens to what it is made of. */
export const StepDetails = styled.details`
  border-bottom: 1px dotted var(--line-strong);
  summary {
    min-height: 44px;
    padding: 10px 0;
    cursor: pointer;
  }
  ul {
    margin: 0 0 12px;
    padding-left: 22px;
  }
`

const signed = (points: number): string => `${points >= 0 ? '+' : '−'}${Math.abs(points).toFixed(1)}`

const words = { better: texts.buysSomething, worse: texts.buysLess, nothing: texts.buysNothingThatCountsHere }

/** What a step comes to, in a few words. */
export function StepWorth({ upgrade }: { upgrade: Upgrade }) {
  return (
    <>
      <strong>{words[upgrade.outcome]}</strong> <Small>{texts.pointsOf100(signed(upgrade.worth))}</Small>
    </>
  )
}

/** What a step buys, part by part: real differences only. */
export function Differences({ upgrade }: { upgrade: Upgrade }) {
  if (upgrade.differences.length === 0) return <Soft>{texts.noDifferenceThatIsLargerThan}</Soft>
  return (
    <ul>
      {upgrade.differences.map(({ comparison, better, factor, worth, reason }) => (
        <li key={comparison.key}>
          {partLabel(comparison.part)}: {comparison.label.toLowerCase()} {better ? texts.better : texts.worse}{' '}
          <Small>({signed(worth)})</Small>
          {factor !== 1 && reason && <Small> {reason}</Small>}
        </li>
      ))}
    </ul>
  )
}

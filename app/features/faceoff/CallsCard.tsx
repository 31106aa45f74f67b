import { href } from 'react-router'
import { styled } from 'styled-components'
import { criterionGroupLabel, type CriterionGroup } from '#core/score/criterion.ts'
import { calledParts, formatPartCall, sumOfCalls, type CalledPart, type PartCall } from '#core/verdict/part-calls.ts'
import type { PartContribution } from '#core/verdict/summary.ts'
import type { StoredPartCall } from '#app/data/part-calls.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/face-off.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Facing } from './useFacing.ts'

const Choice = styled.button`
  min-width: 44px;
  min-height: 36px;
  padding: 4px 10px;
  border: 1px solid var(--line-strong);
  background: var(--raised);
  color: inherit;
  font: 500 15px/1 var(--label);
  cursor: pointer;
  &[aria-pressed='true'] {
    background: var(--green);
    border-color: var(--green);
    color: var(--on-green);
  }
`

const steps: readonly PartCall[] = [2, 1, 0, -1, -2]
const stepWords = ['tie', 'slight', 'clear'] as const
const arrows: Record<PartCall, string> = { 2: '◀', 1: '◂', 0: '', [-1]: '▸', [-2]: '▶' }

interface Props {
  a: Facing
  b: Facing
  parts: readonly PartContribution[]
  calls: readonly StoredPartCall[]
}

/** The reviewer's call part by part, beside the computed one, and what the calls add up to. */
export function CallsCard({ a, b, parts, calls }: Props) {
  const { application } = useLineup()
  const { send, refusal } = useAction()
  const [one, other] = [a.column.revisionId, b.column.revisionId]
  const names = { a: a.name, b: b.name }
  const own = ownCalls(calls, one, other)
  const rows = calledParts(parts, own, criterionGroupLabel)
  const sum = sumOfCalls([...own.values()])
  const call = (part: CriterionGroup, value: PartCall | undefined) =>
    send({ intent: 'call', a: one, b: other, part, call: value === undefined ? '' : String(value) })
  if (rows.length === 0 || one === other) return null
  const pick = sum.pick && (sum.pick === 'a' ? a : b)
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.yourCallPartByPart}</h2>
        <p>{texts.standsAtTheLeftAtThe(a.name, b.name)}</p>
        <ErrorText role="alert">{refusal}</ErrorText>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.callsPartByPart}>
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.part}</th>
                <th scope="col">{texts.yourCall}</th>
                <th scope="col">{texts.byThePoints}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.group}>
                  <th scope="row">{row.label}</th>
                  <td style={{ whiteSpace: 'nowrap' }}>
                    <div role="group" aria-label={texts.yourCallOn(row.label)}>
                      {steps.map((step) => (
                        <Choice
                          key={step}
                          type="button"
                          aria-pressed={row.own === step}
                          aria-label={`${row.label}: ${callName(step, names)}`}
                          onClick={() => call(row.group, row.own === step ? undefined : step)}
                        >
                          {step > 0 && <span aria-hidden>{arrows[step]} </span>}
                          {stepWords[Math.abs(step)]}
                          {step < 0 && <span aria-hidden> {arrows[step]}</span>}
                        </Choice>
                      ))}
                    </div>
                  </td>
                  <td>
                    {formatPartCall(row.computed, names)} <Small>{partingText(row)}</Small>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
        {own.size > 0 && (
          <Row>
            <p role="status">{texts.yourCallsAddUpToFor(sum.a, a.name, sum.b, b.name, sum.ties)}</p>
            {pick && (
              <ButtonLink
                to={`${href('/lineups/:application/verdict', { application: application.id })}?tab=reviewer&pick=${pick.column.id}#below`}
              >
                {texts.takeAsMyPick(pick.name)}
              </ButtonLink>
            )}
          </Row>
        )}
      </Stack>
    </Card>
  )
}

/** A call as its button reads, and for whom it is. */
function callName(step: PartCall, { a, b }: { a: string; b: string }): string {
  const word = stepWords[Math.abs(step)] ?? ''
  return step === 0 ? word : `${word}, ${step > 0 ? a : b}`
}

/** The calls on two, whichever of them was the first when they were kept. */
function ownCalls(calls: readonly StoredPartCall[], one: string, other: string): Map<CriterionGroup, PartCall> {
  return new Map(
    calls.flatMap(({ a, b, part, call }): [CriterionGroup, PartCall][] => {
      if (a === one && b === other) return [[part, call]]
      return a === other && b === one ? [[part, (0 - call) as PartCall]] : []
    }),
  )
}

/** Where the reviewer and the points part. */
function partingText({ own, computed }: CalledPart): string {
  if (own === undefined || own === computed) return ''
  if (Math.sign(own) === Math.sign(computed)) return texts.ofTheSameMindByAnother
  return own !== 0 && computed !== 0 ? texts.theOtherWayRoundThanYou : texts.whereYouPart
}

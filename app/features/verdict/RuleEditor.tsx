import { groupLabel, type Criterion, type Rule } from '#core/score/criterion.ts'
import { readRule, ruleUnit, writeRule } from '#core/score/rule-text.ts'
import { readNumber } from '#core/quantity/number.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Fault } from '#app/ui/fields.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** Weights and rules as they are typed, by criterion; what is not typed is as before. */
export type Typed = Record<string, { weight?: string; rule?: string }>

export interface ReadChanges {
  weights: Record<string, number>
  rules: Record<string, Rule>
  faults: Record<string, string>
}

/** What was typed as weights and rules, with what is wrong beside its criterion. Only what differs from before is a change. */
export function readChanges(before: readonly Criterion[], typed: Typed): ReadChanges {
  const read: ReadChanges = { weights: {}, rules: {}, faults: {} }
  for (const criterion of before) {
    const { weight, rule } = typed[criterion.key] ?? {}
    if (weight !== undefined && weight.trim() !== String(criterion.weight)) {
      const number = readNumber(weight)
      if (number.ok && number.value >= 0 && number.value <= 100) read.weights[criterion.key] = number.value
      else read.faults[criterion.key] = 'A weight is a number from 0 to 100.'
    }
    if (rule !== undefined && rule.trim() !== writeRule(criterion)) {
      const found = readRule(criterion, rule)
      if (found.ok) read.rules[criterion.key] = found.value
      else read.faults[criterion.key] = found.problem.message
    }
  }
  return read
}

interface Props {
  /** As they are before the change. */
  before: readonly Criterion[]
  typed: Typed
  faults: Record<string, string>
  onType: (typed: Typed) => void
}

/** Every criterion with its weight and its rule to edit. */
export function RuleEditor({ before, typed, faults, onType }: Props) {
  const change = (key: string, part: 'weight' | 'rule', text: string) =>
    onType({ ...typed, [key]: { ...typed[key], [part]: text } })
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col" style={{ width: '24%' }}>
            Criterion
          </th>
          <th scope="col" style={{ width: 100 }}>
            Weight
          </th>
          <th scope="col">Points</th>
        </tr>
      </thead>
      <tbody>
        {before.map((criterion) => {
          const { key, label, part, weight, because } = criterion
          const rule = writeRule(criterion)
          return (
            <tr key={key}>
              <td>
                {label}
                <br />
                <Small>{groupLabel(part)}</Small>
              </td>
              <td>
                <InputBox
                  style={{ width: '100%' }}
                  aria-label={`Weight of ${label}`}
                  inputMode="decimal"
                  value={typed[key]?.weight ?? String(weight)}
                  onChange={(event) => change(key, 'weight', event.target.value)}
                />
              </td>
              <td>
                {rule === undefined ? (
                  <Small>by its written anchors</Small>
                ) : (
                  <InputBox
                    style={{ width: '100%' }}
                    aria-label={`Points of ${label}`}
                    value={typed[key]?.rule ?? rule}
                    aria-invalid={!!faults[key]}
                    onChange={(event) => change(key, 'rule', event.target.value)}
                    maxLength={400}
                  />
                )}
                <Fault role="alert">{faults[key]}</Fault>
                <Small style={{ display: 'block' }}>
                  {criterion.rule.kind === 'scale' && ruleUnit(criterion) && `In ${ruleUnit(criterion)}. `}
                  {because}
                </Small>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}

import { criterionGroupLabel, type Criterion } from '#core/score/criterion.ts'
import { valueFunctionUnit, writeValueFunction } from '#core/score/rule-text.ts'
import * as texts from '#app/texts/schools.ts'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { CriterionEdits } from './criterion-edits.ts'

interface Props {
  /** As they are before the change. */
  before: readonly Criterion[]
  typed: CriterionEdits
  problems: Record<string, string>
  onType: (typed: CriterionEdits) => void
  /** Whether it can be said what a filter must have. */
  mustHaves?: boolean
}

/** Every criterion with its weight and its rule to edit. */
export function RuleEditor({ before, typed, problems, onType, mustHaves = false }: Props) {
  const change = (key: string, part: 'weight' | 'rule' | 'mustHave', text: string) =>
    onType({ ...typed, [key]: { ...typed[key], [part]: text } })
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col" style={{ width: '24%' }}>
            {texts.criterion}
          </th>
          <th scope="col" style={{ width: 110 }}>
            {texts.weight}
          </th>
          {mustHaves && (
            <th scope="col" style={{ width: 110 }}>
              {texts.mustHave}
              <br />
              <Small>{texts.leastPointsOrItIsUnfit}</Small>
            </th>
          )}
          <th scope="col">{texts.points}</th>
        </tr>
      </thead>
      <tbody>
        {before.map((criterion) => {
          const { key, label, part, weight, rationale } = criterion
          const rule = writeValueFunction(criterion)
          return (
            <tr key={key}>
              <td>
                {label}
                <br />
                <Small>{criterionGroupLabel(part)}</Small>
              </td>
              <td>
                <InputBox
                  style={{ width: '100%' }}
                  aria-label={texts.weightOf(label)}
                  inputMode="decimal"
                  value={typed[key]?.weight ?? String(weight)}
                  onChange={(event) => change(key, 'weight', event.target.value)}
                />
                {mustHaves && Number(typed[key]?.weight ?? weight) !== 0 && (
                  <Button
                    $kind="quiet"
                    aria-label={texts.iDoNotCareAbout(label)}
                    onPress={() => change(key, 'weight', '0')}
                  >
                    {texts.iDoNotCare}
                  </Button>
                )}
              </td>
              {mustHaves && (
                <td>
                  <InputBox
                    style={{ width: '100%' }}
                    aria-label={texts.leastPointsOf(label)}
                    inputMode="decimal"
                    placeholder="–"
                    value={typed[key]?.mustHave ?? String(criterion.mustHave ?? '')}
                    onChange={(event) => change(key, 'mustHave', event.target.value)}
                  />
                </td>
              )}
              <td>
                {rule === undefined ? (
                  <Small>{texts.byItsWrittenAnchors}</Small>
                ) : (
                  <InputBox
                    style={{ width: '100%' }}
                    aria-label={texts.pointsOf(label)}
                    value={typed[key]?.rule ?? rule}
                    aria-invalid={!!problems[key]}
                    onChange={(event) => change(key, 'rule', event.target.value)}
                    maxLength={400}
                  />
                )}
                <ErrorText role="alert">{problems[key]}</ErrorText>
                <Small style={{ display: 'block' }}>
                  {criterion.valueFunction.kind === 'scale' &&
                    valueFunctionUnit(criterion) &&
                    texts.inLabel(valueFunctionUnit(criterion))}
                  {rationale}
                </Small>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}

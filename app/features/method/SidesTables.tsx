import { useState } from 'react'
import { formatNumber } from '#core/quantity/format.ts'
import { criterionGroupLabel, type Criterion } from '#core/score/criterion.ts'
import { formatValueFunction } from '#core/score/format-rule.ts'
import type { CriterionSides, PartSides } from '#core/score/school-differences.ts'
import type { School } from '#core/score/schools.ts'
import * as texts from '#app/texts/method.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

const percent = (share: number): string => `${formatNumber(share * 100, share < 0.1 ? 1 : 2)} %`

const SchoolHeads = ({ first, schools }: { first: string; schools: readonly School[] }) => (
  <thead>
    <tr>
      <th scope="col" style={{ width: '22%' }}>
        {first}
      </th>
      {schools.map(({ id, name }) => (
        <th key={id} scope="col">
          {name}
        </th>
      ))}
    </tr>
  </thead>
)

/** How much each part counts by each school. */
export const PartSidesTable = ({ parts, schools }: { parts: readonly PartSides[]; schools: readonly School[] }) => (
  <Table aria-label={texts.weightByPart}>
    <SchoolHeads first={texts.part} schools={schools} />
    <tbody>
      {parts.map(({ part, label, shares }) => (
        <tr key={part}>
          <th scope="row">{label}</th>
          {schools.map(({ id }, at) => (
            <td key={id}>
              <ShareBar share={shares[at] ?? 0} />
              <Small>{percent(shares[at] ?? 0)}</Small>
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </Table>
)

interface CriteriaProps {
  criteria: readonly CriterionSides[]
  schools: readonly School[]
  /** The criteria as each school has them, in the order of the method. */
  effective: readonly (readonly Criterion[])[]
}

const shownAtFirst = 10

/** The criteria on which schools part, furthest first, with the rules where those differ. */
export function CriterionSidesTable({ criteria, schools, effective }: CriteriaProps) {
  const { units } = usePreferences()
  const [isWhole, setIsWhole] = useState(false)
  const shown = isWhole ? criteria : criteria.slice(0, shownAtFirst)
  const ruleOf = (key: string, at: number): string => {
    const criterion = effective[at]?.find((one) => one.key === key)
    return criterion ? formatValueFunction(criterion, units) : ''
  }
  return (
    <>
      <Table aria-label={texts.whereTheyPart}>
        <SchoolHeads first={texts.criterion} schools={schools} />
        <tbody>
          {shown.map(({ criterion: { key, label, part }, shares, rulesDiffer }) => (
            <tr key={key}>
              <th scope="row">
                {label}
                <br />
                <Small>{criterionGroupLabel(part)}</Small>
              </th>
              {schools.map(({ id }, at) => (
                <td key={id}>
                  {percent(shares[at] ?? 0)}
                  {rulesDiffer && (
                    <>
                      <br />
                      <Small>{ruleOf(key, at)}</Small>
                    </>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
      {criteria.length > shownAtFirst && (
        <Row>
          <Button $kind="quiet" onPress={() => setIsWhole(!isWhole)}>
            {isWhole ? texts.showTheTenFurthestApart : texts.showAll(criteria.length)}
          </Button>
        </Row>
      )}
    </>
  )
}

import { sizeClasses } from '#core/catalogue/index.ts'
import { sizeClassRows } from '#core/exchange/size-classes-md.ts'
import * as texts from '#app/texts/method.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** Where most filters of each size class lie. */
export function SizeClassCard() {
  const { units } = usePreferences()
  return (
    <Card id="size-classes">
      <Stack>
        <h2>{texts.sizeClasses}</h2>
        <Soft>{texts.filtersAreComparedAndJudgedInside}</Soft>
        <Table>
          <thead>
            <tr>
              <th>{texts.mostLieWithin}</th>
              {sizeClasses.map(({ key, label, description }) => (
                <th key={key} title={description}>
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sizeClassRows(units).map(({ label, ranges }) => (
              <tr key={label}>
                <td>{label}</td>
                {ranges.map((range, at) => (
                  <td key={sizeClasses[at]?.key}>{range}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </Card>
  )
}

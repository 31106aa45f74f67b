import { sizeClasses } from '#core/catalogue/index.ts'
import { sizeClassRows } from '#core/exchange/size-classes-md.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** Where most filters of each size class lie. */
export function SizeClassCard() {
  const { units } = usePreferences()
  return (
    <Card id="size-classes">
      <Stack>
        <h2>Size classes</h2>
        <Soft>
          Filters are compared and judged inside a size class: the one chosen for their engine, else what their first
          sizes say. The breakpoints of the score are written for cars; for another class they are moved and stretched
          as its range is to theirs. What is not of cars is an estimate, but for a large diesel’s wall, strip and disc,
          which are common practice.
        </Soft>
        <Table>
          <thead>
            <tr>
              <th>Most lie within</th>
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

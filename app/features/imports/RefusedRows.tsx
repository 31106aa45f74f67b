import * as texts from '#app/texts/imports.ts'
import { Card, Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** The first of the rows that are refused, with the reason. */
export function RefusedRows({ problems, count }: { problems: { row: number; message: string }[]; count: number }) {
  if (problems.length === 0) return null
  return (
    <Card>
      <h2>{texts.refusedRows}</h2>
      <Table>
        <thead>
          <tr>
            <th>{texts.rowOfTheFile}</th>
            <th>{texts.reason}</th>
          </tr>
        </thead>
        <tbody>
          {problems.map(({ row, message }) => (
            <tr key={row}>
              <td>{row}</td>
              <td>{message}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {count > problems.length && <Soft>{texts.andMoreTheResultOfEvery(count - problems.length)}</Soft>}
    </Card>
  )
}

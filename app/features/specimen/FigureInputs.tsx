import { href, Link } from 'react-router'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { ResolvedValueView } from '#app/data/view-models.ts'
import * as texts from '#app/texts/specimen.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { formatResolvedValue } from './format-resolved-value.ts'

/** What a figure is made of, each input with its evidence. */
export function FigureInputs({ inputs, specimen }: { inputs: ResolvedValueView[]; specimen: string }) {
  const { units: system } = usePreferences()
  if (inputs.length === 0) return <Soft>{texts.nothingOfItIsRecordedYet}</Soft>
  return (
    <Table>
      <tbody>
        {inputs.map((input) => (
          <tr key={input.key}>
            <td>
              <Link to={href('/specimens/:specimen/values/:key', { specimen, key: input.key })}>
                {characteristicOf(input.key).label}
              </Link>
            </td>
            <td>{formatResolvedValue(input, system)}</td>
            <td>
              <EvidenceGlyph evidence={input.evidence} word />
            </td>
            <td>{texts.readingsOfReadings(input.readings)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}

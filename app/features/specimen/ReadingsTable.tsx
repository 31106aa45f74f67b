import { styled } from 'styled-components'
import type { Characteristic } from '#core/catalogue/index.ts'
import { sayValue } from '#core/compare/display.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Table } from '#app/ui/Table.tsx'

const Readings = styled(Table)`
  tr[data-struck] td {
    color: var(--ink-soft);
    text-decoration: line-through;
  }
`

/** Every reading of one characteristic as it was typed, struck ones too. */
export function ReadingsTable({
  characteristic,
  readings,
  outliers,
}: {
  characteristic: Characteristic
  readings: Reading[]
  outliers: string[]
}) {
  const { units: system } = usePreferences()
  if (readings.length === 0) return <Soft>None.</Soft>
  return (
    <Readings>
      <thead>
        <tr>
          <th>As typed</th>
          <th>Read in</th>
          <th>Value</th>
          <th>How known</th>
          <th>When (UTC)</th>
          <th>Remark</th>
        </tr>
      </thead>
      <tbody>
        {readings.map((reading) => (
          <tr key={reading.id} data-struck={reading.struck ? '' : undefined}>
            <td>{reading.typed}</td>
            <td>{reading.unit ?? ''}</td>
            <td>{sayValue(characteristic, reading, system)}</td>
            <td>
              <EvidenceGlyph evidence={reading.evidence} word />
            </td>
            <td>{reading.at.slice(0, 16).replace('T', ' ')}</td>
            <td>
              {[
                reading.struck && `struck ${reading.struck.why ?? ''}`.trim(),
                outliers.includes(reading.id) && 'stands apart from the others',
                reading.source && `read at ${reading.source}`,
                reading.note,
              ]
                .filter(Boolean)
                .join('; ')}
            </td>
          </tr>
        ))}
      </tbody>
    </Readings>
  )
}

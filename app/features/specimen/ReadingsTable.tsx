import { styled } from 'styled-components'
import type { Characteristic } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import { readingValue, type Reading } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/specimen.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Table } from '#app/ui/Table.tsx'

const Readings = styled(Table)`
  tr[data-voided] td {
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
  if (readings.length === 0) return <Soft>{texts.none}</Soft>
  return (
    <Readings>
      <thead>
        <tr>
          <th>{texts.asTyped}</th>
          <th>{texts.readIn}</th>
          <th>{texts.value}</th>
          <th>{texts.howKnown}</th>
          <th>{texts.whenUtc}</th>
          <th>{texts.remark}</th>
        </tr>
      </thead>
      <tbody>
        {readings.map((reading) => (
          <tr key={reading.id} data-voided={reading.voided ? '' : undefined}>
            <td>{reading.rawInput}</td>
            <td>{reading.unit ?? ''}</td>
            <td>{formatValue(characteristic, readingValue(reading), system)}</td>
            <td>
              <EvidenceGlyph evidence={reading.evidence} word />
            </td>
            <td>{reading.recordedAt.slice(0, 16).replace('T', ' ')}</td>
            <td>
              {[
                reading.voided && texts.struck(reading.voided.reason ?? '').trim(),
                outliers.includes(reading.id) && texts.standsApartFromTheOthers,
                reading.source && texts.readAt(reading.source),
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

import { Link } from 'react-router'
import type { Characteristic } from '#core/catalogue/index.ts'
import { sayUncertain, sayValue } from '#core/compare/display.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Small } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Chips } from './parts.tsx'
import type { Bench } from './useBench.ts'

/** From this share of the doubt up another repeat is worth its work. */
const worthIt = 0.15

/** Readings of the characteristic so far, what they come to, and whether another is worth taking. */
export function Repeats({ bench, characteristic }: { bench: Bench; characteristic: Characteristic }) {
  const { units: system } = usePreferences()
  const resolved = bench.known.get(characteristic.key)
  if (!resolved) return null
  const { number, readings, evidence, disagree, outliers, spread, gain = 0 } = resolved
  const repeated = number && characteristic.kind === 'quantity' && readings.length > 1
  return (
    <Chips aria-label="Readings so far">
      {readings.map((reading) => (
        <span
          key={reading.id}
          style={{
            padding: '4px 12px',
            border: '1px solid var(--line-strong)',
            borderRadius: 999,
            background: 'var(--raised)',
            overflowWrap: 'anywhere',
          }}
        >
          {sayValue(characteristic, reading, system)}
          {outliers.includes(reading.id) && ' (stands apart)'}
        </span>
      ))}
      <Small>
        <EvidenceGlyph evidence={evidence} word />
        {repeated &&
          ` · mean ${sayUncertain(characteristic, number.value, standardUncertainty(number), system)}, spread ${sayUncertain(characteristic, spread ?? 0, 0, system)}`}
        {repeated &&
          (gain > worthIt
            ? ` · another would narrow the doubt by ${Math.round(gain * 100)} %`
            : ' · another would add little')}
        {disagree && ' · they disagree: take another'}
        {' · '}
        <Link to={`/specimens/${readings[0]!.specimen}/values/${characteristic.key}`}>all readings</Link>
      </Small>
    </Chips>
  )
}

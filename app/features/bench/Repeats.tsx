import { href, Link } from 'react-router'
import type { Characteristic } from '#core/catalogue/index.ts'
import { formatValueWithUncertainty, formatValue } from '#core/figures/format-value.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import { readingValue } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Small } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Chips } from './chips.tsx'
import type { Bench } from './useBench.ts'

/** From this share of the uncertainty up another repeat is worth its work. */
const worthwhileReduction = 0.15

interface Props {
  bench: Bench
  specimenId: string
  characteristic: Characteristic
}

/** Readings of the characteristic so far, what they come to, and whether another is worth taking. */
export function Repeats({ bench, specimenId, characteristic }: Props) {
  const { units: system } = usePreferences()
  const resolved = bench.values.get(characteristic.key)
  if (!resolved) return null
  const { number, readings, evidence, disagree, outliers, spread, reductionByAnother = 0 } = resolved
  const repeated = number && characteristic.kind === 'quantity' && readings.length > 1
  const shown = (value: number, halfWidth: number) =>
    formatValueWithUncertainty(characteristic, value, halfWidth, system)
  return (
    <Chips aria-label={texts.readingsSoFar}>
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
          {formatValue(characteristic, readingValue(reading), system)}
          {outliers.includes(reading.id) && texts.standsApart}
        </span>
      ))}
      <Small>
        <EvidenceGlyph evidence={evidence} word />
        {repeated && texts.meanSpread(shown(number.value, expandedUncertainty(number)), shown(spread ?? 0, 0))}
        {repeated &&
          (reductionByAnother > worthwhileReduction
            ? texts.anotherWouldNarrowTheDoubtBy(Math.round(reductionByAnother * 100))
            : texts.anotherWouldAddLittle)}
        {disagree && (characteristic.kind === 'fault' ? texts.theWorstHoldsIfThatWas : texts.theyDisagreeTakeAnother)}
        {' · '}
        <Link to={href('/specimens/:specimen/values/:key', { specimen: specimenId, key: characteristic.key })}>
          {texts.allReadings}
        </Link>
      </Small>
    </Chips>
  )
}

import { findCharacteristic } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import { inferredShareOf, settlePrediction, type HitRate, type Prediction } from '#core/teardown/prediction.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Bench } from './useBench.ts'

interface Props {
  bench: Bench
  predictions: readonly Prediction[]
  rate: HitRate
}

/** What was predicted of the reading that is up, and whether it came true. */
export function PredictionLine({ bench, predictions, rate }: Props) {
  const { units } = usePreferences()
  const { current, values, pending } = bench
  const waiting = pending.flatMap(({ intent, characteristic, typed = '' }) =>
    intent === 'predict' && characteristic === current.key ? [typed] : [],
  )
  const own = predictions.filter(({ characteristic }) => characteristic === current.key)
  if (own.length + waiting.length === 0) return null
  return (
    <>
      {own.map((one) => (
        <Soft key={one.id} role="note">
          {texts.predicted(said(one, units), outcomeWords[settlePrediction(one, values.get(current.key)) ?? 'open'])}
        </Soft>
      ))}
      {waiting.map((typed) => (
        <Soft key={typed} role="note">
          {texts.predictedOfTyped(typed)}
        </Soft>
      ))}
      {rate.settled > 0 && (
        <Small>
          {texts.yourPredictionsOfCameTrueSo(rate.hits, rate.settled, Math.round(100 * inferredShareOf(rate)))}
        </Small>
      )}
    </>
  )
}

const outcomeWords = { hit: texts.itCameTrue, miss: texts.itDidNotComeTrue, open: texts.itWaitsForTheReading }

function said(
  { characteristic, rawInput, valueNumber, valueText }: Prediction,
  units: Parameters<typeof formatValue>[2],
) {
  const of = findCharacteristic(characteristic)
  return of ? formatValue(of, { number: valueNumber, text: valueText, groups: null }, units) : rawInput
}

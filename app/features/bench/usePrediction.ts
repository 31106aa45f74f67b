import { useState } from 'react'
import type { Problem } from '#core/result.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import type { Bench } from './useBench.ts'

/** Whether what is typed is a prediction, and how one is taken: it is no reading, and waits for one. */
export function usePrediction({ current: characteristic, predict }: Bench) {
  const [isPredicting, setPredicting] = useState(false)
  return {
    isPredicting,
    togglePredicting: () => setPredicting((before) => !before),
    /** Takes a prediction, or says what is wrong with it. */
    predict: (typed: string, unit: string | undefined): Problem | undefined => {
      const entry = parseEntry(characteristic, { text: typed, insist: true, ...(unit && { unit }) })
      if (!entry.ok) return entry.problem
      predict(characteristic.key, typed, unit ?? '')
      setPredicting(false)
      return undefined
    },
  }
}

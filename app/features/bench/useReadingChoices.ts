import { useState } from 'react'
import { evidenceKeys, type Characteristic, type Evidence } from '#core/catalogue/index.ts'
import { displayUnit } from '#core/figures/format-value.ts'
import { instrumentsFor } from '#core/teardown/instrument.ts'
import { defaultEvidence } from '#core/teardown/reading.ts'
import type { End } from '#core/teardown/end.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import type { LastUses } from '#app/data/readings.server.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { nextOf } from './next-of.ts'

/** How a reading is taken: its unit, how it is known, with which instrument, read where; as it was the last time. */
export function useReadingChoices(
  characteristic: Characteristic,
  instruments: StoredInstrument[],
  lastUse: LastUses[string] | undefined,
) {
  const { units: system } = usePreferences()
  const own = displayUnit(characteristic, system)
  const usual: readonly string[] = 'units' in characteristic ? characteristic.units : []
  const units = usual.length === 0 || usual.includes(own) ? usual : [own, ...usual]
  const able = instrumentsFor(characteristic, instruments)
  const [unit, setUnit] = useState(() => lastUse?.unit ?? own)
  const [evidence, setEvidence] = useState<Evidence>(() => defaultEvidence(characteristic))
  const [source, setSource] = useState('')
  const [end, setEnd] = useState<End>()
  const [instrumentId, setInstrument] = useState(
    () => (able.find(({ id }) => id === lastUse?.instrument) ?? able[0])?.id,
  )
  const instrument = evidence === 'measured' ? able.find(({ id }) => id === instrumentId) : undefined
  return {
    units,
    able,
    unit,
    evidence,
    source,
    end,
    instrument,
    setUnit,
    setEvidence,
    setSource,
    setEnd,
    setInstrument,
    nextUnit: () => setUnit((present) => nextOf(units, present) ?? present),
    nextEvidence: () => setEvidence((present) => nextOf(evidenceKeys, present) ?? present),
    nextInstrument: () =>
      setInstrument(
        (present) =>
          nextOf(
            able,
            able.find(({ id }) => id === present),
          )?.id,
      ),
  }
}

export type ReadingChoices = ReturnType<typeof useReadingChoices>

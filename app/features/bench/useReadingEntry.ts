import { useLayoutEffect, useRef, useState } from 'react'
import { optionsOf } from '#core/catalogue/index.ts'
import { readBeside, type OtherSpecimen } from '#core/compare/beside.ts'
import { relationFieldOf } from '#core/compare/format-relation.ts'
import { rowOf } from '#core/compare/read-comparison.ts'
import type { Problem } from '#core/result.ts'
import { atEnd } from '#core/teardown/end.ts'
import type { LastUses } from '#app/data/readings.server.ts'
import { deviceKindFor } from './devices/device.ts'
import { takeFromDevice } from './devices/take-from-device.ts'
import type { Devices } from './devices/useDevices.ts'
import type { Bench } from './useBench.ts'
import { usePrediction } from './usePrediction.ts'
import { useReadingChoices } from './useReadingChoices.ts'

/** How a reading is submitted. */
export interface Submission {
  /** Stay for another of the same. */
  stay?: boolean
  /** What the text is meant to say, where the user chose. */
  readAs?: string
  /** Kept although it is unlikely. */
  insist?: boolean
}

/** How a reading is known and with what, as it is chosen now. */
const takenAs = (
  { unit, evidence, instrument, source }: ReturnType<typeof useReadingChoices>,
  { stay = false, readAs, insist }: Submission,
) => ({
  ...{ evidence, instrument, source, stay },
  ...(unit && { unit }),
  ...(readAs && { readAs }),
  ...(insist && { insist }),
})

/**
 * The entry of the reading that is up: what is typed, how it is taken, and what is wrong with it. What could not be
 * taken stays in the field, also what a device sent.
 */
export function useReadingEntry(bench: Bench, lastUses: LastUses, devices: Devices, beside: readonly OtherSpecimen[]) {
  const { current: characteristic, take } = bench
  const choices = useReadingChoices(characteristic, bench.instruments, lastUses[characteristic.key])
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<Problem>()
  const [isCounting, setCounting] = useState(false)
  const { isPredicting, togglePredicting, predict } = usePrediction(bench)
  const field = useRef<HTMLInputElement>(null)
  const focus = () => field.current?.focus()
  const options = optionsOf(characteristic)
  const deviceKind = deviceKindFor(characteristic)
  const device = deviceKind && devices.live[deviceKind]

  useLayoutEffect(() => field.current?.focus({ preventScroll: true }), [])

  const submit = (typed: string, submission: Submission = {}): boolean => {
    const compared = isPredicting ? undefined : readBesideOf(typed, characteristic.key, beside)
    if (compared) bench.compare(characteristic.key, compared.other.id, compared.line)
    const found = compared
      ? undefined
      : isPredicting
        ? predict(typed, choices.unit)
        : take({ characteristic, typed: atEnd(typed, choices.end), ...takenAs(choices, submission) })
    setProblem(found)
    setText(found ? typed : '')
    if (!found) focus()
    return !found
  }

  const submitField = (stay: boolean): void => {
    if (text.trim() !== '' || !device) return void submit(text, { stay })
    const refusal = takeFromDevice(device, (displayed) => submit(displayed, { stay }))
    if (refusal) setProblem(refusal)
  }

  return {
    characteristic,
    options,
    isTyped: options.length === 0,
    isWordy: characteristic.kind === 'text' || characteristic.kind === 'thread',
    choices,
    deviceKind,
    text,
    problem,
    isCounting,
    isPredicting,
    togglePredicting: () => (togglePredicting(), focus()),
    field,
    setText: (next: string) => (setText(next), setProblem(undefined)),
    setProblem,
    setCounting,
    correct: () => (setProblem(undefined), focus()),
    focus,
    submit,
    /** Takes what is typed; with nothing typed, what the device shows once it holds still. */
    submitField,
  }
}

/** What is said in the field beside another filter that it names. */
function readBesideOf(typed: string, key: string, others: readonly OtherSpecimen[]) {
  const field = relationFieldOf(rowOf(key))
  return field && readBeside(typed, others, field)
}

export type ReadingEntry = ReturnType<typeof useReadingEntry>

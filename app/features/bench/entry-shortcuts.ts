import type { Shortcut } from '#app/features/shortcuts/shortcut.ts'
import * as texts from '#app/texts/bench-reading.ts'
import type { ReadingEntry } from './useReadingEntry.ts'

interface Ways {
  step: (by: 1 | -1) => void
  toSibling: (by: 1 | -1) => void
  hasSiblings: boolean
}

/** The keys of the reading that is up, in the order in which they are told. */
export function entryShortcuts(entry: ReadingEntry, { step, toSibling, hasSiblings }: Ways): Shortcut[] {
  const { characteristic, options, isTyped, choices, setCounting, togglePredicting } = entry
  return [
    { key: 'Enter', does: texts.takeNext, isOff: !isTyped },
    { key: 'Shift Enter', does: texts.takeAndAgainInLine, isOff: !isTyped },
    {
      key: characteristic.kind === 'grade' ? `0–${options.length - 1}` : `1–${options.length}`,
      does: texts.chooseNext,
      isOff: isTyped,
    },
    { key: '↓', does: 'skip', act: () => step(1) },
    { key: '↑', does: 'back', act: () => step(-1) },
    { key: 'E', does: texts.howYouKnowItInLine, act: choices.nextEvidence },
    { key: 'U', does: 'unit', act: choices.nextUnit, isOff: choices.units.length < 2 },
    { key: 'T', does: texts.countItHereInLine, act: () => setCounting(true), isOff: characteristic.kind !== 'count' },
    { key: 'I', does: 'instrument', act: choices.nextInstrument, isOff: choices.able.length < 2 },
    { key: 'Page ↓', does: texts.nextSpecimen, act: () => toSibling(1), isOff: !hasSiblings },
    { key: 'Page ↑', does: texts.specimenBefore, act: () => toSibling(-1), isOff: !hasSiblings },
    { key: 'P', does: texts.predictItInLine, act: togglePredicting, isOff: characteristic.kind === 'openings' },
  ]
}

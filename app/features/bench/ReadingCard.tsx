import { useState } from 'react'
import { styled } from 'styled-components'
import { cautions, irreversibleStep } from '#core/catalogue/index.ts'
import type { OtherSpecimen } from '#core/compare/beside.ts'
import { relationFieldOf } from '#core/compare/format-relation.ts'
import { rowOf } from '#core/compare/read-comparison.ts'
import type { BoxPromise, Sibling } from '#app/data/bench.server.ts'
import type { HitRate, Prediction } from '#core/teardown/prediction.ts'
import type { StoredComparison } from '#app/data/comparisons.server.ts'
import type { LastUses } from '#app/data/readings.server.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Caution, Small, Soft } from '#app/ui/layout.tsx'
import type { Shortcut } from '#app/features/shortcuts/shortcut.ts'
import { useShortcuts } from '#app/features/shortcuts/useShortcuts.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { CautionLine } from './CautionLine.tsx'
import { Chip, Chips } from './chips.tsx'
import { CompareLine } from './CompareLine.tsx'
import { DeviceLine } from './devices/DeviceLine.tsx'
import type { Devices } from './devices/useDevices.ts'
import { DotPlot } from './DotPlot.tsx'
import { EndPicker } from './EndPicker.tsx'
import { EntryField } from './EntryField.tsx'
import { EvidencePicker } from './EvidencePicker.tsx'
import { InstrumentLine } from './InstrumentLine.tsx'
import { LibraryAnswers } from './LibraryAnswers.tsx'
import { KeyHints } from './KeyHints.tsx'
import { OptionPicker } from './OptionPicker.tsx'
import { PredictionLine } from './PredictionLine.tsx'
import { ProblemBox } from './ProblemBox.tsx'
import { Repeats } from './Repeats.tsx'
import { RequestLine } from './RequestLine.tsx'
import { SaidBeside } from './SaidBeside.tsx'
import { SiblingReadings } from './SiblingReadings.tsx'
import { TallyPanel } from './TallyPanel.tsx'
import type { Bench } from './useBench.ts'
import { entryShortcuts } from './entry-shortcuts.ts'
import { useEntryKeys } from './useEntryKeys.ts'
import { useReadingEntry } from './useReadingEntry.ts'

const Sheet = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 14px 26px;
  padding: 14px 22px;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  h2 {
    font-size: 34px;
  }
`

const Column = styled.div`
  display: grid;
  gap: 10px;
  align-content: start;
`

interface Props {
  bench: Bench
  specimenId: string
  lastUses: LastUses
  devices: Devices
  siblings: Sibling[]
  promises: BoxPromise[]
  predictions: Prediction[]
  hitRate: HitRate
  /** The others of the line-up, and what was said beside them. */
  beside: readonly OtherSpecimen[]
  comparisons: readonly StoredComparison[]
  toSibling: (by: 1 | -1) => void
  /** Keys of the bench as a whole, told with those of the reading. */
  ofBench: readonly Shortcut[]
}

/** The one reading that is up: what to do, the field, what it means beside the others. */
export function ReadingCard(props: Props) {
  const { bench, specimenId, lastUses, devices, siblings, promises, predictions, hitRate, toSibling, ofBench } = props
  const { beside, comparisons } = props
  const { current: characteristic, values, refusals, step } = bench
  const { units: system } = usePreferences()
  const entry = useReadingEntry(bench, lastUses, devices, beside)
  const [isComparing, setComparing] = useState(false)
  const shortcuts = entryShortcuts(entry, { step, toSibling, hasSiblings: siblings.length > 0 })
  useShortcuts(shortcuts)
  useEntryKeys(entry)
  const { choices, deviceKind, isTyped, isCounting } = entry
  const resolved = values.get(characteristic.key)
  const lostAfter = characteristic.lostAfter === 'wrap' ? undefined : irreversibleStep(characteristic.lostAfter)

  return (
    <Sheet aria-label={texts.reading(characteristic.label)}>
      <Column>
        <div>
          <h2 id="reading-label">{characteristic.label}</h2>
          <Soft id="reading-how">{characteristic.how}</Soft>
        </div>
        <RequestLine bench={bench} characteristic={characteristic} />
        <PredictionLine bench={bench} predictions={predictions} rate={hitRate} />
        {entry.isPredicting && <Caution role="status">{texts.whatYouTypeOrChooseNow}</Caution>}
        {heardOf(bench, characteristic.key).map(({ id, rawInput, source }) => (
          <Soft key={id} role="note">
            {texts.aCheckToMakeReported(source || texts.somebody, rawInput)}
          </Soft>
        ))}
        {promises
          .filter((one) => one.characteristic === characteristic.key)
          .map((one) => (
            <Soft key={one.words} role="note">
              {texts.aCheckToMakeThePromises(one.place, one.words)}
            </Soft>
          ))}
        {isCounting && (
          <TallyPanel
            noun={characteristic.kind === 'count' ? characteristic.noun : ''}
            counted={(resolved?.readings ?? []).flatMap(({ valueNumber }) => valueNumber ?? [])}
            onCount={(count, stay) => entry.submit(String(count), { stay })}
            onClose={() => (entry.setCounting(false), setTimeout(entry.focus))}
          />
        )}
        {isTyped && !isCounting && <EntryField entry={entry} />}
        {!isTyped && <OptionPicker entry={entry} resolved={resolved} />}
        <ProblemBox bench={bench} entry={entry} refusal={refusals[0]} />
        <Chips style={{ alignItems: 'flex-start' }}>
          <Chip type="button" onClick={() => bench.owe(characteristic.key)}>
            {texts.showThisLater}
          </Chip>
          {characteristic.kind !== 'openings' && !resolved && (
            <Chip type="button" aria-pressed={entry.isPredicting} onClick={entry.togglePredicting}>
              {texts.predictIt}
            </Chip>
          )}
          {beside.length > 0 && relationFieldOf(rowOf(characteristic.key)) && (
            <Chip type="button" aria-expanded={isComparing} onClick={() => setComparing(!isComparing)}>
              {texts.besideAnother}
            </Chip>
          )}
          {(choices.able.length > 0 || isTyped) && choices.evidence === 'measured' && (
            <InstrumentLine
              key={choices.instrument?.id}
              bench={bench}
              characteristic={characteristic}
              able={choices.able}
              instrument={choices.instrument}
              choose={choices.setInstrument}
            />
          )}
          {deviceKind && !isCounting && <DeviceLine devices={devices} kind={deviceKind} />}
        </Chips>
        {isComparing && (
          <CompareLine bench={bench} beside={beside} onClose={() => (setComparing(false), setTimeout(entry.focus))} />
        )}
        <SaidBeside bench={bench} beside={beside} comparisons={comparisons} />
        <Repeats bench={bench} specimenId={specimenId} characteristic={characteristic} />
        <SiblingReadings siblings={siblings} characteristic={characteristic} system={system} />
      </Column>
      <Column>
        <EvidencePicker choices={choices} />
        {characteristic.atEnds && <EndPicker entry={entry} form={bench.form} />}
        {(characteristic.kind === 'choice' || characteristic.kind === 'fault') && (
          <LibraryAnswers
            key={characteristic.key}
            specimen={specimenId}
            characteristic={characteristic}
            mine={resolved?.text}
          />
        )}
        {'plausible' in characteristic && characteristic.kind !== 'openings' && (
          <DotPlot
            key={characteristic.key}
            specimen={specimenId}
            characteristic={characteristic}
            mine={resolved?.number?.value}
            system={system}
          />
        )}
        <Small>{texts.why(characteristic.why)}</Small>
        {lostAfter && !resolved && (
          <Caution>{texts.lostForGoodAfterItCannot(lostAfter.label, characteristic.kind === 'quantity')}</Caution>
        )}
        {characteristic.caution && <CautionLine {...cautions[characteristic.caution]} />}
      </Column>
      <KeyHints shortcuts={[...shortcuts, ...ofBench]} isTyped={entry.isTyped} />
    </Sheet>
  )
}

/** What was reported of a characteristic and stands. */
const heardOf = ({ readings }: Bench, key: string) =>
  readings.filter((one) => one.characteristic === key && one.evidence === 'reported' && !one.voided)

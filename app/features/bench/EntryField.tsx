import { styled } from 'styled-components'
import type { Characteristic } from '#core/catalogue/index.ts'
import { displayUnit, formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { saidRepeats } from '#core/teardown/said-repeats.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Chip, Chips } from './chips.tsx'
import type { ReadingEntry } from './useReadingEntry.ts'
import { useTypingElsewhere } from './useTypingElsewhere.ts'

const Line = styled.div<{ $bad: boolean }>`
  display: flex;
  align-items: baseline;
  gap: 12px;
  border-bottom: 3px solid ${({ $bad }) => ($bad ? 'var(--red)' : 'var(--green)')};
  &:focus-within {
    border-bottom-color: var(--focus);
  }
`

const Big = styled.input<{ $long: boolean }>`
  flex: 1;
  min-width: 0;
  width: 100%;
  padding: 0;
  border: 0;
  background: transparent;
  font: 600 ${({ $long }) => ($long ? '34px/1.5' : '64px/1')} var(--label);
  &:focus {
    outline: none;
  }
  &::placeholder {
    color: var(--ink-soft);
    opacity: 0.45;
  }
`

const UnitNow = styled.span`
  flex: none;
  color: var(--ink-soft);
  font: 500 36px/1 var(--label);
`

/** What was said roughly is said back large: it is not what was typed. */
const Echo = styled.span<{ $rough: boolean }>`
  color: ${({ $rough }) => ($rough ? 'var(--ink)' : 'var(--ink-soft)')};
  font: ${({ $rough }) => ($rough ? '600 24px/1.1 var(--label)' : '400 13px/1.3 var(--text)')};
`

const Paused = styled.p`
  margin-top: 8px;
  color: var(--amber-ink);
  font-weight: 600;
`

/** The field that a value is typed into, with its units. */
export function EntryField({ entry }: { entry: ReadingEntry }) {
  const { characteristic, choices, text, problem, field, submitField } = entry
  const { units, unit } = choices
  const isElsewhere = useTypingElsewhere()
  const { units: habit } = usePreferences()
  const echo = text.trim() === '' ? undefined : formatEcho(characteristic, text, unit, habit)
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        submitField(false)
      }}
    >
      <Line $bad={!!problem}>
        <Big
          ref={field}
          $long={entry.isWordy || characteristic.kind === 'openings'}
          value={text}
          onChange={(event) => entry.setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || !event.shiftKey) return
            event.preventDefault()
            submitField(true)
          }}
          data-reading
          aria-labelledby="reading-label"
          aria-describedby={texts.readingHowReadingTrouble}
          aria-invalid={!!problem}
          placeholder={placeholders[characteristic.kind] ?? '0'}
          autoComplete="off"
          spellCheck={false}
          maxLength={1000}
        />
        {units.length > 0 && <UnitNow aria-hidden>{unit}</UnitNow>}
      </Line>
      <Chips style={{ marginTop: 10 }}>
        {units.map((choice) => (
          <Chip
            key={choice}
            type="button"
            aria-pressed={choice === unit}
            onClick={() => (choices.setUnit(choice), entry.focus())}
            aria-label={texts.unit(choice)}
          >
            {choice}
          </Chip>
        ))}
        <Button type="submit" $kind="primary">
          {texts.takeIt}
        </Button>
        <Button type="button" onPress={() => submitField(true)}>
          {texts.takeAndAgain}
        </Button>
        {characteristic.kind === 'count' && (
          <Chip type="button" onClick={() => entry.setCounting(true)}>
            {texts.countItHere}
          </Chip>
        )}
        {echo && <Echo $rough={echo.isRough}>= {echo.text}</Echo>}
      </Chips>
      {isElsewhere && <Paused role="status">{texts.pausedWhatIsTypedNowGoes}</Paused>}
    </form>
  )
}

const placeholders: Partial<Record<Characteristic['kind'], string>> = {
  openings: '7 x 5.8, 1 x 8.2',
  thread: 'M20 x 1.5',
  text: '',
}

const imperialUnits = new Set(['in', 'thou', 'oz', 'ft', 'psi'])

const echoed = new Set<Characteristic['kind']>(['quantity', 'openings', 'count'])

/** What the typed text would be kept as: in the reviewer's unit, else in the other system; said back when rough. */
function formatEcho(
  characteristic: Characteristic,
  text: string,
  unit: string,
  habit: UnitHabit,
): { text: string; isRough: boolean } | undefined {
  if (!echoed.has(characteristic.kind)) return undefined
  const repeats = saidRepeats(characteristic, text)
  if (repeats) return { text: texts.repeats(repeats.length, repeats.join(' · ')), isRough: true }
  const entry = parseEntry(characteristic, { text, ...(unit && { unit }), insist: true })
  if (!entry.ok) return undefined
  if (entry.value.saidBack) return { text: entry.value.saidBack, isRough: true }
  if (characteristic.kind === 'count') return undefined
  if (typeof habit !== 'string' && entry.value.unit !== displayUnit(characteristic, habit))
    return { text: formatValue(characteristic, entry.value, habit), isRough: false }
  const isImperial = imperialUnits.has(entry.value.unit ?? '')
  return { text: formatValue(characteristic, entry.value, isImperial ? 'metric' : 'imperial'), isRough: false }
}

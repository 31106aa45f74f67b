import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { cautions, evidences, noReturn, optionsOf, type Characteristic, type Evidence } from '#core/catalogue/index.ts'
import { displayUnit, sayValue } from '#core/compare/display.ts'
import type { Offer, Problem } from '#core/result.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { instrumentsFor } from '#core/teardown/instrument.ts'
import { isAsked, whyNot } from '#core/teardown/plan.ts'
import { usualEvidence } from '#core/teardown/reading.ts'
import { isSketched, OptionSketch } from '#app/drawing/sketches.tsx'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Caution, Key, Small, Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { DotPlot } from './DotPlot.tsx'
import { Beside, type Sibling } from './Beside.tsx'
import { CautionLine } from './CautionLine.tsx'
import { dimensionOf } from './devices/device.ts'
import { DeviceLine, sayShown } from './devices/DeviceLine.tsx'
import type { Devices } from './devices/useDevices.ts'
import { InstrumentLine } from './InstrumentLine.tsx'
import { Chip, Chips, OptionButton } from './parts.tsx'
import { Repeats } from './Repeats.tsx'
import { TallyPanel } from './TallyPanel.tsx'
import type { Bench } from './useBench.ts'
import { usePaused } from './usePaused.ts'

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

const EntryLine = styled.div<{ $bad: boolean }>`
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

const Evidences = styled.div`
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
  button {
    padding: 0 2px;
    font-size: 15px;
  }
`

const UnitNow = styled.span`
  flex: none;
  color: var(--ink-soft);
  font: 500 36px/1 var(--label);
`

const Options = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 8px;
  &[data-grade='true'] {
    grid-template-columns: 1fr;
    gap: 6px;
    button {
      min-height: 46px;
      align-content: center;
    }
  }
`

const Trouble = styled.div`
  display: grid;
  gap: 10px;
  padding: 10px 12px;
  background: var(--red-soft);
  border-left: 4px solid var(--red);
  border-radius: 0 6px 6px 0;
`

const Keys = styled.p`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  color: var(--ink-soft);
  font-size: 14px;
`

interface Props {
  bench: Bench
  specimen: string
  /** Unit and instrument last used, by characteristic. */
  uses: Record<string, { unit: string | null; instrument: string | null }>
  devices: Devices
  beside: Sibling[]
  onSibling: (by: 1 | -1) => void
}

/** The one reading that is up: what to do, the field, what it means beside the others. */
export function ReadingCard({ bench, specimen, uses, devices, beside, onSibling }: Props) {
  const { current: characteristic, known, plan, take, step, refused, instruments } = bench
  const { units: system } = usePreferences()
  const [text, setText] = useState('')
  const [unit, setUnit] = useState(() => uses[characteristic.key]?.unit ?? displayUnit(characteristic, system))
  const [evidence, setEvidence] = useState<Evidence>(() => usualEvidence(characteristic))
  const [source, setSource] = useState('')
  const able = instrumentsFor(characteristic, instruments)
  const [chosenInstrument, setInstrument] = useState(
    () => able.find(({ id }) => id === uses[characteristic.key]?.instrument)?.id ?? able[0]?.id,
  )
  const instrument = evidence === 'measured' ? able.find(({ id }) => id === chosenInstrument) : undefined
  const [counting, setCounting] = useState(false)
  const [problem, setProblem] = useState<Problem>()
  const field = useRef<HTMLInputElement>(null)
  const firstOffer = useRef<HTMLButtonElement>(null)

  const options = optionsOf(characteristic)
  const typedKind = options.length === 0
  const wordy = characteristic.kind === 'text' || characteristic.kind === 'thread'
  const sketched = isSketched(
    characteristic.key,
    options.map(({ value }) => value),
  )
  const choices = 'units' in characteristic ? characteristic.units : []
  const resolved = known.get(characteristic.key)
  const reason = whyNot(characteristic, known)
  const asked = isAsked(characteristic, known, plan)
  const paused = usePaused()
  const kind =
    characteristic.kind === 'quantity'
      ? (['scale', 'caliper'] as const).find((one) => dimensionOf[one] === characteristic.dimension)
      : undefined
  const live = kind && devices.live[kind]
  const burst = useRef<ReturnType<typeof setTimeout>>(undefined)

  const submit = (typed: string, how: { stay?: boolean; readAs?: string; insist?: boolean } = {}) => {
    const trouble = take({
      characteristic,
      typed,
      evidence,
      instrument,
      source,
      stay: how.stay ?? false,
      ...(unit && { unit }),
      ...(how.readAs && { readAs: how.readAs }),
      ...(how.insist && { insist: true }),
    })
    setProblem(trouble)
    if (trouble) return false
    setText('')
    field.current?.focus()
    return true
  }

  /** Takes what was typed; with nothing typed, what the device shows once it holds still. */
  const submitField = (stay: boolean) => {
    if (text.trim() !== '' || !live) return submit(text, { stay })
    const reading = live.shows()
    if (reading?.taken)
      return setProblem({
        code: 'taken',
        message: `The ${live.device.kind} has not moved since its last reading was taken. Put the next on it, or lift this one and put it back.`,
      })
    if (!reading?.stable)
      return setProblem({
        code: 'unsettled',
        message: `The ${live.device.kind} is still moving. Wait until it is steady, then press Enter.`,
      })
    if (submit(sayShown(live), { stay })) live.took()
  }

  useEffect(() => {
    if (problem?.offers?.length || problem?.code === 'implausible') firstOffer.current?.focus()
  }, [problem])

  useLayoutEffect(() => {
    field.current?.focus({ preventScroll: true })
  }, [])

  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (target.closest('textarea, [data-elsewhere]') || event.ctrlKey || event.metaKey) return
      const inField = target === field.current
      const free = !(target instanceof HTMLInputElement) || (inField && text === '')
      const letter = event.altKey ? event.code.replace('Key', '').toLowerCase() : event.key.toLowerCase()
      const shortcut = event.altKey || (free && !(inField && wordy))
      if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
        if (!inField && target instanceof HTMLButtonElement && target.closest('[data-arrows]')) return
        event.preventDefault()
        step(event.key === 'ArrowDown' ? 1 : -1)
      } else if (shortcut && letter === 'e') {
        event.preventDefault()
        setEvidence((now) => evidences[(evidences.findIndex(({ key }) => key === now) + 1) % evidences.length]!.key)
      } else if (shortcut && letter === 'u' && choices.length > 1) {
        event.preventDefault()
        setUnit((now) => choices[(choices.indexOf(now) + 1) % choices.length]!)
      } else if (event.key === 'PageDown' || event.key === 'PageUp') {
        event.preventDefault()
        onSibling(event.key === 'PageDown' ? 1 : -1)
      } else if (shortcut && letter === 'i' && able.length > 1) {
        event.preventDefault()
        setInstrument((now) => able[(able.findIndex(({ id }) => id === now) + 1) % able.length]!.id)
      } else if (shortcut && letter === 't' && characteristic.kind === 'count') {
        event.preventDefault()
        setCounting(true)
      } else if (!typedKind && burst.current !== undefined && /^([0-9.,+-]|Enter)$/.test(event.key)) {
        event.preventDefault()
        clearTimeout(burst.current)
        burst.current = undefined
        setProblem({
          code: 'burst',
          message: 'A device sent a number while an answer is asked for. Nothing was taken: choose with one key.',
        })
      } else if (!typedKind && /^[0-9]$/.test(event.key) && !event.altKey) {
        const option = options[characteristic.kind === 'grade' ? Number(event.key) : Number(event.key) - 1]
        if (!option) return
        event.preventDefault()
        const stay = event.shiftKey
        burst.current = setTimeout(() => {
          burst.current = undefined
          submit(option.value, { stay })
        }, quickestHand)
      } else if (typedKind && !inField && /^[\d.,+]$/.test(event.key) && target.tagName !== 'INPUT') {
        field.current?.focus()
      } else if (event.key === 'Escape' && problem) {
        setProblem(undefined)
        field.current?.focus()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })

  useEffect(() => () => clearTimeout(burst.current), [])

  const point = characteristic.lostAfter === 'wrap' ? undefined : noReturn(characteristic.lostAfter)
  const trouble = problem ?? refused[0]
  const echo = typedKind && text.trim() !== '' ? echoOf(characteristic, text, unit) : ''

  return (
    <Sheet aria-label={`Reading: ${characteristic.label}`}>
      <Column>
        <div>
          <h2 id="reading-label">{characteristic.label}</h2>
          <Soft id="reading-how">{characteristic.how}</Soft>
        </div>
        {!asked && (
          <Caution>
            {reason
              ? `Not asked for here, since ${reason}.`
              : plan[characteristic.key] === false
                ? 'Left out of this specimen.'
                : 'An extra: recorded when there is time.'}{' '}
            You can record it all the same, or{' '}
            <Plain
              type="button"
              onClick={() => bench.ask(characteristic.key, reason || characteristic.extra ? 'yes' : 'usual')}
            >
              ask for it here
            </Plain>
            .
          </Caution>
        )}
        {asked && (reason ?? characteristic.extra) && (
          <Small>
            Asked for on this specimen alone{reason && `, although ${reason}`}.{' '}
            <Plain type="button" onClick={() => bench.ask(characteristic.key, 'usual')}>
              As usual
            </Plain>
          </Small>
        )}
        {counting && (
          <TallyPanel
            noun={characteristic.kind === 'count' ? characteristic.noun : ''}
            counted={(resolved?.readings ?? []).map(({ number }) => number!)}
            onCount={(count, stay) => submit(String(count), { stay })}
            onClose={() => (setCounting(false), setTimeout(() => field.current?.focus()))}
          />
        )}
        {typedKind && !counting && (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              submitField(false)
            }}
          >
            <EntryLine $bad={!!problem}>
              <Big
                ref={field}
                $long={wordy || characteristic.kind === 'openings'}
                value={text}
                onChange={(event) => {
                  setText(event.target.value)
                  setProblem(undefined)
                }}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter' || !event.shiftKey) return
                  event.preventDefault()
                  submitField(true)
                }}
                data-reading
                aria-labelledby="reading-label"
                aria-describedby="reading-how reading-trouble"
                aria-invalid={!!problem}
                placeholder={placeholder(characteristic)}
                autoComplete="off"
                spellCheck={false}
                maxLength={1000}
              />
              {choices.length > 0 && <UnitNow aria-hidden>{unit}</UnitNow>}
            </EntryLine>
            <Chips style={{ marginTop: 10 }}>
              {choices.map((choice) => (
                <Chip
                  key={choice}
                  type="button"
                  aria-pressed={choice === unit}
                  onClick={() => (setUnit(choice), field.current?.focus())}
                  aria-label={`Unit ${choice}`}
                >
                  {choice}
                </Chip>
              ))}
              <Button type="submit" $kind="primary">
                Take it
              </Button>
              <Button type="button" onPress={() => submitField(true)}>
                Take, and again
              </Button>
              {characteristic.kind === 'count' && (
                <Chip type="button" onClick={() => setCounting(true)}>
                  Count it here
                </Chip>
              )}
              {echo && <Small>{echo}</Small>}
            </Chips>
            {paused && (
              <Paused role="status">
                Paused: what is typed now goes elsewhere. Press Escape there, or click here, to go on with the reading.
              </Paused>
            )}
          </form>
        )}
        {!typedKind && (
          <Options role="group" aria-labelledby="reading-label" data-grade={characteristic.kind === 'grade'}>
            {options.map((option, index) => (
              <OptionButton
                key={option.value}
                type="button"
                aria-pressed={chosen(resolved, option.value)}
                onClick={() => submit(option.value)}
              >
                <Key>{characteristic.kind === 'grade' ? index : index + 1}</Key>
                <strong>{characteristic.kind === 'grade' ? option.says : option.label}</strong>
                {characteristic.kind !== 'grade' && <small>{option.says}</small>}
                {sketched && <OptionSketch characteristic={characteristic.key} value={option.value} />}
              </OptionButton>
            ))}
          </Options>
        )}
        <div id="reading-trouble" role="alert">
          {trouble && (
            <Trouble>
              <span>{trouble.message}</span>
              {(trouble.offers?.length || trouble.code === 'implausible') && (
                <Chips>
                  {trouble.offers?.map((offer: Offer, index) => (
                    <Chip
                      key={offer.text}
                      type="button"
                      ref={index === 0 ? firstOffer : undefined}
                      onClick={() => submit(text, { readAs: offer.text })}
                    >
                      {offer.label}
                    </Chip>
                  ))}
                  {trouble.code === 'implausible' && (
                    <Chip
                      type="button"
                      ref={trouble.offers?.length ? undefined : firstOffer}
                      onClick={() => submit(text, { insist: true })}
                    >
                      Keep {text.trim()} {/^[\d.,/\s½-]+$/.test(text) ? unit : ''}
                    </Chip>
                  )}
                  <Chip type="button" onClick={() => (setProblem(undefined), field.current?.focus())}>
                    Correct it
                  </Chip>
                </Chips>
              )}
            </Trouble>
          )}
        </div>
        <Chips style={{ alignItems: 'flex-start' }}>
          {(able.length > 0 || typedKind) && evidence === 'measured' && (
            <InstrumentLine
              key={instrument?.id}
              bench={bench}
              characteristic={characteristic}
              able={able}
              instrument={instrument}
              choose={setInstrument}
            />
          )}
          {kind && !counting && <DeviceLine devices={devices} kind={kind} />}
        </Chips>
        <Repeats bench={bench} characteristic={characteristic} />
        <Beside beside={beside} characteristic={characteristic} system={system} />
      </Column>
      <Column>
        <Evidences role="group" aria-label="How you know it">
          {evidences.map(({ key, label, glyph, says }) => (
            <Chip key={key} type="button" title={says} aria-pressed={key === evidence} onClick={() => setEvidence(key)}>
              {glyph} {label}
            </Chip>
          ))}
        </Evidences>
        {evidence === 'claimed' && (
          <label htmlFor="reading-source">
            <Small>Read where?</Small>
            <InputBox
              style={{ width: '100%' }}
              id="reading-source"
              data-elsewhere
              value={source}
              onChange={(event) => setSource(event.target.value)}
              maxLength={200}
              placeholder="box, side panel"
            />
          </label>
        )}
        {'plausible' in characteristic && characteristic.kind !== 'openings' && (
          <DotPlot
            key={characteristic.key}
            specimen={specimen}
            characteristic={characteristic}
            mine={resolved?.number?.value}
            system={system}
          />
        )}
        <Small>Why: {characteristic.why}</Small>
        {point && !resolved && (
          <Caution>
            Lost for good after {point.label}: it cannot be{' '}
            {characteristic.kind === 'quantity' ? 'measured' : 'recorded'} then.
          </Caution>
        )}
        {characteristic.caution && <CautionLine {...cautions[characteristic.caution]} />}
      </Column>
      <Keys>
        {typedKind ? (
          <>
            <span>
              <Key>Enter</Key> take, next
            </span>
            <span>
              <Key>Shift Enter</Key> take, and again
            </span>
          </>
        ) : (
          <span>
            <Key>{characteristic.kind === 'grade' ? '0–4' : `1–${options.length}`}</Key> choose, next
          </span>
        )}
        <span>
          <Key>↓</Key> skip
        </span>
        <span>
          <Key>↑</Key> back
        </span>
        <span>
          <Key>{wordy ? 'Alt E' : 'E'}</Key> how you know it
        </span>
        {choices.length > 1 && (
          <span>
            <Key>U</Key> unit
          </span>
        )}
        {characteristic.kind === 'count' && (
          <span>
            <Key>T</Key> count it here
          </span>
        )}
        {able.length > 1 && (
          <span>
            <Key>I</Key> instrument
          </span>
        )}
        {beside.length > 0 && (
          <span>
            <Key>Page ↓</Key> next specimen
          </span>
        )}
        <span>
          <Key>/</Key> find
        </span>
        <span>
          <Key>Ctrl Z</Key> take back
        </span>
      </Keys>
    </Sheet>
  )
}

/** Two keys nearer to each other than this, in milliseconds, were not pressed by one finger. */
const quickestHand = 35

const Plain = styled.button`
  padding: 4px 0;
  border: 0;
  background: none;
  color: inherit;
  text-decoration: underline;
  cursor: pointer;
`

const Paused = styled.p`
  margin-top: 8px;
  color: var(--amber-ink);
  font-weight: 600;
`

const chosen = (resolved: { text?: string; number?: { value: number } } | undefined, value: string): boolean =>
  resolved !== undefined && (resolved.text === value || String(resolved.number?.value) === value)

function placeholder(characteristic: Characteristic): string {
  switch (characteristic.kind) {
    case 'openings':
      return '7 x 5.8, 1 x 8.2'
    case 'thread':
      return 'M20 x 1.5'
    case 'text':
      return ''
    default:
      return '0'
  }
}

/** What the typed text would be kept as, when that is not plain to see. */
function echoOf(characteristic: Characteristic, text: string, unit: string): string {
  const entry = readEntry(characteristic, { text, ...(unit && { unit }), insist: true })
  if (!entry.ok || (characteristic.kind !== 'quantity' && characteristic.kind !== 'openings')) return ''
  return `= ${sayValue(characteristic, entry.value, entry.value.unit && ['in', 'thou', 'oz', 'ft', 'psi'].includes(entry.value.unit) ? 'metric' : 'imperial')}`
}

import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { css, styled } from 'styled-components'
import { evidences, noReturn, optionsOf, type Characteristic, type Evidence } from '#core/catalogue/index.ts'
import { displayUnit, sayUncertain, sayValue } from '#core/compare/display.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import type { Offer, Problem } from '#core/result.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { whyNot } from '#core/teardown/progress.ts'
import { usualEvidence } from '#core/teardown/reading.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Button } from '#app/ui/Button.tsx'
import { Caution, Key, Small, Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { DotPlot } from './DotPlot.tsx'
import type { Bench } from './useBench.ts'

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

const chip = css`
  min-height: 44px;
  min-width: 44px;
  padding: 0 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  font: 600 16px/1 var(--label);
  cursor: pointer;
  &:hover {
    background: var(--green-soft);
  }
  &[aria-pressed='true'] {
    background: var(--green);
    border-color: var(--green);
    color: var(--on-green);
  }
`

const Chip = styled.button`
  ${chip}
`

const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
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

const OptionButton = styled.button`
  ${chip}
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 10px;
  align-content: start;
  min-height: 60px;
  padding: 10px 12px;
  text-align: left;
  strong {
    font: 600 18px/1.2 var(--label);
  }
  small {
    grid-column: 2;
    font: 400 13px/1.3 var(--text);
    opacity: 0.85;
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

/** The one reading that is up: what to do, the field, what it means beside the others. */
export function ReadingCard({ bench, specimen, units }: { bench: Bench; specimen: string; units: Record<string, string> }) {
  const { current: characteristic, known, take, step, refused } = bench
  const { units: system } = usePreferences()
  const [text, setText] = useState('')
  const [unit, setUnit] = useState(() => units[characteristic.key] ?? displayUnit(characteristic, system))
  const [evidence, setEvidence] = useState<Evidence>(() => usualEvidence(characteristic))
  const [source, setSource] = useState('')
  const [problem, setProblem] = useState<Problem>()
  const field = useRef<HTMLInputElement>(null)
  const firstOffer = useRef<HTMLButtonElement>(null)

  const options = optionsOf(characteristic)
  const typedKind = options.length === 0
  const wordy = characteristic.kind === 'text' || characteristic.kind === 'thread'
  const choices = 'units' in characteristic ? characteristic.units : []
  const resolved = known.get(characteristic.key)
  const reason = whyNot(characteristic, known)

  const submit = (typed: string, how: { stay?: boolean; readAs?: string; insist?: boolean } = {}) => {
    const trouble = take({ characteristic, typed, evidence, source, stay: how.stay ?? false, ...(unit && { unit }), ...(how.readAs && { readAs: how.readAs }), ...(how.insist && { insist: true }) })
    setProblem(trouble)
    if (trouble) return
    setText('')
    field.current?.focus()
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
      } else if (!typedKind && /^[0-9]$/.test(event.key) && !event.altKey) {
        const index = characteristic.kind === 'grade' ? Number(event.key) : Number(event.key) - 1
        const option = options[index]
        if (!option) return
        event.preventDefault()
        submit(option.value, { stay: event.shiftKey })
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
        {reason && <Caution>Not asked for here, since {reason}. You can record it all the same.</Caution>}
        {typedKind ? (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              submit(text)
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
                  submit(text, { stay: true })
                }}
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
                <Chip key={choice} type="button" aria-pressed={choice === unit} onClick={() => (setUnit(choice), field.current?.focus())} aria-label={`Unit ${choice}`}>
                  {choice}
                </Chip>
              ))}
              <Button type="submit" $kind="primary">
                Take it
              </Button>
              <Button type="button" onPress={() => submit(text, { stay: true })}>
                Take, and again
              </Button>
              {echo && <Small>{echo}</Small>}
            </Chips>
          </form>
        ) : (
          <Options role="group" aria-labelledby="reading-label" data-grade={characteristic.kind === 'grade'}>
            {options.map((option, index) => (
              <OptionButton key={option.value} type="button" aria-pressed={chosen(resolved, option.value)} onClick={() => submit(option.value)}>
                <Key>{characteristic.kind === 'grade' ? index : index + 1}</Key>
                <strong>{characteristic.kind === 'grade' ? option.says : option.label}</strong>
                {characteristic.kind !== 'grade' && <small>{option.says}</small>}
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
                    <Chip key={offer.text} type="button" ref={index === 0 ? firstOffer : undefined} onClick={() => submit(text, { readAs: offer.text })}>
                      {offer.label}
                    </Chip>
                  ))}
                  {trouble.code === 'implausible' && (
                    <Chip type="button" ref={trouble.offers?.length ? undefined : firstOffer} onClick={() => submit(text, { insist: true })}>
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
        <Repeats bench={bench} characteristic={characteristic} />
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
            <SourceField id="reading-source" data-elsewhere value={source} onChange={(event) => setSource(event.target.value)} maxLength={200} placeholder="box, side panel" />
          </label>
        )}
        {'plausible' in characteristic && characteristic.kind !== 'openings' && (
          <DotPlot key={characteristic.key} specimen={specimen} characteristic={characteristic} mine={resolved?.number?.value} system={system} />
        )}
        <Small>Why: {characteristic.why}</Small>
        {point && !resolved && (
          <Caution>
            Lost for good after {point.label}: it cannot be {characteristic.kind === 'quantity' ? 'measured' : 'recorded'} then.
          </Caution>
        )}
        {characteristic.caution && <Caution>{characteristic.caution}</Caution>}
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
        <span>
          <Key>Ctrl Z</Key> take back
        </span>
      </Keys>
    </Sheet>
  )
}

const SourceField = styled.input`
  width: 100%;
  min-height: 44px;
  padding: 8px 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
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

/** Readings of the characteristic so far, and what they come to. */
function Repeats({ bench, characteristic }: { bench: Bench; characteristic: Characteristic }) {
  const { units: system } = usePreferences()
  const resolved = bench.known.get(characteristic.key)
  if (!resolved) return null
  const { number, readings, evidence, disagree, outliers } = resolved
  return (
    <Chips aria-label="Readings so far">
      {readings.map((reading) => (
        <span key={reading.id} style={{ padding: '4px 12px', border: '1px solid var(--line-strong)', borderRadius: 999, background: 'var(--raised)', overflowWrap: 'anywhere' }}>
          {sayValue(characteristic, reading, system)}
          {outliers.includes(reading.id) && ' (stands apart)'}
        </span>
      ))}
      <Small>
        <EvidenceGlyph evidence={evidence} word />
        {number && characteristic.kind === 'quantity' && readings.length > 1 && ` · mean ${sayUncertain(characteristic, number.value, standardUncertainty(number), system)}`}
        {disagree && ' · they disagree: take another'}
        {' · '}
        <Link to={`/specimens/${readings[0]!.specimen}/values/${characteristic.key}`}>all readings</Link>
      </Small>
    </Chips>
  )
}

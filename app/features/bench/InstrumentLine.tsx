import { useState } from 'react'
import { href, Link } from 'react-router'
import type { Characteristic } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { instrumentKinds, parseZeroOffset, defaultInstrumentKind } from '#core/teardown/instrument.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Small } from '#app/ui/layout.tsx'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { Chip, Chips, SmallInput } from './chips.tsx'
import { nextOf } from './next-of.ts'
import type { Bench } from './useBench.ts'

const dismissalKey = (instrument: StoredInstrument) =>
  `plicator-overdue-${instrument.id}-${instrument.checks[0]?.checkedAt ?? 'never'}`

interface Props {
  bench: Bench
  characteristic: Characteristic
  able: StoredInstrument[]
  instrument: StoredInstrument | undefined
  choose: (id: string | undefined) => void
}

/** What the reading is taken with, what is taken off as its zero, and a quiet word when its check is overdue. */
export function InstrumentLine({ bench, characteristic, able, instrument, choose }: Props) {
  const [shows, setShows] = useState<string>()
  const [error, setError] = useState('')
  const kind = defaultInstrumentKind(characteristic)
  if (!kind) return null
  if (!instrument) {
    return (
      <Small>
        {texts.withAnOrdinaryAsAssumed(instrumentKinds[kind].label.toLowerCase())}{' '}
        <Link to={href('/instruments')}>{texts.enterYourOwn}</Link>
      </Small>
    )
  }
  const { units, label } = instrumentKinds[instrument.kind]
  const unit = units[0]
  const zero =
    instrument.zeroOffset === 0
      ? ''
      : `${instrument.zeroOffset > 0 ? '+' : '−'}${formatQuantity(Math.abs(instrument.zeroOffset), unit)}`
  const keep = () => {
    const typed = shows ?? ''
    const parsed = parseZeroOffset(typed, instrument.kind)
    if (!parsed.ok) return setError(parsed.problem.message)
    bench.setZero(instrument.id, typed)
    setShows(undefined)
    setError('')
    document.querySelector<HTMLInputElement>('[data-reading]')?.focus()
  }
  return (
    <div>
      <Chips role="group" aria-label={texts.instrument}>
        <Chip
          type="button"
          onClick={() => choose(nextOf(able, instrument)?.id)}
          aria-label={texts.withLabel(instrument.name, able.length > 1)}
          disabled={able.length < 2}
        >
          {instrument.name}
          {able.length > 1 && ' ⇄'}
        </Chip>
        {shows === undefined ? (
          <Chip
            type="button"
            onClick={() => setShows(zero === '' ? '' : zero.replace('−', '-'))}
            aria-label={texts.zeroOf(zero || '0', instrument.name)}
          >
            {texts.zero(zero || '0')}
          </Chip>
        ) : (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              keep()
            }}
          >
            <label>
              <Small>{`${texts.atZeroShows(label)} `}</Small>
              <SmallInput
                data-elsewhere
                autoFocus
                value={shows}
                onChange={(event) => (setShows(event.target.value), setError(''))}
                placeholder={`0 ${unit}`}
                autoComplete="off"
                aria-describedby="zero-error"
              />
            </label>
          </form>
        )}
      </Chips>
      <ErrorText id="zero-error" role="alert">
        {error}
      </ErrorText>
      {zero && <Small>{`${texts.isTakenOffWhatIsRead(zero)} `}</Small>}
      <Overdue instrument={instrument} />
    </div>
  )
}

/** Said once in this browser for each check that is missed. */
function Overdue({ instrument }: { instrument: StoredInstrument }) {
  const [isDismissedNow, setDismissedNow] = useState(false)
  const isDismissed =
    useInBrowser(() => localStorage.getItem(dismissalKey(instrument)) === 'yes', true) || isDismissedNow
  const { check } = instrument
  if (isDismissed || check.state === 'sound') return null
  const words = {
    never: texts.hasNeverBeenCheckedAgainstA,
    overdue: texts.wasLastCheckedDaysAgo('days' in check ? check.days : 0),
    off: texts.wasOffAtItsLastCheck,
  }[check.state]
  const dismiss = () => {
    localStorage.setItem(dismissalKey(instrument), 'yes')
    setDismissedNow(true)
  }
  return (
    <Small>
      {instrument.name} {words}. <Link to={href('/instruments')}>{texts.checkIt}</Link>{' '}
      <button
        type="button"
        onClick={dismiss}
        style={{ border: 0, background: 'none', textDecoration: 'underline', cursor: 'pointer', minHeight: 24 }}
      >
        {texts.later}
      </button>
    </Small>
  )
}

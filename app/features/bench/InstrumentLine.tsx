import { useState } from 'react'
import { Link } from 'react-router'
import type { Characteristic } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { instrumentKinds, readZero, usualInstrument } from '#core/teardown/instrument.ts'
import type { OwnInstrument } from '#app/data/instruments.server.ts'
import { Fault } from '#app/ui/fields.tsx'
import { Small } from '#app/ui/layout.tsx'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { Chip, Chips, SmallInput } from './parts.tsx'
import type { Bench } from './useBench.ts'

const saidOnce = (instrument: OwnInstrument) =>
  `plicator-overdue-${instrument.id}-${instrument.checks[0]?.at ?? 'never'}`

interface Props {
  bench: Bench
  characteristic: Characteristic
  able: OwnInstrument[]
  instrument: OwnInstrument | undefined
  choose: (id: string) => void
}

/** What the reading is taken with, what is taken off as its zero, and a quiet word when its check is overdue. */
export function InstrumentLine({ bench, characteristic, able, instrument, choose }: Props) {
  const [shows, setShows] = useState<string>()
  const [fault, setFault] = useState('')
  const kind = usualInstrument(characteristic)
  if (!kind) return null
  if (!instrument) {
    return (
      <Small>
        With an ordinary {instrumentKinds[kind].label.toLowerCase()}, as assumed.{' '}
        <Link to="/instruments">Enter your own</Link>
      </Small>
    )
  }
  const { unit, label } = instrumentKinds[instrument.kind]
  const zero =
    instrument.zero === 0 ? '' : `${instrument.zero > 0 ? '+' : '−'}${formatQuantity(Math.abs(instrument.zero), unit)}`
  const keep = () => {
    const read = readZero(shows ?? '', instrument.kind)
    if (!read.ok) return setFault(read.problem.message)
    bench.setZero(instrument.id, shows!)
    setShows(undefined)
    setFault('')
    document.querySelector<HTMLInputElement>('[data-reading]')?.focus()
  }
  return (
    <div>
      <Chips role="group" aria-label="Instrument">
        <Chip
          type="button"
          onClick={() => choose(able[(able.indexOf(instrument) + 1) % able.length]!.id)}
          aria-label={`With ${instrument.name}${able.length > 1 ? ', change' : ''}`}
          disabled={able.length < 2}
        >
          {instrument.name}
          {able.length > 1 && ' ⇄'}
        </Chip>
        {shows === undefined ? (
          <Chip
            type="button"
            onClick={() => setShows(zero === '' ? '' : zero.replace('−', '-'))}
            aria-label={`Zero ${zero || '0'} of ${instrument.name}`}
          >
            Zero {zero || '0'}
          </Chip>
        ) : (
          <form
            onSubmit={(event) => {
              event.preventDefault()
              keep()
            }}
          >
            <label>
              <Small>{label} at zero shows </Small>
              <SmallInput
                data-elsewhere
                autoFocus
                value={shows}
                onChange={(event) => (setShows(event.target.value), setFault(''))}
                placeholder={`0 ${unit}`}
                autoComplete="off"
                aria-describedby="zero-fault"
              />
            </label>
          </form>
        )}
      </Chips>
      <Fault id="zero-fault" role="alert">
        {fault}
      </Fault>
      {zero && <Small>{zero} is taken off what is read. </Small>}
      <Overdue instrument={instrument} />
    </div>
  )
}

/** Said once in this browser for each check that is missed. */
function Overdue({ instrument }: { instrument: OwnInstrument }) {
  const [put, setPut] = useState(false)
  const said = useInBrowser(() => localStorage.getItem(saidOnce(instrument)) === 'yes', true) || put
  const { check } = instrument
  if (said || check.state === 'sound') return null
  const words = {
    never: 'has never been checked against a known piece',
    overdue: `was last checked ${'days' in check ? check.days : 0} days ago`,
    off: 'was off at its last check',
  }[check.state]
  const dismiss = () => {
    localStorage.setItem(saidOnce(instrument), 'yes')
    setPut(true)
  }
  return (
    <Small>
      {instrument.name} {words}. <Link to="/instruments">Check it</Link>{' '}
      <button
        type="button"
        onClick={dismiss}
        style={{ border: 0, background: 'none', textDecoration: 'underline', cursor: 'pointer', minHeight: 24 }}
      >
        Later
      </button>
    </Small>
  )
}

import { useState, useSyncExternalStore } from 'react'
import { styled } from 'styled-components'
import { parseQuantity } from '#core/quantity/parse.ts'
import * as texts from '#app/texts/devices.ts'
import { Small } from '#app/ui/layout.tsx'
import { Chip, Chips, SmallInput } from '#app/features/bench/chips.tsx'
import { dimensionOf, type Device } from './device.ts'
import { hasSerial, serialScale, speeds } from './serial.ts'
import { simulatedDevice } from './simulated.ts'
import type { LiveDevice } from './live.ts'
import { formatDisplayed } from './take-from-device.ts'
import type { Devices } from './useDevices.ts'

const Shown = styled.output<{ $stable: boolean }>`
  min-width: 118px;
  padding: 6px 12px;
  border-radius: 6px;
  background: #12261f;
  color: ${({ $stable }) => ($stable ? '#d9f5d0' : '#e9c98a')};
  font: 600 24px/1.2 var(--label);
  text-align: right;
`

/** The device that fits the reading that is up, or how to connect one. */
export function DeviceLine({ devices, kind }: { devices: Devices; kind: Device['kind'] }) {
  const live = devices.live[kind]
  return live ? (
    <LiveLine live={live} disconnect={() => devices.disconnect(kind)} />
  ) : (
    <Connect devices={devices} kind={kind} />
  )
}

function Connect({ devices: { connect, trouble, setTrouble }, kind }: { devices: Devices; kind: Device['kind'] }) {
  const [open, setOpen] = useState(false)
  const [speed, setSpeed] = useState<number>(speeds[0])
  return (
    <div>
      <Chips>
        {!open && (
          <Chip type="button" onClick={() => setOpen(true)}>
            {texts.connectA(kind)}
          </Chip>
        )}
        {open && kind === 'scale' && hasSerial() && (
          <>
            <Chip
              type="button"
              onClick={() =>
                serialScale(speed).then(connect, (error: Error) =>
                  setTrouble(
                    error.name === 'NotFoundError' ? texts.noPortWasChosen : texts.thatPortCannotBeOpenedAnother,
                  ),
                )
              }
            >
              {texts.serialScale}
            </Chip>
            <label>
              <Small>{`${texts.at} `}</Small>
              <select
                data-elsewhere
                value={speed}
                onChange={(event) => setSpeed(Number(event.target.value))}
                style={{ minHeight: 44 }}
              >
                {speeds.map((one) => (
                  <option key={one} value={one}>
                    {texts.baud(one)}
                  </option>
                ))}
              </select>
            </label>
          </>
        )}
        {open && (
          <Chip type="button" onClick={() => connect(simulatedDevice(kind))}>
            {texts.simulated(kind)}
          </Chip>
        )}
      </Chips>
      {open && (
        <Small>
          {texts.aThatTypesLikeAKeyboard(kind)}
          {kind === 'scale' && !hasSerial() && texts.thisBrowserCannotSpeakToA}
        </Small>
      )}
      {trouble && <Small role="alert"> {trouble}</Small>}
    </div>
  )
}

const unsettled = () => undefined

/** What a connected device shows, and its tare. */
function LiveLine({ live, disconnect }: { live: LiveDevice; disconnect: () => void }) {
  const reading = useSyncExternalStore(live.subscribe, live.shows, unsettled)
  const [put, setPut] = useState('')
  const { kind } = live.device
  const putIt = () => {
    const read = parseQuantity(put.trim() === '' ? '0' : put, {
      dimension: dimensionOf[kind],
      unit: live.device.unit,
      units: [live.device.unit],
      name: texts.that,
    })
    live.device.put?.(read.ok ? read.value.si : 0)
  }
  return (
    <Chips role="group" aria-label={live.device.name}>
      <Small>{live.device.name}</Small>
      <Shown $stable={!!reading?.stable} aria-label={texts.shows(live.device.name)} aria-live="off">
        {formatDisplayed(live)}
      </Shown>
      <Small>
        {reading?.taken ? texts.takenPutTheNextOn : reading?.stable ? texts.steadyEnterTakesIt : texts.settling}
      </Small>
      {kind === 'scale' && (
        <Chip type="button" aria-pressed={live.isTared()} onClick={live.tare}>
          {texts.tare}
        </Chip>
      )}
      {live.device.put && (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            putIt()
            document.querySelector<HTMLInputElement>('[data-reading]')?.focus()
          }}
        >
          <SmallInput
            data-elsewhere
            aria-label={kind === 'scale' ? texts.onTheSimulatedScaleG : texts.betweenTheSimulatedJawsMm}
            value={put}
            onChange={(event) => setPut(event.target.value)}
            placeholder={kind === 'scale' ? texts.putOnG : texts.betweenMm}
            autoComplete="off"
          />
        </form>
      )}
      <Chip type="button" onClick={disconnect} aria-label={texts.disconnectThe(live.device.name.toLowerCase())}>
        ✕
      </Chip>
    </Chips>
  )
}

import { useEffect, useState } from 'react'
import { href, useFetcher } from 'react-router'
import { createGlobalStyle, styled } from 'styled-components'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { formatValueNumber } from '#core/figures/format-value.ts'
import { nextShown, type AirControl, type Shown } from '#core/review/on-air.ts'
import { findApplication } from '#app/data/applications.server.ts'
import type { LineupPeer } from '#app/data/peers.server.ts'
import { controlFields } from '#app/features/review/control-fields.ts'
import { useAir } from '#app/features/review/useAir.ts'
import * as texts from '#app/texts/on-air.ts'
import { useJson } from '#app/ui/useJson.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/on-air'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.onAirTitle }]

/** It is laid over a picture: without the bar. */
export const handle = { isBare: true }

export const loader = async ({ params }: Route.LoaderArgs) => {
  const { id, name } = found(await findApplication(params.application), texts.thisLineUp)
  return { id, name }
}

const Clear = createGlobalStyle`
  html, body {
    background: transparent !important;
    overflow: hidden;
  }
`

const Stage = styled.main`
  position: fixed;
  inset: 0;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  align-items: flex-start;
  gap: 1.4vw;
  padding: 4vw;
`

const Plate = styled.div`
  max-width: 62vw;
  padding: 1.6vw 2.4vw;
  border-left: 0.7vw solid #d58a12;
  border-radius: 0.5vw;
  background: #12372cf2;
  color: #f6f3ea;
  font-family: var(--label);
  overflow-wrap: anywhere;
  p {
    margin: 0;
    line-height: 1.1;
  }
`

const rise = { product: '2vw', label: '2.5vw', value: '6.4vw', row: '2.2vw' }

/** How often it looks what is up next, ms. */
const tick = 100

/** A reading over the camera's picture, as it is taken at the bench. */
export default function OnAir({ loaderData: { id: application } }: Route.ComponentProps) {
  const { bench, control, arrivals } = useAir(application)
  const shown = useShown({ bench, control, arrivals })
  useKeys(application, control, shown)
  const reading = bench?.readings.find(({ id }) => id === shown?.id)
  return (
    <Stage aria-label={texts.onAir}>
      <Clear />
      {bench && reading && (
        <>
          {control.compares && <Others specimen={bench.specimenId} characteristic={reading.key} />}
          <Plate role="status">
            <p style={{ fontSize: rise.product, opacity: 0.85 }}>{bench.product}</p>
            <p style={{ fontSize: rise.label, marginTop: '0.5vw' }}>{reading.label}</p>
            <p style={{ fontSize: rise.value, fontWeight: 600 }} data-reading={reading.id}>
              {reading.text}
            </p>
            {reading.reservation && <p style={{ fontSize: rise.product }}>{reading.reservation.replace(/^, /, '')}</p>}
          </Plate>
        </>
      )}
    </Stage>
  )
}

/** What is up, looked at again and again. */
function useShown({ bench, control, arrivals }: Pick<ReturnType<typeof useAir>, 'bench' | 'control' | 'arrivals'>) {
  const [shown, setShown] = useState<Shown>()
  useEffect(() => {
    const look = () => setShown((old) => bench && nextShown(bench, arrivals, control, old, performance.now()))
    look()
    const timer = setInterval(look, tick)
    return () => clearInterval(timer)
  }, [bench, control, arrivals])
  return shown
}

/** Keys of the picture: Space holds and lets go, H hides, C sets it beside the others. */
function useKeys(application: string, control: AirControl, shown: Shown | undefined) {
  const { submit } = useFetcher()
  useEffect(() => {
    const drive = (next: Partial<AirControl>) =>
      void submit(controlFields(next), {
        method: 'post',
        action: href('/lineups/:application/on-air', { application }),
      })
    const onKey = ({ key, repeat, ctrlKey, metaKey, altKey }: KeyboardEvent) => {
      if (repeat || ctrlKey || metaKey || altKey) return
      if (key === ' ') drive({ held: control.held === '' ? (shown?.id ?? '') : '' })
      if (key === 'h') drive({ isHidden: !control.isHidden })
      if (key === 'c') drive({ compares: !control.compares })
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [application, control, shown, submit])
}

/** So many others stand beside it. */
const others = 5

/** What the others of the line-up have in the same thing, the largest first. */
function Others({ specimen, characteristic }: { specimen: string; characteristic: string }) {
  const { units } = usePreferences()
  const path = href('/bench/:specimen/distribution/:characteristic', { specimen, characteristic })
  const { data } = useJson<{ peers: LineupPeer[] }>(path)
  const of = findCharacteristic(characteristic)
  const peers = (data?.peers ?? []).filter(({ own }) => !own).sort((a, b) => b.value - a.value)
  if (!of || peers.length === 0) return null
  return (
    <Plate>
      {peers.slice(0, others).map(({ specimen: id, name, value }) => (
        <p key={id} style={{ fontSize: rise.row, display: 'flex', justifyContent: 'space-between', gap: '3vw' }}>
          <span>{name}</span>
          <strong>{formatValueNumber(of, value, units)}</strong>
        </p>
      ))}
    </Plate>
  )
}

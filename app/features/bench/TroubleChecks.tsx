import { styled } from 'styled-components'
import { byKey } from '#core/by-key.ts'
import { characteristicOf } from '#core/catalogue/index.ts'
import { checksOf, engineTroubles, type EngineTrouble } from '#core/figures/trouble.ts'
import * as texts from '#app/texts/bench.ts'
import { Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const Checks = styled.ul`
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  button {
    min-height: 44px;
    padding: 4px 0;
    border: 0;
    background: none;
    color: inherit;
    text-align: left;
    text-decoration: underline;
    cursor: pointer;
  }
`

/** What the engine's known trouble asks to be looked at first. */
export function TroubleChecks({ bench, trouble }: { bench: Bench; trouble: EngineTrouble | '' }) {
  if (trouble === '') return null
  const open = checksOf(trouble, bench.form).filter(({ key }) => !bench.values.has(key))
  if (open.length === 0) return null
  const { label } = byKey(engineTroubles, trouble)
  return (
    <section aria-label={texts.lookAtThisFirst}>
      <h3>{texts.lookAtThisFirst}</h3>
      <Small>{texts.theEngineIsKnownForIt(label)}</Small>
      <Checks>
        {open.map(({ key }) => (
          <li key={key}>
            <button type="button" onClick={() => bench.goTo(key)}>
              {characteristicOf(key).label}
            </button>
          </li>
        ))}
      </Checks>
    </section>
  )
}

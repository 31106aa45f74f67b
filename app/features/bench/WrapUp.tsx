import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import { lackingAfter, passedSteps } from '#core/teardown/passed-steps.ts'
import * as texts from '#app/texts/bench.ts'
import { Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const Keys = styled.ul`
  list-style: none;
  margin: 4px 0 10px;
  padding: 0;
  button {
    min-height: 44px;
    padding: 4px 0;
    border: 0;
    background: none;
    color: var(--ink);
    text-align: left;
    text-decoration: underline;
    cursor: pointer;
  }
`

/** Once the media is unfolded: what is lost for good, and what the parts still tell as long as they are kept. */
export function WrapUp({ bench }: { bench: Bench }) {
  const passed = passedSteps(bench.form, [...bench.passed], bench.values.keys())
  if (!passed.includes('unfold')) return null
  const { lost, kept } = lackingAfter(bench.form, bench.values, passed, bench.plan)
  if (lost.length === 0 && kept.length === 0) return null
  return (
    <section aria-label={texts.beforeThePartsGo}>
      <h3>{texts.beforeThePartsGo}</h3>
      {kept.length > 0 && (
        <>
          <Small>{texts.stillToBeHadFromThe}</Small>
          <Keys>
            {kept.map((key) => (
              <li key={key}>
                <button type="button" onClick={() => bench.goTo(key)}>
                  {characteristicOf(key).label}
                </button>
              </li>
            ))}
          </Keys>
        </>
      )}
      {lost.length > 0 && (
        <Small>{texts.lostForGoodOfMap(lost.map((key) => characteristicOf(key).label.toLowerCase()).join(', '))}</Small>
      )}
    </section>
  )
}

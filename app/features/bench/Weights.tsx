import { styled } from 'styled-components'
import { characteristicOf, type FilterForm } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { weightsSoFar } from '#core/teardown/weights.ts'
import * as texts from '#app/texts/bench-reading.ts'
import type { Bench } from './useBench.ts'

const Box = styled.section`
  padding: 12px 14px;
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  p {
    margin-top: 6px;
    font-size: 14px;
  }
  p[data-verdict='impossible'],
  p[data-verdict='unweighed'] {
    color: var(--red);
    font-weight: 600;
  }
`

const Bar = styled.div`
  display: flex;
  gap: 1px;
  height: 10px;
  margin-top: 8px;
  border-radius: 5px;
  overflow: hidden;
  background: var(--line);
  span {
    background: var(--green);
  }
  span:nth-child(even) {
    background: color-mix(in srgb, var(--green) 65%, var(--raised));
  }
`

/** The parts weighed so far against the whole. */
export function Weights({ bench, form }: { bench: Bench; form: FilterForm }) {
  const { whole, parts, sum, state, message } = weightsSoFar(form, bench.values)
  if (form === 'cartridge' || (whole === undefined && parts.length === 0)) return null
  const full = Math.max(whole ?? 0, sum)
  return (
    <Box aria-label={texts.weightsSoFar}>
      <h3>{texts.weightsSoFar}</h3>
      <Bar aria-hidden>
        {parts.map(({ key, weight }) => (
          <span
            key={key}
            style={{ width: `${(100 * weight) / full}%` }}
            title={`${characteristicOf(key).label} ${formatQuantity(weight, 'g')}`}
          />
        ))}
      </Bar>
      <p data-verdict={state}>{message}</p>
    </Box>
  )
}

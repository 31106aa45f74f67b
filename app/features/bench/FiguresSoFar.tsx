import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { figureOf } from '#core/figures/index.ts'
import { formatValueWithUncertainty } from '#core/figures/format-value.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import { FindingList } from '#app/features/specimen/FindingList.tsx'
import * as texts from '#app/texts/bench.ts'
import { Alert, Small, Soft } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Bench } from './useBench.ts'

const List = styled.dl`
  margin: 6px 0 0;
  > div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    padding: 7px 0;
    border-bottom: 1px dotted var(--line-strong);
  }
  dt {
    font-size: 14px;
  }
  dd {
    margin: 0;
    font-weight: 600;
    text-align: right;
  }
  dd small {
    display: block;
    font-weight: 400;
  }
`

/** Figures that the readings allow so far; each opens to its formula. */
export function FiguresSoFar({ bench, specimen }: { bench: Bench; specimen: string }) {
  const { units: system } = usePreferences()
  const results = [...bench.figures.values()]
  const known = results.flatMap((result) => (result.state === 'known' ? [result] : []))
  const impossible = results.flatMap((result) => (result.state === 'impossible' ? [result] : []))
  return (
    <section aria-label={texts.figuresSoFar}>
      <h3>{texts.figuresSoFar}</h3>
      {known.length === 0 && impossible.length === 0 && <Soft>{texts.workedOutAsSoonAsTheir}</Soft>}
      {impossible.map(({ key, message }) => (
        <Alert key={key}>
          {figureOf(key).label}: {message}.
        </Alert>
      ))}
      <FindingList findings={bench.findings} specimen={specimen} />
      <List>
        {known.map(({ key, number, remark }) => {
          const figure = figureOf(key)
          return (
            <div key={key}>
              <dt>
                <Link to={href('/specimens/:specimen/values/:key', { specimen, key })}>{figure.label}</Link>
              </dt>
              <dd>
                {formatValueWithUncertainty(figure, number.value, expandedUncertainty(number), system)}
                {remark && <Small as="small">{remark}</Small>}
              </dd>
            </div>
          )
        })}
      </List>
    </section>
  )
}

import { styled } from 'styled-components'
import { formatMadeIn } from '#core/kin/date-code.ts'
import { layTimeline, type Dated } from '#core/kin/revision-timeline.ts'
import { formatMoney } from '#core/money/currency.ts'
import type { Price } from '#core/money/landed.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { VerdictStood } from '#app/data/product-dossier.server.ts'
import type { Revision } from '#app/data/products.server.ts'
import type { RevisionFacts } from '#app/data/revision-facts.server.ts'
import * as texts from '#app/texts/products.ts'
import { Day } from '#app/ui/Day.tsx'
import { Table } from '#app/ui/Table.tsx'

const Lanes = styled.div`
  display: grid;
  grid-template-columns: minmax(90px, max-content) minmax(0, 1fr);
  gap: 6px 14px;
  align-items: center;
  font-size: 14px;
  span {
    overflow-wrap: anywhere;
  }
  div {
    position: relative;
    height: 22px;
    margin-right: 12px;
    border-bottom: 1px dotted var(--line-strong);
  }
  i {
    position: absolute;
    bottom: -5px;
    min-width: 10px;
    height: 10px;
    border-radius: 5px;
    background: var(--green);
  }
  [data-years] {
    border-bottom: 0;
  }
  [data-years] small {
    position: absolute;
    color: var(--ink-soft);
    transform: translateX(-50%);
  }
`

interface Props {
  revisions: readonly Revision[]
  facts: readonly RevisionFacts[]
  prices: readonly Price[]
  verdicts: readonly VerdictStood[]
}

const priceLane = texts.prices
const verdictLane = texts.verdicts

/** When each revision was made and seen, between prices and verdicts: a picture, and the same as a table. */
export function RevisionTimeline({ revisions, facts, prices, verdicts }: Props) {
  const dated = [
    ...facts.flatMap(({ id, codes, seen }) => [...seenDates(id, seen), ...madeDates(id, codes)]),
    ...prices.map(priceDate),
    ...verdicts.map(verdictDate),
  ]
  const line = layTimeline([...revisions.map(({ id }) => id), priceLane, verdictLane], dated)
  if (!line) return null
  const nameOf = (lane: string) => {
    const revision = revisions.find(({ id }) => id === lane)
    return revision ? revisionName(revision.label) : lane
  }
  return (
    <section aria-label={texts.timeline}>
      <Lanes aria-hidden>
        {line.years.length > 0 && (
          <>
            <span />
            <div data-years>
              {line.years.map(({ year, at }) => (
                <small key={year} style={{ left: `${100 * at}%` }}>
                  {year}
                </small>
              ))}
            </div>
          </>
        )}
        {line.lanes.map(({ lane, dates }) => [
          <span key={`${lane} name`}>{nameOf(lane)}</span>,
          <div key={lane}>
            {dates.map(({ start, end, text, from }) => (
              <i
                key={`${from} ${text}`}
                title={`${from}: ${text}`}
                style={{ left: `calc(${100 * start}% - 5px)`, width: `${100 * (end - start)}%` }}
              />
            ))}
          </div>,
        ])}
      </Lanes>
      <details>
        <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.allDates}</summary>
        <Table aria-label={texts.allDates}>
          <thead>
            <tr>
              <th scope="col">{texts.day}</th>
              <th scope="col">{texts.ofLabel}</th>
              <th scope="col">{texts.what}</th>
            </tr>
          </thead>
          <tbody>
            {line.lanes
              .flatMap(({ dates }) => dates)
              .sort((a, b) => a.from.localeCompare(b.from))
              .map(({ lane, from, text }) => (
                <tr key={`${lane} ${from} ${text}`}>
                  <td>
                    <Day of={from} />
                  </td>
                  <td>{nameOf(lane)}</td>
                  <td>{text}</td>
                </tr>
              ))}
          </tbody>
        </Table>
      </details>
    </section>
  )
}

/** A code of more than one meaning is at no place of a line. */
function madeDates(lane: string, codes: RevisionFacts['codes']): Dated[] {
  return codes.flatMap(({ code, readings: [only, ...more], specimen }) =>
    only && more.length === 0 ? [{ lane, ...only, text: texts.madeCode(specimen, formatMadeIn(only), code) }] : [],
  )
}

const seenDates = (lane: string, seen: RevisionFacts['seen']): Dated[] =>
  seen.map(({ specimen, day }) => ({ lane, from: day, to: day, text: texts.firstRecorded(specimen) }))

const priceDate = ({ observedOn, amountMinor, currency, packSize, shop }: Price): Dated => ({
  lane: priceLane,
  from: observedOn,
  to: observedOn,
  text: [formatMoney(amountMinor, currency), packSize > 1 && texts.forLabelOfPackSize(packSize), shop && texts.at(shop)]
    .filter(Boolean)
    .join(' '),
})

const verdictDate = ({ publishedAt, name, place, of, school }: VerdictStood): Dated => ({
  lane: verdictLane,
  from: publishedAt.slice(0, 10),
  to: publishedAt.slice(0, 10),
  text: `${name} ${place} of ${of} by ${school}`,
})

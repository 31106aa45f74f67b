import { Check } from 'lucide-react'
import { styled } from 'styled-components'
import { irreversibleStep, type FilterForm } from '#core/catalogue/index.ts'
import { missingBefore } from '#core/teardown/progress.ts'
import * as texts from '#app/texts/bench.ts'
import { Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const List = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 2px;
`

const Station = styled.button<{ $now: boolean }>`
  display: flex;
  align-items: center;
  gap: 6px;
  width: 100%;
  min-height: 44px;
  padding: 0 10px;
  border: 0;
  border-radius: 8px;
  background: ${({ $now }) => ($now ? 'var(--green)' : 'transparent')};
  color: ${({ $now }) => ($now ? 'var(--on-green)' : 'var(--ink)')};
  font: 600 18px/1 var(--label);
  text-align: left;
  cursor: pointer;
  &:hover {
    background: ${({ $now }) => ($now ? 'var(--green)' : 'var(--green-soft)')};
  }
  span:last-child {
    margin-left: auto;
    font: 400 13px var(--text);
    white-space: nowrap;
    opacity: 0.85;
  }
`

const Point = styled.p<{ $lost: boolean }>`
  margin: 2px 0 2px 10px;
  padding-left: 12px;
  border-left: 3px dashed var(--amber);
  color: var(--amber-ink);
  font: 600 14px/1.25 var(--label);
`

const Steps = styled.ul`
  list-style: none;
  margin: 2px 0 6px;
  padding: 0 0 0 6px;
`

const Step = styled.button<{ $now: boolean }>`
  display: flex;
  gap: 6px;
  width: 100%;
  min-height: 30px;
  padding: 4px 6px;
  border: 0;
  border-radius: 6px;
  background: ${({ $now }) => ($now ? 'var(--green-soft)' : 'transparent')};
  font-size: 13px;
  line-height: 1.3;
  text-align: left;
  cursor: pointer;
  &:hover {
    background: var(--green-soft);
  }
  span:first-child {
    flex: none;
    width: 14px;
    color: var(--ink-soft);
  }
`

/** Stations in the order of work, the readings of the one in hand, and what cannot be undone between. */
export function StationRail({
  bench,
  form,
  others,
}: {
  bench: Bench
  form: FilterForm
  others: { id: string; name: string }[]
}) {
  const { stations, current, values, plan, goTo, working } = bench
  return (
    <nav aria-label={texts.stations}>
      <List>
        {stations.map((station) => {
          const here = station.key === current.station
          const point = station.then && irreversibleStep(station.then)
          const lost = station.then ? missingBefore(station.then, form, values, plan).lost.length : 0
          const readings = working.filter((c) => c.station === station.key)
          const passed = bench.irreversibleSteps.find(({ step }) => step === station.then)
          const complete = station.done === station.of
          return (
            <li key={station.key}>
              <Station
                $now={here}
                aria-current={here ? 'step' : undefined}
                onClick={() => goTo(station.missing[0] ?? readings[0]?.key ?? current.key)}
              >
                {complete && <Check size={16} aria-label={texts.complete} />}
                <span>{station.label}</span>
                <span>{texts.ofLabel(station.done, station.of)}</span>
              </Station>
              {here && (
                <Steps>
                  {readings.map((c) => (
                    <li key={c.key}>
                      <Step
                        $now={c.key === current.key}
                        aria-current={c.key === current.key ? 'true' : undefined}
                        onClick={() => goTo(c.key)}
                      >
                        <span
                          aria-label={
                            values.has(c.key) ? 'recorded' : c.extra && !plan[c.key] ? texts.extraOpen : 'open'
                          }
                          role="img"
                        >
                          {values.has(c.key) ? '✓' : c.extra && !plan[c.key] ? '+' : '○'}
                        </span>
                        <span>{c.label}</span>
                      </Step>
                    </li>
                  ))}
                </Steps>
              )}
              {point && (
                <Point $lost={lost > 0}>
                  {passed ? `${point.done} ${passed.passedAt.slice(11, 16)} UTC` : point.label}
                  {passed?.missing.length
                    ? texts.lost(passed.missing.length, passed.reason)
                    : !passed && lost > 0 && texts.wouldBeLost(lost)}
                </Point>
              )}
            </li>
          )
        })}
      </List>
      <WhatToRecord bench={bench} others={others} />
    </nav>
  )
}

const Details = styled.details`
  margin-top: 14px;
  font-size: 14px;
  summary {
    min-height: 32px;
    cursor: pointer;
    font: 600 16px/32px var(--label);
  }
  select {
    width: 100%;
    min-height: 44px;
    margin-top: 4px;
  }
`

/** What does not apply or was left out, to be called back, and copying what to record from another specimen. */
function WhatToRecord({ bench, others }: { bench: Bench; others: { id: string; name: string }[] }) {
  const { all, working, plan, goTo, ask, askLike } = bench
  const apart = all.filter((c) => !working.includes(c))
  const departs = Object.keys(plan).length
  return (
    <Details>
      <summary>{texts.whatToRecord}</summary>
      {apart.length > 0 && (
        <>
          <Small>{texts.notAskedForOnThisSpecimen}</Small>
          <Steps>
            {apart.map((c) => (
              <li key={c.key}>
                <Step $now={false} onClick={() => goTo(c.key)}>
                  <span>–</span>
                  <span>{c.label}</span>
                </Step>
              </li>
            ))}
          </Steps>
        </>
      )}
      {others.length > 0 && (
        <label>
          <Small>{texts.askForTheSameAsOf}</Small>
          <select data-elsewhere value="" onChange={(event) => event.target.value && askLike(event.target.value)}>
            <option value="">{texts.chooseASpecimen}</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {departs > 0 && (
        <p>
          <Small>
            {texts.fromWhatIsUsual(departs === 1 ? texts.oneReadingDeparts : texts.readingsDepart(departs))}{' '}
          </Small>
          <button
            type="button"
            onClick={() => Object.keys(plan).forEach((key) => ask(key, 'usual'))}
            style={{ border: 0, background: 'none', textDecoration: 'underline', cursor: 'pointer', minHeight: 32 }}
          >
            {texts.askAsUsual}
          </button>
        </p>
      )}
    </Details>
  )
}

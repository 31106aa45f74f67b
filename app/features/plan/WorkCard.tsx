import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatMoney } from '#core/money/currency.ts'
import { formatFixed } from '#core/quantity/format.ts'
import type { EnginePlan, PlannedWork, ToBuy } from '#app/data/engine-plan.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { leadIn } from '#app/features/lineup/lead-in.ts'
import { NameEngine } from '#app/features/lineup/NameEngine.tsx'
import * as texts from '#app/texts/plan.ts'
import { Button } from '#app/ui/Button.tsx'
import { Alert, Card, Row, Small, Soft, Stack, Unseen } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { useEachJson } from '#app/ui/useEachJson.ts'

const Works = styled(Table)`
  th:nth-child(n + 2):nth-child(-n + 5),
  td:nth-child(n + 2):nth-child(-n + 5) {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  td:last-child {
    width: 190px;
    padding-right: 0;
    text-align: right;
  }
`

interface Engine {
  id: string
  name: string
}

interface Props {
  engines: readonly Engine[]
  known: Readonly<Record<string, EnginePlan>>
  /** Products that stand on the list already. */
  listed: ReadonlySet<string>
  /** Ids for what may be put on the list. */
  ids: readonly string[]
}

/** So much is shown of all engines together. */
const most = 15

const points = ({ gain }: PlannedWork): number => 100 * gain

const sorts = [
  { value: '', label: texts.theHour },
  { value: 'money', label: texts.theMoney },
]

const worthForTime = ({ gain, minutes }: PlannedWork): number => gain / minutes

/** What costs nothing comes first, what has no price last. */
const worthForMoney = ({ gain, cost }: PlannedWork): number =>
  cost === null ? -1 : cost === 0 ? Number.MAX_SAFE_INTEGER * gain : gain / cost

/** What is worth doing next, over all engines: points of chance of naming the right one, for minutes and money. */
export function WorkCard({ engines, known, listed, ids }: Props) {
  const plans = useEachJson(
    engines.map(({ id }) => id),
    known,
    (application) => href('/lineups/:application/plan', { application }),
  )
  const { get, set } = useAddress()
  const by = get('by') ?? ''
  const worth = by === 'money' ? worthForMoney : worthForTime
  const work = engines
    .flatMap((engine) => (plans.get(engine.id)?.work ?? []).map((one) => ({ ...one, engine })))
    .sort((a, b) => worth(b) - worth(a))
    .slice(0, most)
  const missing = engines.length - plans.size
  const beginnings = engines.flatMap((engine) => {
    const step = plans.get(engine.id)?.firstStep
    return step ? [{ engine, ...leadIn(step, engine.id) }] : []
  })
  return (
    <Card aria-label={texts.worthDoingNext} style={{ minHeight: missing > 0 ? 320 : undefined }}>
      <Stack>
        <Row $between>
          <h2>{texts.worthDoingNext}</h2>
          <SelectMenu label={texts.mostFor} value={by} options={sorts} onPick={(value) => set({ by: value })} />
        </Row>
        <Soft>{texts.byHowManyPointsOfA}</Soft>
        {work.length === 0 && missing === 0 && beginnings.length === 0 && (
          <Soft>{engines.length === 0 ? texts.whatIsWorthDoingNextWill : texts.nothingThatIsOpenWouldChange}</Soft>
        )}
        {engines.length === 0 && <NameEngine />}
        {beginnings.length > 0 && (
          <div>
            <Soft>{texts.itTakesTwoFiltersWithSomething}</Soft>
            <ul>
              {beginnings.map(({ engine, label, to }) => (
                <li key={engine.id}>
                  {engine.name}: <Link to={to}>{label}</Link>
                </li>
              ))}
            </ul>
          </div>
        )}
        {work.length > 0 && (
          <Works>
            <thead>
              <tr>
                <th>{texts.what}</th>
                <th>{texts.points}</th>
                <th>{texts.time}</th>
                <th>{texts.money}</th>
                <th>{texts.pointsAnHour}</th>
                <th>
                  <Unseen>{texts.act}</Unseen>
                </th>
              </tr>
            </thead>
            <tbody>
              {work.map((one, at) => (
                <WorkLine
                  key={`${one.engine.id} ${one.words}`}
                  work={one}
                  engine={one.engine}
                  isListed={one.toBuy.every(({ productId }) => listed.has(productId))}
                  id={ids[at] ?? ''}
                />
              ))}
            </tbody>
          </Works>
        )}
        {missing > 0 && (
          <Soft role="status">{texts.workingOut(missing === 1 ? texts.oneEngine : texts.engines(missing))}</Soft>
        )}
      </Stack>
    </Card>
  )
}

const timeOf = (minutes: number): string =>
  minutes < 90 ? texts.min(formatFixed(minutes, minutes < 10 ? 1 : 0)) : `${formatFixed(minutes / 60, 1)} h`

interface LineProps {
  work: PlannedWork
  engine: Engine
  isListed: boolean
  id: string
}

function WorkLine({ work, engine, isListed, id }: LineProps) {
  const { words, path, toBuy, cost, currency, minutes } = work
  return (
    <tr>
      <td>
        {words} <br />
        <Small>
          <Link to={href('/lineups/:application', { application: engine.id })}>{engine.name}</Link>
        </Small>
      </td>
      <td>{formatFixed(points(work), 1)}</td>
      <td>{timeOf(minutes)}</td>
      <td>{cost === 0 ? '–' : cost === null ? texts.noPrice : formatMoney(cost, currency)}</td>
      <td>{formatFixed((60 * points(work)) / minutes, 1)}</td>
      <td>
        {toBuy.length === 0 ? (
          <Link to={path} aria-label={texts.doLabel(words)}>
            {path.startsWith('/bench') ? texts.toTheBench : texts.lookItUp}
          </Link>
        ) : isListed ? (
          <Small>{texts.onTheListBelow}</Small>
        ) : (
          <PutOnList toBuy={toBuy} id={id} words={words} />
        )}
      </td>
    </tr>
  )
}

function PutOnList({ toBuy, id, words }: { toBuy: readonly ToBuy[]; id: string; words: string }) {
  const { send, isIdle, refusal } = useAction()
  const wish = JSON.stringify(toBuy.map(({ productId, count }) => ({ productId, count })))
  return (
    <>
      <Button
        isDisabled={!isIdle}
        aria-label={texts.putOnTheListOfWords(words)}
        onPress={() => send({ intent: 'wishes', id, wishes: wish, reason: words })}
      >
        {texts.putOnTheList}
      </Button>
      {refusal && <Alert role="alert">{refusal}</Alert>}
    </>
  )
}

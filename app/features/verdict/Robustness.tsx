import { useCallback, useMemo, useState } from 'react'
import type { SmaaResult, WeightDraw } from '#core/score/smaa.ts'
import type { Judged } from '#core/verdict/judged.ts'
import { Button } from '#app/ui/Button.tsx'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import { Alert, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Pick } from '#app/ui/Pick.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useRobustness } from './useRobustness.ts'

const draws = 100_000
/** Share of itself, above and below, within which a weight is drawn around the school. */
const around = 0.5

const modes: { key: WeightDraw; label: string }[] = [
  { key: 'fixed', label: 'weights as the school has them' },
  { key: 'around', label: `each weight within ${around * 100} % of the school's` },
  { key: 'free', label: 'any weights at all' },
]

const percent = (share: number): string => (share === 0 ? '–' : share < 0.005 ? '<1 %' : `${Math.round(share * 100)} %`)

/** How often each product is at each rank when what is in doubt is drawn: stochastic acceptability analysis. */
export function Robustness({ ranked, nameOf }: { ranked: Judged[]; nameOf: (id: string) => string }) {
  const [mode, setMode] = useState<WeightDraw>('fixed')
  const request = useMemo(
    () =>
      ranked.length > 1
        ? {
            contenders: ranked.map(({ score, evidence }) => ({ score, evidence })),
            settings: { draw: mode, spread: around, draws, seed: 20_260_401 },
          }
        : undefined,
    [ranked, mode],
  )
  const { run, cancel } = useRobustness(request)
  if (!request) return <Soft>It takes two products that are ranked.</Soft>
  return (
    <Stack $gap={10}>
      <Row>
        <Pick
          label="Drawn with"
          value={mode}
          options={modes.map(({ key, label }) => ({ value: key, label }))}
          onPick={(key) => setMode(key as WeightDraw)}
        />
        <span role="status">
          <Small>
            {run.state === 'running' && `${Math.round(run.progress * 100)} % of ${draws.toLocaleString('en')} draws`}
            {run.state === 'done' && `${run.result.draws.toLocaleString('en')} draws`}
            {run.state === 'stopped' && 'Stopped.'}
          </Small>
        </span>
        {run.state === 'running' && <Button onPress={cancel}>Stop</Button>}
      </Row>
      {run.state === 'failed' && <Alert role="alert">This browser could not run the analysis.</Alert>}
      {run.state === 'done' && <Shares result={run.result} ranked={ranked} nameOf={nameOf} mode={mode} />}
    </Stack>
  )
}

const shownRanks = 5

function Shares({
  result,
  ranked,
  nameOf,
  mode,
}: {
  result: SmaaResult
  ranked: Judged[]
  nameOf: (id: string) => string
  mode: WeightDraw
}) {
  const n = ranked.length
  const rows = useMemo(
    () =>
      ranked.map(({ id, score }, i) => ({
        id,
        name: nameOf(id),
        shares: Array.from(result.ranks.subarray(i * n, (i + 1) * n)),
        central: Array.from(result.central.subarray(i * score.lines.length, (i + 1) * score.lines.length)),
      })),
    [result, ranked, nameOf, n],
  )
  const option = useCallback(
    (colours: ChartColours) => ({
      grid: { left: 190, right: 20, top: 32, bottom: 24 },
      legend: { top: 0, textStyle: { color: colours.ink } },
      tooltip: { trigger: 'item', valueFormatter: (value: number) => `${value.toFixed(1)} %` },
      xAxis: {
        type: 'value',
        max: 100,
        axisLabel: { color: colours.soft, formatter: '{value} %' },
        splitLine: { lineStyle: { color: colours.line } },
      },
      yAxis: {
        type: 'category',
        inverse: true,
        data: rows.map(({ name }) => name),
        axisLabel: { color: colours.ink, width: 180, overflow: 'truncate' },
        axisLine: { lineStyle: { color: colours.soft } },
      },
      series: [
        ...Array.from({ length: Math.min(shownRanks, n) }, (_, rank) => ({
          name: `rank ${rank + 1}`,
          at: (shares: number[]) => shares[rank]!,
        })),
        ...(n > shownRanks
          ? [{ name: 'lower', at: (shares: number[]) => shares.slice(shownRanks).reduce((sum, one) => sum + one, 0) }]
          : []),
      ].map(({ name, at }, index) => ({
        name,
        type: 'bar',
        stack: 'ranks',
        barWidth: 18,
        itemStyle: {
          color: colours.green,
          opacity: [1, 0.7, 0.5, 0.34, 0.22, 0.1][index],
          borderColor: colours.card,
          borderWidth: 1,
        },
        data: rows.map(({ shares }) => at(shares) * 100),
      })),
    }),
    [rows, n],
  )
  const criteria = ranked[0]!.score.lines.map(({ criterion }) => criterion)
  const base = criteria.reduce((sum, { weight }) => sum + weight, 0)
  return (
    <>
      <Chart
        label="Share of draws in which each product is at each rank; the table below has the same figures"
        height={70 + 30 * n}
        option={option}
      />
      <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Rank shares">
        <Table>
          <thead>
            <tr>
              <th scope="col">Product</th>
              {Array.from({ length: Math.min(shownRanks, n) }, (_, rank) => (
                <th key={rank} scope="col">
                  {rank + 1}
                </th>
              ))}
              {n > shownRanks && <th scope="col">lower</th>}
              {mode !== 'fixed' && <th scope="col">Wins with more weight on</th>}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, shares, central }) => (
              <tr key={id}>
                <td>{name}</td>
                {shares.slice(0, shownRanks).map((share, rank) => (
                  <td key={rank}>{percent(share)}</td>
                ))}
                {n > shownRanks && <td>{percent(shares.slice(shownRanks).reduce((sum, one) => sum + one, 0))}</td>}
                {mode !== 'fixed' && (
                  <td>
                    <Small>
                      {shares[0]! > 0
                        ? criteria
                            .map((criterion, j) => ({
                              label: criterion.label,
                              lift: central[j]! / (mode === 'free' ? 1 / criteria.length : criterion.weight / base),
                            }))
                            .sort((a, b) => b.lift - a.lift)
                            .slice(0, 3)
                            .map(({ label }) => label.toLowerCase())
                            .join(', ')
                        : 'never first'}
                    </Small>
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
      <Small>
        SMAA-2, Lahdelma and Salminen 2001. Measurements are drawn from their uncertainty, unit-to-unit spread included,
        what is missing from all it may be. Seeded: the same input gives the same picture.
      </Small>
    </>
  )
}

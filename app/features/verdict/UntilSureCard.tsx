import { useCallback } from 'react'
import { formatUntilSure } from '#core/verdict/format-until-sure.ts'
import type { MoreSpecimens } from '#core/verdict/specimens-until-sure.ts'
import { formatChance } from '#core/verdict/call.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** What more specimens of the two that are foremost would settle. */
export function UntilSureCard({ judged: { untilSure, ranked, nameOf } }: { judged: EvaluationView }) {
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.howManySpecimensUntilSure}</h2>
        {ranked.length < 2 ? (
          <Soft>{texts.itTakesTwoThatAreJudged}</Soft>
        ) : !untilSure ? (
          <Soft>{texts.weighingWhatMoreSpecimensWouldTell}</Soft>
        ) : (
          <>
            <p>{formatUntilSure(untilSure, nameOf)}</p>
            {untilSure.steps[0]?.wins !== 1 && <UntilSureFigures steps={untilSure.steps} />}
            <Small>{texts.ifEachNewOneIsRecorded}</Small>
          </>
        )}
      </Stack>
    </Card>
  )
}

const percent = (chance: number): string =>
  chance === 0 ? texts.noChance : chance === 1 ? texts.soItIs : formatChance(chance)

function UntilSureFigures({ steps }: { steps: readonly MoreSpecimens[] }) {
  const option = useCallback((colours: ChartColours) => chartOption(steps, colours), [steps])
  return (
    <>
      <Chart label={texts.chanceThatSomebodyLeadsAndWins} height={220} option={option} />
      <Table aria-label={texts.chanceByHowManyMoreSpecimens}>
        <thead>
          <tr>
            <th scope="col">{texts.moreOfEach}</th>
            {steps.map(({ more }) => (
              <th key={more} scope="col">
                {more === 0 ? texts.now : more}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {(
            [
              [texts.somebodyLeadsOrWins, 'leads'],
              [texts.somebodyWins, 'wins'],
            ] as const
          ).map(([label, word]) => (
            <tr key={word}>
              <th scope="row">{label}</th>
              {steps.map((step) => (
                <td key={step.more}>{percent(step[word])}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  )
}

function chartOption(steps: readonly MoreSpecimens[], colours: ChartColours) {
  const line = (name: string, word: 'leads' | 'wins', dashed: boolean) => ({
    name,
    type: 'line',
    symbol: dashed ? 'rect' : 'circle',
    symbolSize: 8,
    itemStyle: { color: colours.green },
    lineStyle: { color: colours.green, type: dashed ? 'dashed' : 'solid', width: 2 },
    data: steps.map((step) => [step.more, 100 * step[word]]),
  })
  const axis = { axisLabel: { color: colours.soft }, splitLine: { lineStyle: { color: colours.line } } }
  return {
    grid: { left: 56, right: 20, top: 36, bottom: 44 },
    legend: { top: 0, textStyle: { color: colours.ink } },
    tooltip: { trigger: 'axis', valueFormatter: (value: number) => `${Math.round(value)} %` },
    xAxis: {
      ...axis,
      type: 'value',
      name: texts.moreSpecimensOfEach,
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: colours.soft },
      minInterval: 1,
    },
    yAxis: { ...axis, type: 'value', min: 0, max: 100, axisLabel: { color: colours.soft, formatter: '{value} %' } },
    series: [line(texts.somebodyLeadsOrWins, 'leads', false), line(texts.somebodyWins, 'wins', true)],
  }
}

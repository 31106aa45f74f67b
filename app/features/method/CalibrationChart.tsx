import { useCallback } from 'react'
import * as texts from '#app/texts/method.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'

/** Products whose chance of being first fell into one tenth. */
export interface Tenth {
  count: number
  hits: number
  chances: number
}

/** What a tenth said, and how often it came true with its 95 % interval, in percent. */
export const calibrationPoint = ({ count, hits, chances }: Tenth) => {
  const share = hits / count
  const half = 1.96 * Math.sqrt((share * (1 - share)) / count)
  const percent = (one: number) => 100 * Math.min(1, Math.max(0, one))
  return {
    said: (100 * chances) / count,
    came: percent(share),
    low: percent(share - half),
    high: percent(share + half),
  }
}

/** Chances that were said against how often they came true: on the diagonal both are the same. */
export function CalibrationChart({ calibration }: { calibration: readonly Tenth[] }) {
  const option = useCallback(
    (colours: ChartColours) => chartOption(calibration.filter(({ count }) => count > 0).map(calibrationPoint), colours),
    [calibration],
  )
  return <Chart label={texts.chancesOfBeingFirstAsThey} height={380} option={option} />
}

function chartOption(points: ReturnType<typeof calibrationPoint>[], colours: ChartColours) {
  const axis = (name: string) => ({
    type: 'value',
    min: 0,
    max: 100,
    name,
    nameLocation: 'middle',
    nameGap: 34,
    axisLabel: { color: colours.soft, formatter: '{value} %' },
    nameTextStyle: { color: colours.ink },
    splitLine: { lineStyle: { color: colours.line } },
  })
  return {
    grid: { left: 70, right: 30, top: 20, bottom: 56 },
    xAxis: axis(texts.chanceOfBeingFirstAsSaid),
    yAxis: axis(texts.howOftenItWas),
    tooltip: {
      trigger: 'item',
      formatter: ({ data }: { data: number[] }) =>
        data.length > 1 ? `said ${data[0]?.toFixed(0)} %, came true ${data[1]?.toFixed(0)} %` : '',
    },
    series: [
      {
        type: 'line',
        silent: true,
        symbol: 'none',
        lineStyle: { color: colours.soft, type: 'dashed', width: 1.5 },
        data: [
          [0, 0],
          [100, 100],
        ],
      },
      ...points.map(({ said, low, high }) => ({
        type: 'line',
        silent: true,
        symbol: 'none',
        lineStyle: { color: colours.green, width: 2, opacity: 0.55 },
        data: [
          [said, low],
          [said, high],
        ],
      })),
      {
        type: 'scatter',
        symbolSize: 11,
        itemStyle: { color: colours.green },
        data: points.map(({ said, came }) => [said, came]),
      },
    ],
  }
}

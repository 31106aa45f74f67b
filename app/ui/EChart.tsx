import { BarChart, CustomChart, GraphChart, HeatmapChart, LineChart, ScatterChart } from 'echarts/charts'
import {
  GridComponent,
  LegendComponent,
  TitleComponent,
  TooltipComponent,
  VisualMapComponent,
} from 'echarts/components'
import { init, use as register, type EChartsCoreOption } from 'echarts/core'
import { LabelLayout } from 'echarts/features'
import { CanvasRenderer, SVGRenderer } from 'echarts/renderers'
import { useEffect, useRef } from 'react'
import { usePreferences } from './usePreferences.ts'
import { whenIdle } from './when-idle.ts'

register([
  BarChart,
  CustomChart,
  GraphChart,
  HeatmapChart,
  LineChart,
  ScatterChart,
  GridComponent,
  LegendComponent,
  TitleComponent,
  TooltipComponent,
  VisualMapComponent,
  LabelLayout,
  CanvasRenderer,
  SVGRenderer,
])

/** Colours of the page as they are now, for the chart to draw in. */
export interface ChartColours {
  ink: string
  soft: string
  line: string
  card: string
  green: string
  amber: string
  red: string
  series: string[]
}

export interface ChartProps {
  /** What the chart shows, for those who cannot see it. */
  label: string
  height: number
  option: (colours: ChartColours) => EChartsCoreOption
  /** Called with the data item that was clicked. */
  onPick?: (data: unknown) => void
  /** Drawn as points, for what is moved and has hundreds of marks. */
  canvas?: boolean
}

const seriesLight = [
  '#12372c',
  '#d58a12',
  '#3b6ea5',
  '#a32b1c',
  '#6b7f3a',
  '#7a4f8c',
  '#5c6b73',
  '#b0603a',
  '#2f8f83',
  '#8c6d1f',
]
const seriesDark = [
  '#9fd3bb',
  '#e3a238',
  '#8db8e8',
  '#f0937f',
  '#b9cc80',
  '#c9a3d9',
  '#a9b8bf',
  '#e0a27f',
  '#7fd0c6',
  '#d6bd6f',
]

/** An Apache ECharts chart in the page's own colours and type. */
export function EChart({ label, height, option, onPick, canvas = false }: ChartProps) {
  const box = useRef<HTMLDivElement>(null)
  const isDrawn = useRef(false)
  const { theme } = usePreferences()
  useEffect(() => {
    let erase: (() => void) | undefined
    const draw = () => {
      if (box.current) erase = drawChart(box.current, { option, onPick, canvas })
      isDrawn.current = true
    }
    let giveUp: (() => void) | undefined
    // The first time nobody waits for it but the eye; what stands there is drawn anew at once.
    if (isDrawn.current) draw()
    else giveUp = whenIdle(draw)
    return () => {
      giveUp?.()
      erase?.()
    }
  }, [option, theme, onPick, canvas])
  return <div ref={box} role="img" aria-label={label} style={{ height, width: '100%' }} />
}

/** Draws a chart as wide and high as its box, and follows it; returns what takes it away. */
function drawChart(
  box: HTMLDivElement,
  { option, onPick, canvas = false }: Pick<ChartProps, 'option' | 'onPick' | 'canvas'>,
): () => void {
  const chart = init(box, null, { renderer: canvas ? 'canvas' : 'svg' })
  const colours = coloursOfPage()
  chart.setOption({
    animation: false,
    color: colours.series,
    textStyle: { fontFamily: 'Public Sans, sans-serif', color: colours.ink },
    tooltip: { backgroundColor: colours.card, borderColor: colours.line, textStyle: { color: colours.ink } },
    ...option(colours),
  })
  if (onPick) chart.on('click', ({ data }) => onPick(data))
  const watch = new ResizeObserver(() => chart.resize())
  watch.observe(box)
  return () => {
    watch.disconnect()
    chart.dispose()
  }
}

function coloursOfPage(): ChartColours {
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string) => style.getPropertyValue(name).trim()
  const dark = style.getPropertyValue('color-scheme').includes('dark')
  return {
    ink: colour('--ink'),
    soft: colour('--ink-soft'),
    line: colour('--line'),
    card: colour('--card'),
    green: colour('--green'),
    amber: colour('--amber'),
    red: colour('--red'),
    series: dark ? seriesDark : seriesLight,
  }
}

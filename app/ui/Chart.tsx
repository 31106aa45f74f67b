import { lazy, Suspense } from 'react'
import { Small } from './layout.tsx'
import { useInBrowser } from './useInBrowser.ts'
import type { ChartProps } from './EChart.tsx'

const EChart = lazy(() => import('./EChart.tsx').then(({ EChart: Drawn }) => ({ default: Drawn })))

/** A chart, loaded only where one is shown; whoever shows it gives a table of the same beside it. */
export function Chart(props: ChartProps) {
  const alive = useInBrowser(() => true, false)
  const waiting = (
    <div style={{ height: props.height }}>
      <Small>Drawing…</Small>
    </div>
  )
  if (!alive) return waiting
  return (
    <Suspense fallback={waiting}>
      <EChart {...props} />
    </Suspense>
  )
}

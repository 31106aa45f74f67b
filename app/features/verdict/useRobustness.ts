import { useEffect, useRef, useState } from 'react'
import type { Acceptability } from '#core/score/acceptability.ts'
import type { RobustnessRequest } from '#app/workers/robustness.worker.ts'

export type Robustness =
  | { state: 'running'; progress: number }
  | { state: 'done'; result: Acceptability }
  | { state: 'stopped' }
  | { state: 'failed' }

/** Runs the analysis in a worker whenever the request changes; an old one is ended. */
export function useRobustness(request: RobustnessRequest | undefined): { run: Robustness; cancel: () => void } {
  const [run, setRun] = useState<Robustness & { of?: RobustnessRequest | undefined }>({ state: 'running', progress: 0 })
  const worker = useRef<Worker>(undefined)
  useEffect(() => {
    if (!request) return
    const own = new Worker(new URL('../../workers/robustness.worker.ts', import.meta.url), { type: 'module' })
    own.onmessage = ({ data }: MessageEvent<{ progress: number } | { result: Acceptability }>) =>
      setRun(
        'result' in data
          ? { state: 'done', result: data.result, of: request }
          : { state: 'running', progress: data.progress, of: request },
      )
    own.onerror = () => setRun({ state: 'failed', of: request })
    own.postMessage(request)
    worker.current = own
    return () => own.terminate()
  }, [request])
  const cancel = () => {
    worker.current?.terminate()
    setRun({ state: 'stopped', of: request })
  }
  return { run: run.of === request ? run : { state: 'running', progress: 0 }, cancel }
}

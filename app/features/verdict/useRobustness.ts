import { useEffect, useState } from 'react'
import type { SmaaProblem, SmaaResult } from '#core/score/smaa.ts'

export type Robustness = { state: 'running'; progress: number } | { state: 'done'; result: SmaaResult } | { state: 'stopped' } | { state: 'failed' }

/** Runs the analysis in a worker whenever the problem changes; an old one is ended. */
export function useRobustness(problem: SmaaProblem | undefined): { run: Robustness; cancel: () => void } {
  const [run, setRun] = useState<Robustness & { of?: SmaaProblem | undefined }>({ state: 'running', progress: 0 })
  const [worker, setWorker] = useState<Worker>()
  useEffect(() => {
    if (!problem) return
    const own = new Worker(new URL('../../workers/robustness.worker.ts', import.meta.url), { type: 'module' })
    own.onmessage = ({ data }: MessageEvent<{ progress: number } | { result: SmaaResult }>) => setRun('result' in data ? { state: 'done', result: data.result, of: problem } : { state: 'running', progress: data.progress, of: problem })
    own.onerror = () => setRun({ state: 'failed', of: problem })
    own.postMessage(problem)
    setWorker(own)
    return () => own.terminate()
  }, [problem])
  const cancel = () => {
    worker?.terminate()
    setRun({ state: 'stopped', of: problem })
  }
  return { run: run.of === problem ? run : { state: 'running', progress: 0 }, cancel }
}

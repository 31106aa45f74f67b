import { startTransition, useEffect, useMemo, useState } from 'react'
import type { Call } from '#core/verdict/call.ts'
import { firstAnswerSettings, judgePair } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import type { PairAnswer, PairRequest } from '#app/workers/judgement.worker.ts'
import type { EvaluationView } from './useEvaluation.ts'
import { keptWith } from './kept-with.ts'
import { judgementWorker } from './useJudgements.ts'

const calledOnce = keptWith<readonly EvaluatedRevision[], Call | undefined>()

/** Of the requests of a page, so that each hears its own answer. */
let requests = 0

/** What may be said of two of the line-up: a first answer at once, which the worker refines. */
export function usePairCall(
  { all, school, driver, ground }: EvaluationView,
  a: EvaluatedRevision,
  b: EvaluatedRevision,
): Call | undefined {
  const { application, evaluationText } = useLineup()
  const request = useMemo(
    (): PairRequest => ({
      form: application.form,
      evaluation: evaluationText,
      school: school.id,
      driver: driver?.id ?? null,
      ground,
      id: ++requests,
      pair: [a.id, b.id],
    }),
    [application.form, evaluationText, school.id, driver?.id, ground, a.id, b.id],
  )
  const first = useMemo(
    () => calledOnce(all, `${a.id} ${b.id}`, () => judgePair(all, a, b, firstAnswerSettings)),
    [all, a, b],
  )
  const [refined, setRefined] = useState<{ of: PairRequest; call: Call | undefined }>()
  useEffect(() => {
    const worker = judgementWorker()
    const hear = ({ data }: MessageEvent<PairAnswer | { request: string }>) => {
      if ('id' in data && data.id === request.id) startTransition(() => setRefined({ of: request, call: data.call }))
    }
    worker.addEventListener('message', hear)
    worker.postMessage(request)
    return () => worker.removeEventListener('message', hear)
  }, [request])
  return refined?.of === request ? refined.call : first
}

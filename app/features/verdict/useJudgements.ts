import { startTransition, useEffect, useState } from 'react'
import type { AvailableCall } from '#core/verdict/available-call.ts'
import type { CheapestReview } from '#core/verdict/cheapest-review.ts'
import type { Flip } from '#core/verdict/flips.ts'
import type { NextAnswer } from '#core/verdict/next-answers.ts'
import type { NextReading } from '#core/verdict/next-reading.ts'
import type { UntilSure } from '#core/verdict/specimens-until-sure.ts'
import type { DrawnSchool, GroundCall, JudgementAnswer, JudgementRequest } from '#app/workers/judgement.worker.ts'

/** What the worker has said of a request so far. */
export interface Judgements {
  /** By school. */
  drawn: ReadonlyMap<string, DrawnSchool>
  next: NextReading[] | undefined
  /** What is worth most to be known of each product. */
  answers: ReadonlyMap<string, NextAnswer[]> | undefined
  flips: Flip[] | undefined
  untilSure: UntilSure | undefined
  cheapest: CheapestReview | undefined
  /** What is said on the other ground. */
  beside: GroundCall | undefined
  /** What is said of those that can be had, where the one that is first cannot. */
  available: AvailableCall | undefined
  failed: boolean
}

const none: Judgements = {
  drawn: new Map(),
  next: undefined,
  answers: undefined,
  flips: undefined,
  untilSure: undefined,
  cheapest: undefined,
  beside: undefined,
  available: undefined,
  failed: false,
}

let started: Worker | undefined

/** One worker serves all views: it keeps the line-up that it has read. */
export const judgementWorker = (): Worker =>
  (started ??= new Worker(new URL('../../workers/judgement.worker.ts', import.meta.url), { type: 'module' }))

/** Has the line-up judged in a worker, by the school in force first; what belongs to an older request is dropped. */
export function useJudgements({ form, evaluation, school, driver, ground, more }: JudgementRequest): Judgements {
  const [said, setSaid] = useState<Judgements & { evaluation?: string; key?: string }>(none)
  const key = `${school} ${driver} ${ground}`
  useEffect(() => {
    const worker = judgementWorker()
    const own = { evaluation, key }
    // Drawn behind what is pressed meanwhile: the worker has more to say than anybody waits for.
    const add = (change: (before: Judgements) => Partial<Judgements>) =>
      startTransition(() =>
        setSaid((before) => {
          const known = before.evaluation === evaluation && before.key === key ? before : none
          return { ...known, ...change(known), ...own }
        }),
      )
    const hear = ({ data }: MessageEvent<JudgementAnswer & { request: string }>) => {
      if (data.request !== key) return
      if ('flips' in data) add(() => ({ flips: data.flips }))
      else if ('untilSure' in data) add(() => ({ untilSure: data.untilSure }))
      else if ('cheapest' in data) add(() => ({ cheapest: data.cheapest }))
      else if ('available' in data) add(() => ({ available: data.available }))
      else if ('beside' in data) add(() => ({ beside: data.beside }))
      else if ('next' in data) add(() => ({ next: data.next, answers: data.answers }))
      else add(({ drawn }) => ({ drawn: new Map(drawn).set(data.school, data) }))
    }
    const fail = () => add(() => ({ failed: true }))
    worker.addEventListener('message', hear)
    worker.addEventListener('error', fail)
    worker.postMessage({ form, evaluation, school, driver, ground, more } satisfies JudgementRequest)
    return () => {
      worker.removeEventListener('message', hear)
      worker.removeEventListener('error', fail)
    }
  }, [key, form, evaluation, school, driver, ground, more])
  return said.evaluation === evaluation && said.key === key ? said : none
}

import { setImmediate } from 'node:timers/promises'
import { throwIfGivenUp } from '#app/storage/request-scope.ts'

/** Shares of long work that are done, by what the work is called. */
const done = new Map<string, number>()

let tell = (name: string, share: number): void => void done.set(name, share)

/** Has all progress told elsewhere: from a thread to the one that is asked. */
export function tellProgressBy(there: (name: string, share: number) => void): void {
  tell = there
}

/** Says that a share of long work is done, 0 to 1. */
export const tellProgress = (name: string, share: number): void => tell(name, share)

/** The share of long work that is done; 0 before it began. */
export const progressOf = (name: string): number => done.get(name) ?? 0

/** So long one piece of work goes on before others have their turn, ms. */
const turn = 40

/** Takes long work step by step, between which other work has its turn and which ends when nobody waits any more. */
export async function whileOthersWork<Answer>(
  steps: Generator<number, Answer>,
  onProgress: (done: number) => void,
): Promise<Answer> {
  let since = performance.now()
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    if (performance.now() - since < turn) continue
    onProgress(step.value)
    await setImmediate()
    throwIfGivenUp()
    since = performance.now()
  }
}

/** So long a page waits for what takes long before it shows how far that is, ms. */
const moment = 700

/** What is answered within a moment; else undefined, while the work goes on. */
export function withinMoment<Answer>(answer: Promise<Answer>): Promise<Answer | undefined> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => resolve(undefined), moment)
    answer.then(resolve, reject).finally(() => clearTimeout(timer))
  })
}

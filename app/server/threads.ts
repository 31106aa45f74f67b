import { join } from 'node:path'
import { parentPort, Worker } from 'node:worker_threads'
import { closeDatabase, whenDatabaseCloses } from '#app/data/database.server.ts'
import { tellProgress, tellProgressBy } from '#app/data/progress.server.ts'
import { answerElsewhere, answerHere, threadNames, type ThreadName } from '#app/data/threads.server.ts'
import { giveUpSignal, throwIfGivenUp, whileWanted } from '#app/storage/request-scope.ts'
import { StorageError, storageProblemOf, type StorageProblemKind } from '#app/storage/storage-problem.ts'
import { Turns } from '#app/turns.ts'
import { giveWay } from './give-way.ts'

/** What a thread is told: a work, that nobody waits for one any more, or to close the database. */
type Told =
  | { id: number; does: 'answer'; name: string; args: unknown[] }
  | { id: number; does: 'give-up'; question: number }
  | { id: number; does: 'close' }

type Said =
  | { id: number; answer: unknown }
  | { about: string; share: number }
  | { id: number; fault: string; kind: StorageProblemKind | undefined }

interface Waiting {
  resolve(answer: unknown): void
  reject(error: Error): void
}

/** So long after its end a thread is started again, in milliseconds. */
const pause = 1000

/** A file that was sent may take so much memory and no more. */
const memoryOf: Record<ThreadName, number | undefined> = { lineups: undefined, files: 384 }

/** What is new in a thread may take so many megabytes, half of what it may in the one that serves pages. */
const young = 24

/** A file is not read by the thread that serves pages, even while its own is started again. */
const away = { ask: () => Promise.reject(new Error('The thread of the files is started again')) }

const script = join(import.meta.dirname, '../../bin/thread.mjs')

/** Starts the threads beside the one that serves pages; questions are answered here while theirs is away. */
export function startThreads(): { stop(): Promise<void> } {
  const threads = threadNames.map(startThread)
  return {
    async stop() {
      await Promise.all(threads.map((thread) => thread.stop()))
    },
  }
}

function startThread(name: ThreadName): { stop(): Promise<void> } {
  const waiting = new Map<number, Waiting>()
  let count = 0
  let isStopped = false
  let thread = start()

  function start(): Worker {
    const megabytes = memoryOf[name]
    const started = new Worker(script, {
      resourceLimits: { maxYoungGenerationSizeMb: young, ...(megabytes && { maxOldGenerationSizeMb: megabytes }) },
    })
    started.on('message', (said: Said) => {
      if ('about' in said) return tellProgress(said.about, said.share)
      const { resolve, reject } = waiting.get(said.id) ?? {}
      waiting.delete(said.id)
      if ('answer' in said) resolve?.(said.answer)
      else reject?.(said.kind ? new StorageError(said.kind) : new Error(said.fault))
    })
    started.on('error', (error) => console.error(`The thread of the ${name} ended:`, error))
    started.on('exit', () => {
      answerElsewhere(name, name === 'files' ? away : undefined)
      for (const { reject } of waiting.values()) reject(new Error(`The thread of the ${name} ended`))
      waiting.clear()
      if (!isStopped) setTimeout(() => (thread = start()), pause).unref()
    })
    answerElsewhere(name, { ask: (work, args) => ask(started, { does: 'answer', name: work, args }) })
    return started
  }

  function ask(to: Worker, what: Omit<Extract<Told, { does: 'answer' }>, 'id'> | { does: 'close' }): Promise<unknown> {
    const id = ++count
    const signal = giveUpSignal()
    const giveUp = () => to.postMessage({ id: ++count, does: 'give-up', question: id } satisfies Told)
    signal?.addEventListener('abort', giveUp, { once: true })
    return new Promise<unknown>((resolve, reject) => {
      waiting.set(id, { resolve, reject })
      to.postMessage({ id, ...what })
    }).finally(() => signal?.removeEventListener('abort', giveUp))
  }

  whenDatabaseCloses(async () => {
    if (!isStopped) await ask(thread, { does: 'close' }).catch(() => undefined)
  })
  return {
    async stop() {
      await ask(thread, { does: 'close' }).catch(() => undefined)
      isStopped = true
      answerElsewhere(name, undefined)
      await thread.terminate()
    },
  }
}

/** Answers, unless nobody waits for it any more when its turn comes. */
const wanted = (signal: AbortSignal, { name, args }: Extract<Told, { does: 'answer' }>): Promise<unknown> =>
  whileWanted(signal, async () => {
    throwIfGivenUp()
    return answerHere(name, args)
  })

/** A thread's own work: does what it is asked until it is ended, what is quick first. */
export function answerInThread(): void {
  giveWay()
  const running = new Map<number, AbortController>()
  const turns = new Turns()
  const say = (said: Said) => parentPort?.postMessage(said)
  tellProgressBy((about, share) => say({ about, share }))
  parentPort?.on('message', (told: Told) => {
    if (told.does === 'give-up') return running.get(told.question)?.abort()
    const work = new AbortController()
    running.set(told.id, work)
    const doing = told.does === 'close' ? closeDatabase() : turns.inTurn(told.name, () => wanted(work.signal, told))
    void doing
      .then(
        (answer) => say({ id: told.id, answer }),
        (error: unknown) => say({ id: told.id, fault: String(error), kind: storageProblemOf(error)?.kind }),
      )
      .finally(() => running.delete(told.id))
  })
}

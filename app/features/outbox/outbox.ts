import { useSyncExternalStore } from 'react'
import { now } from '#app/data/clock.ts'
import * as texts from '#app/texts/outbox.ts'
import { newAct, type Act, type RequestFields } from './act.ts'
import { forgetAct, keepAct, leaveActs, listActs, stayWithActs, subscribe } from './act-store.ts'
import { sendAct } from './send-act.ts'

/** An act that the server has taken. */
interface TakenAct {
  act: Act
  /** When it was taken, by the clock of the server; UTC, ISO 8601. */
  at: string
}

/** What this browser has done and the server has not confirmed, and what became of the rest. */
export interface Outbox {
  /** Oldest first. */
  acts: readonly Act[]
  taken: readonly TakenAct[]
  /** Why acts wait; empty while none has to. */
  trouble: string
  /** Keys of acts that this browser could not keep. */
  unkept: ReadonlySet<string>
}

const empty: Outbox = { acts: [], taken: [], trouble: '', unkept: new Set() }
let outbox = empty
const listeners = new Set<() => void>()

let changes = 0

function change(next: Partial<Outbox>): void {
  outbox = { ...outbox, ...next }
  changes++
  for (const listener of listeners) listener()
}

/** Keys of acts that the user took back, which nobody has taken therefore. */
const withdrawn = new Set<string>()

/** Reads what is kept; what has gone meanwhile was taken, by this tab or by another. */
async function refresh(): Promise<void> {
  const before = changes
  const kept = await listActs()
  // What has changed while the disk was read is not undone by what was read.
  if (changes !== before) return refresh()
  const keys = new Set(kept.map(({ key }) => key))
  const gone = outbox.acts.filter(({ key }) => !keys.has(key) && !outbox.unkept.has(key) && !beingKept.has(key))
  const unkept = outbox.acts.filter(({ key }) => !keys.has(key) && !gone.some((act) => act.key === key))
  // Another tab has had the answer: now is late enough.
  const at = now()
  change({
    acts: [...kept, ...unkept].sort((a, b) => a.order - b.order),
    taken: [...outbox.taken, ...gone.filter(({ key }) => !withdrawn.has(key)).map((act) => ({ act, at }))],
  })
}

/** Keys of acts that are on their way to the disk. */
const beingKept = new Set<string>()

/** Does something at the bench: it is shown at once, kept in this browser, and only then sent. */
export async function doAct(specimen: string, fields: RequestFields, picture?: File): Promise<void> {
  const act = newAct(specimen, fields, picture)
  if (outbox.acts.some(({ key }) => key === act.key)) return
  withdrawn.delete(act.key)
  beingKept.add(act.key)
  change({ acts: [...outbox.acts, act] })
  try {
    await keepAct(act)
  } catch {
    change({ unkept: new Set([...outbox.unkept, act.key]) })
  }
  beingKept.delete(act.key)
  await sendWaiting()
}

let running: Promise<void> = Promise.resolve()

/** Sends what waits, oldest first, one at a time over all tabs of this browser. */
export function sendWaiting(): Promise<void> {
  running = running.then(sendUnderLock).catch(() => waitLonger(texts.thisBrowserCannotGetAtWhat))
  return running
}

/** No other tab sends meanwhile; in a browser without locks, what is sent twice is taken once. */
const sendUnderLock = (): Promise<void> =>
  navigator.locks ? navigator.locks.request('plicator-outbox', sendInOrder) : sendInOrder()

const firstDelay = 1000
const longestDelay = 30_000
let delay = firstDelay
let timer: ReturnType<typeof setTimeout> | undefined

/** The act that is being sent. */
let underWay: { key: string; giveUp: AbortController } | undefined

async function sendInOrder(): Promise<void> {
  clearTimeout(timer)
  for (;;) {
    await refresh().catch(() => undefined)
    const next = outbox.acts.find(({ key, refusal }) => refusal === undefined && !beingKept.has(key))
    if (!next) {
      delay = firstDelay
      return change({ trouble: '' })
    }
    underWay = { key: next.key, giveUp: new AbortController() }
    const answer = await sendAct(next, underWay.giveUp)
    if (withdrawn.has(next.key)) continue
    if (answer.kind === 'none') return waitLonger(answer.because)
    if (answer.kind === 'taken') await taken(next, answer.at)
    else await replace({ ...next, refusal: answer.because })
  }
}

/** Says why acts wait, and tries again after a pause that is longer each time. */
function waitLonger(trouble: string): void {
  change({ trouble })
  clearTimeout(timer)
  timer = setTimeout(() => void sendWaiting(), delay)
  delay = Math.min(delay * 2, longestDelay)
}

async function taken(act: Act, at: string): Promise<void> {
  change({
    acts: outbox.acts.filter(({ key }) => key !== act.key),
    taken: [...outbox.taken, { act, at }],
  })
  await forget(act)
}

async function forget(act: Act): Promise<void> {
  if (!outbox.unkept.has(act.key)) return forgetAct(act.key)
  change({
    acts: outbox.acts.filter(({ key }) => key !== act.key),
    unkept: new Set([...outbox.unkept].filter((key) => key !== act.key)),
  })
}

async function replace(act: Act): Promise<void> {
  if (!outbox.unkept.has(act.key)) return keepAct(act)
  change({ acts: outbox.acts.map((one) => (one.key === act.key ? act : one)) })
}

/** Sends an act with other fields, or once more as it is. */
export async function sendAgain({ refusal: _, ...act }: Act, fields: RequestFields = act.fields): Promise<void> {
  await replace({ ...act, fields })
  await sendWaiting()
}

/** Takes an act back that the server has not taken; what is being sent is given up. */
export async function withdraw(act: Act): Promise<void> {
  withdrawn.add(act.key)
  if (underWay?.key === act.key) underWay.giveUp.abort()
  await forget(act)
  await refresh().catch(() => undefined)
}

/** What the next page was left. */
let left: readonly Act[] = []

/** What the disk does not have yet would be lost with the page; a picture cannot be left for the next one. */
function leavePage(): void {
  left = outbox.acts.filter(({ key, picture }) => beingKept.has(key) && !picture)
  if (left.length > 0) leaveActs(left)
}

/** The page was not left after all, and goes on with what it has. */
function comeBack({ persisted }: PageTransitionEvent): void {
  if (persisted) stayWithActs(left)
}

/** Asks before the page is left with what could not be kept, or with a picture that is not on the disk yet. */
function askBeforeLoss(event: BeforeUnloadEvent): void {
  const isAtRisk = ({ key, picture }: Act) => outbox.unkept.has(key) || (picture && beingKept.has(key))
  if (outbox.acts.some(isAtRisk)) event.preventDefault()
}

if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', leavePage)
  window.addEventListener('pageshow', comeBack)
  window.addEventListener('beforeunload', askBeforeLoss)
  subscribe(() => void refresh())
  window.addEventListener('online', () => void sendWaiting())
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && void sendWaiting())
  void sendWaiting()
}

const watch = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The outbox as it stands. */
export const useOutbox = (): Outbox =>
  useSyncExternalStore(
    watch,
    () => outbox,
    () => empty,
  )

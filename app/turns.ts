import { LRUCache } from 'lru-cache'

/** A work that is to be done. */
interface Waiting {
  /** How long works of its kind take, ms. */
  expected: number
  /** When it came, ms. */
  since: number
  work: () => void
}

/** How much one work tells of the next of its kind. */
const weight = 0.2

/** So many kinds are known by how long they take. */
const mostKinds = 500

/**
 * Does works one a turn of the loop, so that those who ask meanwhile are heard in between; what is done sooner comes
 * first, and every millisecond of waiting counts as one less of work, so that nothing waits for ever.
 */
export class Turns {
  private readonly usual = new LRUCache<string, number>({ max: mostKinds })
  private readonly waiting: Waiting[] = []
  private isNextDue = false
  private readonly clock: () => number

  constructor(clock: () => number = () => performance.now()) {
    this.clock = clock
  }

  /** @param work what is done before it gives the thread back counts; what it waits for does not */
  inTurn<Done>(kind: string, work: () => Promise<Done>): Promise<Done> {
    return new Promise((resolve, reject) => {
      const timed = async () => {
        const started = this.clock()
        // What is done at once is done when the next turn begins.
        setImmediate(() => this.learn(kind, this.clock() - started))
        return work()
      }
      const does = () => void timed().then(resolve, reject)
      this.waiting.push({ expected: this.usual.get(kind) ?? 0, since: this.clock(), work: does })
      this.expectNext()
    })
  }

  private expectNext(): void {
    if (this.isNextDue || this.waiting.length === 0) return
    this.isNextDue = true
    setImmediate(() => this.doNext())
  }

  private doNext(): void {
    this.isNextDue = false
    const now = this.clock()
    const cost = ({ expected, since }: Waiting) => expected - (now - since)
    const next = this.waiting.reduce((best, one) => (cost(one) < cost(best) ? one : best))
    this.waiting.splice(this.waiting.indexOf(next), 1)
    next.work()
    this.expectNext()
  }

  private learn(kind: string, took: number): void {
    const before = this.usual.get(kind) ?? took
    this.usual.set(kind, before + weight * (took - before))
  }
}

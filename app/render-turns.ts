/** A page that is to be rendered. */
interface Waiting {
  /** How long pages of its kind take to render, ms. */
  expected: number
  /** When it came, ms. */
  since: number
  render: () => void
}

/** How much one rendering tells of the next of its kind. */
const weight = 0.2

/**
 * Renders pages one a turn of the loop, so that those who ask meanwhile are heard in between; what is rendered sooner
 * comes first, and every millisecond of waiting counts as one less to render, so that nothing waits for ever.
 */
export class RenderTurns {
  private readonly usual = new Map<string, number>()
  private readonly waiting: Waiting[] = []
  private readonly clock: () => number

  constructor(clock: () => number = () => performance.now()) {
    this.clock = clock
  }

  /** @param render what is rendered before it gives the thread back counts; what it waits for does not */
  inTurn<Page>(kind: string, render: () => Promise<Page>): Promise<Page> {
    return new Promise((resolve, reject) => {
      const timed = async () => {
        const started = this.clock()
        // What is rendered at once is done when the next turn begins.
        setImmediate(() => this.learn(kind, this.clock() - started))
        return render()
      }
      const renders = () => void timed().then(resolve, reject)
      this.waiting.push({ expected: this.usual.get(kind) ?? 0, since: this.clock(), render: renders })
      if (this.waiting.length === 1) setImmediate(() => this.renderNext())
    })
  }

  private renderNext(): void {
    const now = this.clock()
    const cost = ({ expected, since }: Waiting) => expected - (now - since)
    const next = this.waiting.reduce((best, one) => (cost(one) < cost(best) ? one : best))
    this.waiting.splice(this.waiting.indexOf(next), 1)
    next.render()
    if (this.waiting.length > 0) setImmediate(() => this.renderNext())
  }

  private learn(kind: string, took: number): void {
    const before = this.usual.get(kind) ?? took
    this.usual.set(kind, before + weight * (took - before))
  }
}

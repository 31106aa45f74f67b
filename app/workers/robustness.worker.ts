import { acceptabilitySteps, type DrawSettings } from '#core/score/acceptability.ts'
import { chancesProblem, type ScoredRevision } from '#core/score/chances-problem.ts'
import type { DrawProblem } from '#core/score/draw-problem.ts'

export interface RobustnessRequest {
  contenders: ScoredRevision[]
  weights: Pick<DrawProblem, 'draw' | 'spread' | 'seed'>
  settings: DrawSettings
}

/** Draws ranks off the page; says how far it is, then what came out. The page ends it to cancel. */
self.onmessage = ({ data: { contenders, weights, settings } }: MessageEvent<RobustnessRequest>) => {
  const steps = acceptabilitySteps(chancesProblem(contenders, weights), settings)
  let reported = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      self.postMessage({ result: step.value })
      return
    }
    if (step.value - reported < 0.05) continue
    reported = step.value
    self.postMessage({ progress: reported })
  }
}

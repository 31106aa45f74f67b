import { smaaProblem, type ScoredRevision } from '#core/score/score-distribution.ts'
import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import { smaaSteps, type SmaaProblem } from '#core/score/smaa.ts'

export interface RobustnessRequest {
  contenders: ScoredRevision[]
  settings: Pick<SmaaProblem, 'draw' | 'spread' | 'draws' | 'seed'>
}

/** Draws ranks off the page; says how far it is, then what came out. The page ends it to cancel. */
self.onmessage = ({ data: { contenders, settings } }: MessageEvent<RobustnessRequest>) => {
  const steps = smaaSteps(smaaProblem(contenders, fatalFaultCap, settings))
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

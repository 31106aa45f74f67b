import { toProblem, type Contender } from '#core/score/chances.ts'
import { vetoCap } from '#core/score/score.ts'
import { smaaSteps, type SmaaProblem } from '#core/score/smaa.ts'

export interface RobustnessRequest {
  contenders: Contender[]
  settings: Pick<SmaaProblem, 'draw' | 'spread' | 'draws' | 'seed'>
}

/** Draws ranks off the page; says how far it is, then what came out. The page ends it to cancel. */
self.onmessage = ({ data: { contenders, settings } }: MessageEvent<RobustnessRequest>) => {
  const steps = smaaSteps(toProblem(contenders, vetoCap, settings))
  let said = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      self.postMessage({ result: step.value })
      return
    }
    if (step.value - said < 0.05) continue
    said = step.value
    self.postMessage({ progress: said })
  }
}

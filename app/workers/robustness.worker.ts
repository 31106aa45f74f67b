import { smaaSteps, type SmaaProblem } from '#core/score/smaa.ts'

/** Draws ranks off the page; says how far it is, then what came out. The page ends it to cancel. */
self.onmessage = ({ data }: MessageEvent<SmaaProblem>) => {
  const steps = smaaSteps(data)
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

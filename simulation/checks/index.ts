import type { Calibration } from '../call-tally.ts'
import type { Extent, Finding } from '../check.ts'
import { checkAnswers } from './answers.ts'
import { checkFigures } from './figures.ts'
import { checkFlips } from './flips.ts'
import { checkKin } from './kin.ts'
import { checkMarks } from './marks.ts'
import { checkNextReading } from './next-reading.ts'
import { checkReviewers } from './reviewers.ts'
import { checkShapes } from './shapes.ts'
import { checkSpecimens } from './specimens.ts'
import { checkVerdicts } from './verdicts.ts'

export interface Checked {
  findings: Finding[]
  calibration?: Calibration
}

/** All checks in the order in which they are told, each with a seed of its own. */
export const checks = {
  figures: (seed: number, extent: Extent): Checked => ({ findings: checkFigures(seed + 1e8, extent) }),
  verdicts: checkVerdicts,
  shapes: (seed: number, extent: Extent): Checked => checkShapes(seed + 6e8, extent),
  marks: (seed: number, extent: Extent): Checked => ({ findings: checkMarks(seed + 2e8, extent) }),
  flips: (seed: number, extent: Extent): Checked => ({ findings: checkFlips(seed + 3e8, extent) }),
  // One market says nothing of how fast a curve rises: only the whole run looks at it.
  next: (seed: number, extent: Extent): Checked => ({
    findings: extent === 'whole' ? checkNextReading(seed + 5e8) : [],
  }),
  answers: (seed: number, extent: Extent): Checked => ({ findings: checkAnswers(seed + 8e8, extent) }),
  specimens: (seed: number, extent: Extent): Checked => ({ findings: checkSpecimens(seed + 7e8, extent) }),
  kin: (seed: number, extent: Extent): Checked => ({ findings: checkKin(seed + 9e8, extent) }),
  reviewers: (seed: number, extent: Extent): Checked => ({ findings: checkReviewers(seed + 4e8, extent) }),
}

export type CheckName = keyof typeof checks

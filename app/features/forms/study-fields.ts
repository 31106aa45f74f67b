import { z } from 'zod'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { gaugeStudy } from '#core/quantity/gauge-study.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { gaugeStudyPlan, studyLimits } from '#core/teardown/gauge-study-plan.ts'
import { instrumentKinds, instrumentsFor, type InstrumentKind } from '#core/teardown/instrument.ts'
import type { StoredStudyReading } from '#app/data/gauge-studies.server.ts'
import * as texts from '#app/texts/hand-studies.ts'
import { fieldIssue, id, jsonText, line, optionalLine, optionalWhole } from './zod-fields.ts'

/** A reading of a study, in the unit of the study where none is typed; SI. */
export function studyValue(typed: string, kind: InstrumentKind, unit: string, name = texts.theReading): Result<number> {
  const { dimension, units } = instrumentKinds[kind]
  const parsed = parseQuantity(typed, { dimension, unit, units, name })
  if (!parsed.ok) return parsed
  return parsed.value.si > 0 ? ok(parsed.value.si) : problem('zero', texts.mustBeMoreThanZero(name))
}

/** What a study is of, before its first reading, and the readings that it asks for. */
export const studySetupSchema = (kind: InstrumentKind) =>
  z
    .object({
      characteristic: z.string({ error: texts.chooseWhatIsMeasured }).min(1, texts.chooseWhatIsMeasured),
      people: optionalLine(texts.theNames, 240),
      parts: optionalWhole(texts.theNumberOfParts, 1, studyLimits.parts),
      repeats: optionalWhole(texts.theNumberOfTimes, 2, studyLimits.repeats),
      unit: z.string({ error: texts.chooseAUnit }),
      tolerance: optionalLine(texts.theTolerance, 40),
    })
    .transform(({ people, parts, repeats, ...rest }, context) => {
      const width = rest.tolerance === '' ? undefined : studyValue(rest.tolerance, kind, rest.unit, texts.theTolerance)
      if (width && !width.ok) fieldIssue(context, 'tolerance', width.problem.message)
      const plan = gaugeStudyPlan(people, parts ?? 1, repeats ?? 10)
      if (plan.ok) return { ...rest, plan: plan.value }
      fieldIssue(context, plan.problem.code.endsWith('name') ? 'people' : 'repeats', plan.problem.message)
      return z.NEVER
    })

const reading = z.object({
  person: z.string().min(1).max(40),
  part: z.string().min(1).max(4),
  typed: z.string().min(1).max(60),
})

/** A study under way as it is kept in the browser: what is still open has no text. */
export const studyDraftSchema = z.object({
  id,
  characteristic: z.string(),
  unit: z.string(),
  tolerance: z.string(),
  readings: z
    .array(reading.extend({ typed: z.string().max(60) }))
    .min(2)
    .max(studyLimits.readings),
})

export type StudyDraft = z.output<typeof studyDraftSchema>

const json = jsonText(40_000)

/** A study as it is sent: all of its readings as they were typed. */
export const studySchema = (kind: InstrumentKind) =>
  z
    .object({
      id,
      characteristic: line(texts.whatIsMeasured, 80),
      unit: z.enum(instrumentKinds[kind].units, texts.chooseAUnitOfThisInstrument),
      tolerance: optionalLine(texts.theTolerance, 40),
      readings: json.pipe(z.array(reading, texts.theReadingsCouldNotBeRead).max(studyLimits.readings)),
    })
    .transform(({ readings: typed, tolerance, unit, ...rest }, context) => {
      const of = findCharacteristic(rest.characteristic)
      if (!of || instrumentsFor(of, [{ kind }]).length === 0)
        fieldIssue(context, 'characteristic', texts.thisInstrumentDoesNotMeasureThat)
      const width = tolerance === '' ? ok(null) : studyValue(tolerance, kind, unit, texts.theTolerance)
      if (!width.ok) fieldIssue(context, 'tolerance', width.problem.message)
      const readings = typed.flatMap((one): StoredStudyReading[] => {
        const value = studyValue(one.typed, kind, unit)
        if (value.ok) return [{ ...one, typed: withUnit(one.typed, unit), value: value.value }]
        context.addIssue(texts.part(one.person, one.part, value.problem.message))
        return []
      })
      const study = gaugeStudy(readings)
      if (!study.ok) context.addIssue(study.problem.message)
      return { ...rest, tolerance: width.ok ? width.value : null, readings }
    })

/** What was typed, with the unit that stood beside the field where none was said. */
const withUnit = (typed: string, unit: string): string => (/[a-z"'′″]/i.test(typed) ? typed : `${typed} ${unit}`)

const gradesAgain = z.array(z.tuple([id, z.number().int().min(0).max(10)]), texts.theGradesCouldNotBeRead).max(60)

/** Grades that are being given again, as they are kept in the browser: by the id of the reading. */
export const gradeDraftSchema = z.object({ id, again: gradesAgain })

export type GradeDraft = z.output<typeof gradeDraftSchema>

/** Grades that were given again as they are sent. */
export const gradeStudySchema = z.object({ id, again: json.pipe(gradesAgain.min(1, texts.gradeOneFirst)) })

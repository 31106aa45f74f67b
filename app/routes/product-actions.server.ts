import { findApplication } from '#app/data/applications.server.ts'
import { keepFitment, removeFitment } from '#app/data/fitments.server.ts'
import { sayGood } from '#app/data/known-good.server.ts'
import { addRevision, listProducts, saveMaker, type Product } from '#app/data/products.server.ts'
import { addQuickReadings } from '#app/data/quick-readings.server.ts'
import { addReplacement, removeReplacement } from '#app/data/replacements.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { fitmentSchema, removedFitmentSchema } from '#app/features/forms/fitment-fields.ts'
import { knownGoodSchema } from '#app/features/forms/known-good-fields.ts'
import { makerSchema, revisionSchema } from '#app/features/forms/product-fields.ts'
import { quickLineSchema } from '#app/features/forms/quick-line-fields.ts'
import { replacementSchema } from '#app/features/forms/replacement-fields.ts'
import * as texts from '#app/texts/products.ts'
import { accepted, parseFields, refused } from './http.server.ts'
import { saveProduct } from './product-saving.server.ts'
import { additionRefusal } from './saving.server.ts'

type Typed = Record<string, unknown>

/** Does what the page of a product asks, or says what is wrong with it. */
export async function actOnProduct(product: Product, typed: Typed) {
  switch (typed.intent) {
    case 'quick':
      return takeLine(product, typed)
    case 'product':
      return (await saveProduct(product, typed)) ?? accepted()
    case 'maker':
      return keepMaker(product, typed)
    case 'fits':
      return sayFits(product, typed)
    case 'fits-no-more':
      return takeOut(product, typed)
    case 'replaces':
      return sayReplaces(product, typed)
    case 'replaces-no-more':
      return sayReplacesNoMore(product, typed)
    case 'good':
      return markGood(product, typed)
    default:
      return addNewRevision(product, typed)
  }
}

async function takeLine({ id, form, revisions }: Product, typed: Typed) {
  const parsed = parseFields(quickLineSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id: act, specimen: specimenId, readings } = parsed.value
  const specimen = (await listSpecimensOf(id)).find((one) => one.id === specimenId)
  if (specimenId !== '' && !specimen) return refused(texts.thisSpecimenIsNotHereAny)
  const revisionId = specimen?.revisionId ?? revisions.at(-1)?.id
  if (revisionId === undefined) return refused(texts.thisProductHasNoRevisionAny)
  const added = await addQuickReadings(act, { form, specimenId: specimen?.id, revisionId }, readings)
  if (!added.ok) return refused(added.problem.message)
  return additionRefusal(added.value, { message: texts.theseReadingsAreThereAlready }) ?? accepted()
}

async function keepMaker({ id }: Product, typed: Typed) {
  const maker = parseFields(makerSchema, typed)
  if (!maker.ok) return maker.refusal
  const isKept = await saveMaker(id, maker.value)
  return isKept ? accepted() : refused(texts.thisRevisionIsNotHereAny)
}

async function sayFits({ id: productId, form, applicationId: home }: Product, typed: Typed) {
  const parsed = parseFields(fitmentSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { engine: applicationId, source, remarks } = parsed.value
  if (applicationId === home) return refused(texts.itWasEnteredForThisEngine)
  const engine = await findApplication(applicationId)
  if (!engine) return refused(texts.thisEngineIsNotHereAny)
  if (engine.form !== form) return refused(texts.aSpinOnGoesOnNo)
  if (engine.demo !== (await findApplication(home))?.demo) return refused(texts.theDemoIsKeptApartFrom)
  await keepFitment({ productId, applicationId, source, remarks })
  return accepted()
}

async function takeOut({ id }: Product, typed: Typed) {
  const removed = parseFields(removedFitmentSchema, typed)
  if (!removed.ok) return removed.refusal
  const done = await removeFitment(id, removed.value.engine)
  return done === 'removed' ? accepted() : refused(texts.itWasEnteredForThisEngineItStays)
}

async function sayReplaces({ id: productId, applicationId }: Product, typed: Typed) {
  const parsed = parseFields(replacementSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const replacesId = parsed.value.replaces
  if (!(await listProducts(applicationId)).some(({ id }) => id === replacesId))
    return refused(texts.thisNumberIsNotHereFor)
  const added = await addReplacement({ productId, replacesId })
  return added.ok ? accepted() : refused(added.problem.message)
}

async function sayReplacesNoMore({ id: productId }: Product, typed: Typed) {
  const parsed = parseFields(replacementSchema, typed)
  if (!parsed.ok) return parsed.refusal
  await removeReplacement({ productId, replacesId: parsed.value.replaces })
  return accepted()
}

async function markGood({ id: productId }: Product, typed: Typed) {
  const parsed = parseFields(knownGoodSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { specimen, is } = parsed.value
  if (!(await listSpecimensOf(productId)).some(({ id }) => id === specimen))
    return refused(texts.thisSpecimenIsNotHereAnyMore)
  await sayGood(specimen, is === 'yes')
  return accepted()
}

async function addNewRevision({ id: productId }: Product, typed: Typed) {
  const parsed = parseFields(revisionSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const added = await addRevision({ ...parsed.value, productId })
  return additionRefusal(added, { field: 'label', message: texts.thisRevisionIsThereAlready }) ?? accepted()
}

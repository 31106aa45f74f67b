import { beforeAll, describe, expect, test } from 'vitest'
import { saidCsv } from '#core/exchange/said-csv.ts'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listWords, removeWord, saveWord, type WordSnapshot } from './absolute-words.server.ts'
import { findApplication, listApplications, type Application } from './applications.server.ts'
import { addAvailability, listAvailabilityOf, removeAvailability } from './availability.server.ts'
import { addOwed, addPrediction, listOwed, listPredictions, ownHitRate, settleOwed } from './foresight.server.ts'
import { newId } from './id.ts'
import { addInquiry, listInquiries, removeInquiry } from './inquiries.server.ts'
import { judgedLineup } from './judged-lineup.server.ts'
import { lineupFacts } from './lineup-facts.server.ts'
import { keepPartCall, listPartCalls } from './part-calls.server.ts'
import { changeProduct, findProduct, listProducts, saveMaker } from './products.server.ts'
import { changeReviewer, findReviewer } from './reviewer.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'
import { listSaid } from './said-rows.server.ts'
import { keepWord } from './word-publication.server.ts'

demoDatabase()

let application: Application
let specimens: Specimen[]
let specimen: Specimen

beforeAll(async () => {
  application = (await listApplications())[0]!
  specimens = await listSpecimens(application.id)
  specimen = specimens.find(({ partNumber }) => partNumber === 'MB-1120')!
})

const draft = (more = {}) => ({
  ...{ id: newId(), revisionId: specimen.revisionId, word: 'sound' as const, interval: '', oil: '' },
  ...{ duty: '', position: '', reason: '' },
  ...more,
})
const ofRevision = async () => (await listWords(application.id)).filter((one) => one.revisionId === specimen.revisionId)

describe('the reviewer’s word', () => {
  test('is kept once, refused when another has kept one meanwhile, and frozen when published', async () => {
    const first = draft({ interval: '8000 km' })
    expect(await saveWord(first, 0, undefined)).toBe('saved')
    expect(await saveWord(first, 0, undefined)).toBe('saved')
    expect(await saveWord(draft({ word: 'never' }), 0, undefined)).toBe('stale')
    expect(await saveWord({ ...first, word: 'own' }, 1, { product: 'x' } as WordSnapshot)).toBe('saved')
    expect(await saveWord({ ...first, word: 'never' }, 2, undefined)).toBe('id-in-use')
    const [published] = await ofRevision()
    expect(published).toMatchObject({ word: 'own', interval: '8000 km', snapshot: { product: 'x' } })
    await removeWord(specimen.revisionId, first.id)
    expect(await ofRevision()).toEqual([])
  })

  test('is published beside what the rules said, with what was disclosed', async () => {
    await changeReviewer({ ...(await findReviewer()), interest: 'sells', interestNote: 'the quay' })
    const own = draft()
    const kept = await keepWord(application, own, 0, { schoolId: 'build', driverId: '' })
    expect(kept).toEqual({ ok: true, value: 'saved' })
    const [word] = await ofRevision()
    const snapshot = word!.snapshot!
    expect(snapshot).toMatchObject({ product: 'Merribank MB-1120', school: 'Build first', method: 5 })
    expect(snapshot.proposed).toMatch(/\(\d+ % sure\)$/)
    expect(snapshot.interest).toContain('sells filters that are judged here: the quay.')
    expect(await keepWord(application, draft(), 0, { schoolId: 'gone', driverId: '' })).toMatchObject({ ok: false })
    await removeWord(specimen.revisionId, own.id)
  })

  test('on a revision that is not there is refused in words', async () => {
    const kept = await keepWord(application, draft({ revisionId: 'nothere00000' }), 0, undefined)
    expect(kept).toMatchObject({ ok: false, problem: { code: 'revision' } })
  })
})

test('how it could be had is kept with place and day, latest first, and taken back', async () => {
  const { productId } = specimen
  const before = await listAvailabilityOf(productId)
  const seen = { id: newId(), productId, revisionId: null, place: 'quay', source: '', seenOn: '2026-11-01' }
  expect(await addAvailability({ ...seen, status: 'out' })).toBe('added')
  expect((await listAvailabilityOf(productId))[0]).toMatchObject({ status: 'out', place: 'quay' })
  await removeAvailability(productId, seen.id)
  expect(await listAvailabilityOf(productId)).toEqual(before)
})

test('a call turns round with the two, is kept in place of the one before, and taken back', async () => {
  const [a, b] = ['MB-1120', 'Q-7'].map((name) => specimens.find((one) => one.partNumber === name)!.revisionId) as [
    string,
    string,
  ]
  const calls = async () =>
    (await listPartCalls(application.id)).filter((one) => [one.a, one.b].sort().join() === [a, b].sort().join())
  await keepPartCall({ a, b, part: 'can', call: 2 })
  await keepPartCall({ a: b, b: a, part: 'can', call: 1 })
  const [kept] = await calls()
  expect(kept!.a === b ? kept!.call : 0 - kept!.call).toBe(1)
  expect(await calls()).toHaveLength(1)
  await keepPartCall({ a, b, part: 'can', call: undefined })
  expect(await calls()).toEqual([])
})

test('what was looked up in vain is kept for its product', async () => {
  const inquiry = { id: newId(), productId: specimen.productId, about: 'burst' as const, state: 'refused' as const }
  await addInquiry({ ...inquiry, place: 'by letter', madeOn: '2026-11-02' })
  const own = async () => (await listInquiries(application.id)).filter(({ id }) => id === inquiry.id)
  expect(await own()).toMatchObject([{ state: 'refused', place: 'by letter' }])
  await removeInquiry(specimen.productId, inquiry.id)
  expect(await own()).toEqual([])
})

test('what is owed is settled once; a prediction counts when the thing is known', async () => {
  const owed = { id: newId(), characteristic: 'can.wall' }
  await addOwed(specimen.id, owed)
  expect((await listOwed(specimen.id)).map(({ settledAt }) => settledAt)).toEqual([null])
  await settleOwed(specimen.id, owed.id)
  expect((await listOwed(specimen.id))[0]?.settledAt).not.toBeNull()
  const before = await ownHitRate(1)
  const value = { valueNumber: null, valueHalf: null, valueText: 'nobody' }
  await addPrediction(specimen.id, { id: newId(), characteristic: 'adbv.material', rawInput: 'x', ...value })
  expect(await listPredictions(specimen.id)).toHaveLength(1)
  expect(await ownHitRate(1)).toMatchObject({ hits: before.hits, settled: before.settled + 1 })
  expect((await ownHitRate(0)).settled).toBe(0)
})

test('a short name is alone in its line-up; a maker is kept with how it is known', async () => {
  const [one, other] = (await listProducts(application.id)).filter(({ nickname }) => nickname === '')
  const fields = ({ version: _, revisions: _all, ...rest }: NonNullable<typeof one>) => ({ ...rest, revision: '' })
  expect(await changeProduct({ ...fields(one!), nickname: 'Old Faithful' }, one!.version)).toBe('saved')
  expect(await changeProduct({ ...fields(other!), nickname: 'old faithful' }, other!.version)).toBe('taken')
  const [revision] = one!.revisions
  expect(await saveMaker(one!.id, { id: revision!.id, maker: 'Sund', makerEvidence: 'guessed' })).toBe(true)
  expect(await saveMaker(other!.id, { id: revision!.id, maker: 'Sund', makerEvidence: 'told' })).toBe(false)
  expect((await findProduct(one!.id))?.revisions[0]).toMatchObject({ maker: 'Sund', makerEvidence: 'guessed' })
})

test('the facts of the line-up say all of it, a value a product', async () => {
  const judged = await judgedLineup((await findApplication(application.id))!)
  const facts = new Map(lineupFacts(judged).map(({ label, values }) => [label, values]))
  for (const values of facts.values()) expect(values).toHaveLength(judged.columns.length)
  expect(facts.get('In a word, by the rules')?.join()).toContain('Never (75 % sure)')
  expect(facts.get('In a word, by the reviewer')?.join()).toContain('In a pinch, changed every 5000 km')
  expect(facts.get('Can be had')?.join()).toContain('import only, from the mainland')
  expect(facts.get('Maker')?.join()).toContain('maker guessed: Sund')
  expect(facts.get('To the known trouble')?.join()).toContain('does not')
})

test('what was said beside the readings leaves as a table of its own', async () => {
  const rows = await listSaid(application.id)
  expect(new Set(rows.map(({ kind }) => kind))).toEqual(
    new Set(['predicted', 'owed', 'asked', 'called', 'laid beside']),
  )
  expect(rows).toContainEqual(
    expect.objectContaining({ product: 'Corvane CV-114', about: 'Anti-drain-back valve material', outcome: 'hit' }),
  )
  expect(saidCsv(rows).split('\r\n')).toHaveLength(rows.length + 2)
})

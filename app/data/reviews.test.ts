import { describe, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { firstBlocks, newBlock } from '#core/review/block.ts'
import { listApplications } from './applications.server.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOwed, listOwed } from './foresight.server.ts'
import { newId } from './id.ts'
import { outgoingReview } from './outgoing-review.server.ts'
import { listReviewStates } from './review-states.server.ts'
import { changesSincePublished, publishReview, writeReview } from './review-publication.server.ts'
import { addReview, changeReview, findReview, findVersion, listVersions, removeReview } from './reviews.server.ts'

demoDatabase()

const engine = async () => (await listApplications())[0]!

async function begin(blocks = firstBlocks('engine', newId), of: { subject?: 'pair'; a?: string; b?: string } = {}) {
  const { id: applicationId } = await engine()
  const review = {
    id: newId(),
    applicationId,
    subject: 'engine' as const,
    a: '',
    b: '',
    title: 'Skerry',
    blocks,
    ...of,
  }
  expect(await addReview(review)).toBe('added')
  return (await findReview(applicationId, review.id))!
}

const publication = (number: number, correction = '') => ({ id: newId(), number, correction, reason: 'seen' })

describe('a review', () => {
  test('draws from what is known of its engine', async () => {
    const { material, document } = (await writeReview(await begin(), 'metric'))!
    expect(material.products).toHaveLength(12)
    expect(material.products[0]!.id).toBe(material.call!.named[0]!.id)
    const text = JSON.stringify(document)
    for (const said of ['Skerry 1.1 D', 'Norrith N-40', 'EUR', 'a sample was given by', 'no filtration test'])
      expect(text).toContain(said)
  })

  test('of two says who of the two is better, and leaves the others out', async () => {
    const { material: all } = (await writeReview(await begin(), 'metric'))!
    const [a, b] = [all.products[0]!.id, all.products.at(-1)!.id]
    const review = await begin([{ ...newBlock('faceoff1', 'face-off'), a, b }], { subject: 'pair', a, b })
    const { material } = (await writeReview(review, 'metric'))!
    expect(material.products.map(({ id }) => id).sort()).toEqual([a, b].sort())
    expect(material.faceOffs).toHaveLength(1)
    expect(material.call!.named.every(({ id }) => id === a || id === b)).toBe(true)
  })

  test('that two have written is not overwritten', async () => {
    const review = await begin()
    expect(await changeReview({ ...review, title: 'First' }, review.version)).toBe('saved')
    expect(await changeReview({ ...review, title: 'Second' }, review.version)).toBe('stale')
    expect((await findReview(review.applicationId, review.id))!.title).toBe('First')
  })
})

describe('publishing', () => {
  test('checks hold it up until the reviewer says why, and that is kept', async () => {
    const review = await begin()
    const held = await publishReview(review, { ...publication(1), reason: '' }, 'metric')
    expect(held.ok ? '' : held.problem.message).toMatch(/why it is published all the same/)
    expect(await listVersions(review.id)).toEqual([])
    expect(await publishReview(review, publication(1), 'metric')).toEqual({ ok: true, value: 'published' })
    const { content } = (await findVersion(review.id, 1))!
    expect(content.overridden.reason).toBe('seen')
    expect(content.overridden.checks.length).toBeGreaterThan(3)
  })

  test('what was promised at the bench is settled by the review that shows it, and stays in it', async () => {
    const review = await begin([newBlock('promised', 'promised')])
    const { material } = (await writeReview(review, 'metric'))!
    const { specimenId } = material.products[0]!
    const [height, greased] = [newId(), newId()]
    await addOwed(specimenId, { id: height, characteristic: 'can.height' })
    await addOwed(specimenId, { id: greased, characteristic: 'gasket.greased' })
    const { promised } = (await writeReview(review, 'metric'))!.material
    expect(promised.find(({ id }) => id === height)?.text).toMatch(/mm$/)
    expect(promised.find(({ id }) => id === greased)?.text).toBe('')
    await publishReview(review, publication(1), 'metric')
    const open = (await listOwed(specimenId)).filter(({ settledAt }) => settledAt === null)
    expect(open.map(({ id }) => id)).toContain(greased)
    expect(open.map(({ id }) => id)).not.toContain(height)
    expect((await writeReview(review, 'metric'))!.material.promised.map(({ id }) => id)).toContain(height)
    const other = await begin([newBlock('promised', 'promised')])
    expect((await writeReview(other, 'metric'))!.material.promised.map(({ id }) => id)).not.toContain(height)
  })

  test('it stays as it was whatever becomes of the data, and what has changed is listed', async () => {
    const review = await begin()
    await publishReview(review, publication(1), 'metric')
    expect(await changesSincePublished(review, 'metric')).toEqual([])
    const before = JSON.stringify((await findVersion(review.id, 1))!.content)
    const db = await writableDatabase()
    await db('price').update({ amountMinor: 9999 })
    const changes = (await changesSincePublished(review, 'metric'))!
    expect(changes.map(({ title }) => title)).toEqual(expect.arrayContaining(['Line-up', 'Money']))
    expect(JSON.stringify((await findVersion(review.id, 1))!.content)).toBe(before)
  })

  test('a second version needs a correction, which stands on top with its day', async () => {
    const review = await begin()
    await publishReview(review, publication(1), 'metric')
    const silent = await publishReview(review, publication(2), 'metric')
    expect(silent.ok ? '' : silent.problem.message).toMatch(/what is corrected/)
    const late = await publishReview(review, publication(1, 'x'), 'metric')
    expect(late.ok ? '' : late.problem.message).toMatch(/published meanwhile/)
    const second = publication(2, 'The wall was read wrong.')
    expect((await publishReview(review, second, 'metric')).ok).toBe(true)
    expect((await publishReview(review, second, 'metric')).ok).toBe(true)
    expect((await listVersions(review.id)).map(({ number }) => number)).toEqual([2, 1])
    const { document, told } = (await outgoingReview(review, 'metric'))!
    expect(document.corrections).toEqual([{ day: expect.stringMatching(/^\d{4}-/), words: 'The wall was read wrong.' }])
    expect(told).toMatch(/^Version 2, published /)
  })

  test('what somebody has changed in the database is found out by its hash', async () => {
    const review = await begin()
    await publishReview(review, publication(1), 'metric')
    expect((await findVersion(review.id, 1))!.isWhole).toBe(true)
    const db = await writableDatabase()
    await db('reviewVersion')
      .where({ reviewId: review.id })
      .update({ content: db.raw("replace(content, 'Skerry', 'Other')") })
    expect((await findVersion(review.id, 1))!.isWhole).toBe(false)
  })

  test('what was published cannot be taken away, a draft can', async () => {
    const [published, draft] = [await begin(), await begin()]
    await publishReview(published, publication(1), 'metric')
    expect(await removeReview(published.applicationId, published.id)).toBe('published')
    expect(await removeReview(draft.applicationId, draft.id)).toBe('removed')
    expect(await findReview(draft.applicationId, draft.id)).toBeUndefined()
  })
})

test('the reviews of an engine say how far they are, those of others beside them', async () => {
  const review = await begin()
  await publishReview(review, publication(1), 'metric')
  const other = (await listApplications()).find(({ id }) => id !== review.applicationId)!
  const { own } = await listReviewStates(review.applicationId)
  expect(own.find(({ id }) => id === review.id)).toMatchObject({ number: 1, engine: 'Skerry 1.1 D', title: 'Skerry' })
  const { own: none, others } = await listReviewStates(other.id)
  expect(none).toEqual([])
  expect(others.map(({ id }) => id)).toContain(review.id)
  const db = await database()
  expect(Number((await db('review').count({ n: '*' }).first())!.n)).toBe(others.length)
})

import { z } from 'zod'
import { blockKinds, firstBlocks, newBlock } from '#core/review/block.ts'
import { lookedThrough } from '#core/review/compose.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { reviewMaterial } from '#app/data/review-material.server.ts'
import { listPromised } from '#app/data/review-promises.server.ts'
import { addReview } from '#app/data/reviews.server.ts'

const kind = z.enum(blockKinds.map(({ key }) => key))

const fileSchema = z.array(
  z.object({
    engine: z.string(),
    title: z.string(),
    words: z.partialRecord(kind, z.string()),
    /** Blocks beside those that most begin with, each before one of another kind. */
    more: z.array(z.object({ kind, before: kind })),
  }),
)

/** Loads the reviews of the demo, as somebody has written them who looked every block through. */
export async function loadReviews(file: unknown): Promise<void> {
  const applications = await listApplications()
  for (const { engine, title, words, more } of fileSchema.parse(file)) {
    const application = applications.find(({ name, demo }) => name === engine && demo === 1)
    if (!application) throw new Error(`The demo has no engine "${engine}"`)
    const about = { subject: 'engine' as const, a: '', b: '' }
    const blocks = more.reduce(
      (all, { kind, before }) =>
        all.flatMap((block) => (block.kind === before ? [newBlock(newId(), kind), block] : [block])),
      firstBlocks('engine', newId),
    )
    const written = blocks.map((block) => ({ ...block, prose: words[block.kind] ?? '' }))
    const id = newId()
    const known = await reviewMaterial(application.id, about, written, 'metric', today())
    const material = known && { ...known, promised: await listPromised(id, known) }
    const seen = material ? written.map((block) => lookedThrough(block, material)) : written
    const added = await addReview({ ...about, id, applicationId: application.id, title, blocks: seen })
    if (added !== 'added') throw new Error(`The review "${title}" was not added: ${added}`)
  }
}

import { plainText } from '#core/plain-text.ts'
import { filterParts } from '#core/catalogue/index.ts'
import { now } from '#app/data/clock.ts'
import { idPattern } from '#app/data/id.ts'
import { addPhoto } from '#app/data/photos.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/photos'
import { accepted, refused } from './http.server.ts'

/** Keeps a picture of a part, sent as the bare body, or says in words why not. */
export async function action({ request, params }: Route.ActionArgs) {
  const asked = new URL(request.url).searchParams
  const specimen = await findSpecimen(params.specimen)
  if (!specimen) return refused(texts.thisSpecimenIsNotHereIt)
  const part = filterParts.find(({ key }) => key === asked.get('part'))?.key
  if (!part) return refused(texts.chooseAPartForThePicture)
  const id = asked.get('id') ?? ''
  if (!request.body || !idPattern.test(id)) return refused(texts.noPictureArrivedChooseOneAgain)
  const kept = await addPhoto(
    specimen.id,
    { id, part, name: plainText(asked.get('name') ?? '').trim() || 'picture' },
    request.body,
  )
  return kept.ok ? accepted({ takenAt: now() }) : refused(kept.problem.message)
}

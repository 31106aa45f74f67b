import { filterParts } from '#core/catalogue/index.ts'
import { now } from '#app/data/clock.ts'
import { idPattern } from '#app/data/id.ts'
import { addPhoto, maximumPhotoBytes } from '#app/data/photos.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import type { Route } from './+types/photos'
import { accepted, formDataOf, refused } from './http.server.ts'

/** What the form around a picture may take, in bytes. */
const mostAround = 10_000

/** Keeps a picture of a part, or says in words why not. */
export async function action({ request, params }: Route.ActionArgs) {
  if (Number(request.headers.get('Content-Length') ?? 0) > maximumPhotoBytes + mostAround)
    return refused('This picture is larger than 25 MB. Save it smaller and add it again.')
  const form = await formDataOf(request)
  const specimen = await findSpecimen(params.specimen)
  if (!specimen) return refused('This specimen is not here. It may have been removed.')
  const part = filterParts.find(({ key }) => key === form.get('part'))?.key
  if (!part) return refused('Choose a part for the picture.')
  const [id, picture] = [String(form.get('id')), form.get('picture')]
  if (!(picture instanceof File) || !idPattern.test(id)) return refused('No picture arrived. Choose one again.')
  const photo = { id, part, name: picture.name || 'picture' }
  const kept = await addPhoto(specimen.id, photo, new Uint8Array(await picture.arrayBuffer()))
  return kept.ok ? accepted({ takenAt: now() }) : refused(kept.problem.message)
}

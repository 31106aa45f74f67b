import type { FilterPartKey } from '#core/catalogue/index.ts'
import { filterParts } from '#core/catalogue/index.ts'
import { idPattern } from '#app/data/id.ts'
import { addPhoto, maximumPhotoBytes } from '#app/data/photos.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { isConnectionError } from '#app/ui/connection.ts'
import type { Route } from './+types/photos'
import { accepted, formDataOf, found, refused } from './http.server.ts'

const photosAtOnce = 20
const bytesAtOnce = maximumPhotoBytes * 4

/** Keeps pictures of a part; what is wrong with one does not keep the others out. */
export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  if (Number(request.headers.get('Content-Length') ?? 0) > bytesAtOnce)
    return refused('Together these pictures are larger than 100 MB. Add them in smaller lots.')
  const form = await formDataOf(request)
  const part = filterParts.find(({ key }) => key === form.get('part'))?.key
  const ids = form.getAll('id').map(String)
  const files = form.getAll('picture').filter((one) => one instanceof File)
  if (!part) return refused('Choose a part for the picture.')
  if (files.length === 0 || files.length !== ids.length || !ids.every((id) => idPattern.test(id)))
    return refused('No picture arrived. Choose one again.')
  if (files.length > photosAtOnce) return refused(`At most ${photosAtOnce} pictures at once.`)
  const problems = await keepPhotos(specimen.id, part, files, ids)
  return problems.length === files.length ? refused(problems) : accepted({ problems })
}

/** Keeps each picture; says what is wrong with those that cannot be kept. */
async function keepPhotos(specimenId: string, part: FilterPartKey, files: File[], ids: string[]): Promise<string[]> {
  const problems: string[] = []
  for (const [index, file] of files.entries()) {
    const photo = { id: ids[index] ?? '', part, name: file.name || 'picture' }
    const kept = await addPhoto(specimenId, photo, new Uint8Array(await file.arrayBuffer()))
    if (!kept.ok) problems.push(kept.problem.message)
  }
  return problems
}

/** A picture that cannot be sent is not kept in the browser: it is asked for again. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction()
  } catch (error) {
    if (!isConnectionError(error)) throw error
    const form = ['The connection to Plicator is down. Add the picture again when it is back.']
    return { ok: false as const, fields: {}, form }
  }
}

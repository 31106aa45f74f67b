import { data } from 'react-router'
import { parts, type PartKey } from '#core/catalogue/index.ts'
import { addPhoto, mostBytes } from '#app/data/photos.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { isCutOff } from '#app/features/bench/outbox.ts'
import type { Route } from './+types/photos'
import { formDataOf, found } from './http.server.ts'

const mostAtOnce = 20

/** Keeps pictures of a part; what is wrong with one does not keep the others out. */
export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  if (Number(request.headers.get('Content-Length') ?? 0) > mostBytes * 4)
    return refuse('Together these pictures are larger than 100 MB. Add them in smaller lots.')
  const form = await formDataOf(request)
  const part = String(form.get('part'))
  const ids = form.getAll('id').map(String)
  const files = form.getAll('picture').filter((one) => one instanceof File)
  if (!parts.some(({ key }) => key === part)) return refuse('Choose a part for the picture.')
  if (files.length === 0 || files.length !== ids.length || !ids.every((id) => /^[0-9a-z]{6,24}$/.test(id)))
    return refuse('No picture arrived. Choose one again.')
  if (files.length > mostAtOnce) return refuse(`At most ${mostAtOnce} pictures at once.`)

  const problems: string[] = []
  for (const [index, file] of files.entries()) {
    const kept = await addPhoto(
      specimen.id,
      { id: ids[index]!, part: part as PartKey, name: file.name || 'picture' },
      new Uint8Array(await file.arrayBuffer()),
    )
    if (!kept.ok) problems.push(kept.problem.message)
  }
  return data({ problems }, { status: problems.length === files.length ? 422 : 200 })
}

const refuse = (message: string) => data({ problems: [message] }, { status: 422 })

/** A picture that cannot be sent is not kept in the browser: it is asked for again. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction()
  } catch (error) {
    if (!isCutOff(error)) throw error
    return { problems: ['The connection to Plicator is down. Add the picture again when it is back.'] }
  }
}

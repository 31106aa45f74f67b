import { readPhoto } from '#app/data/photos.server.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/photo'
import { found } from './http.server.ts'

/** A picture shows, and does nothing else. */
const picturePolicy = texts.defaultSrcNoneSandbox

/** A picture as it was kept; an id never changes what it shows. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const size = new URL(request.url).searchParams.get('size') === 'thumbnail' ? 'thumbnail' : 'whole'
  const picture = found(await readPhoto(params.photo, size), texts.thisPicture)
  return new Response(new Uint8Array(picture), {
    headers: {
      'Content-Type': 'image/jpeg',
      'Cache-Control': 'private, max-age=31536000, immutable',
      'Content-Security-Policy': picturePolicy,
    },
  })
}

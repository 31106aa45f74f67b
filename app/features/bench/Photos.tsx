import { Camera, X } from 'lucide-react'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { href, useFetcher } from 'react-router'
import { styled } from 'styled-components'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import { newId } from '#app/data/id.ts'
import type { Photo } from '#app/data/photos.server.ts'
import { refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import { ErrorText } from '#app/ui/fields.tsx'
import { Small, Stack } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'
import type { Bench } from './useBench.ts'

const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    position: relative;
  }
  img {
    display: block;
    width: 100%;
    aspect-ratio: 1;
    object-fit: cover;
    border-radius: 6px;
    background: var(--line);
  }
  button {
    position: absolute;
    right: 2px;
    top: 2px;
    width: 28px;
    height: 28px;
    border: 0;
    border-radius: 14px;
    background: rgb(0 0 0 / 60%);
    color: #fff;
    cursor: pointer;
  }
`

const CameraShot = lazy(() => import('./CameraShot.tsx').then(({ CameraShot: Shot }) => ({ default: Shot })))

/** Pictures of the part in hand, from a file, the clipboard or the camera. */
export function Photos({
  bench,
  specimen,
  photos,
  part,
}: {
  bench: Bench
  specimen: string
  photos: Photo[]
  part: FilterPartKey
}) {
  const fetcher = useFetcher<ActionResult<{ problems: string[] }>>()
  const picker = useRef<HTMLInputElement>(null)
  const [filming, setFilming] = useState(false)
  const [shown, showAll] = useState(false)
  const own = photos.filter((photo) => shown || photo.part === part)
  const name = partLabel(part).toLowerCase()
  const { submit } = fetcher

  const send = (files: Iterable<File>) => {
    const body = new FormData()
    body.set('part', part)
    for (const file of files) {
      body.append('id', newId())
      body.append('picture', file, file.name)
    }
    void submit(body, {
      method: 'post',
      action: href('/specimens/:specimen/photos', { specimen }),
      encType: 'multipart/form-data',
    })
  }
  const latest = useRef(send)
  useEffect(() => {
    latest.current = send
  })
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const files = [...(event.clipboardData?.files ?? [])]
      if (files.length > 0) latest.current(files)
    }
    window.addEventListener('paste', onPaste)
    return () => window.removeEventListener('paste', onPaste)
  }, [])

  return (
    <Stack as="section" $gap={8} aria-label="Photos">
      <h3>Photos</h3>
      {own.length > 0 && (
        <Grid>
          {own.map((photo) => (
            <li key={photo.id}>
              <a href={href('/photos/:photo', { photo: photo.id })} target="_blank" rel="noreferrer">
                <img
                  src={`${href('/photos/:photo', { photo: photo.id })}?size=thumbnail`}
                  alt={`${partLabel(photo.part)}: ${photo.name}`}
                  loading="lazy"
                />
              </a>
              <button type="button" aria-label={`Remove ${photo.name}`} onClick={() => bench.dropPhoto(photo.id)}>
                <X size={16} aria-hidden />
              </button>
            </li>
          ))}
        </Grid>
      )}
      <Chips>
        <Chip type="button" onClick={() => picker.current?.click()}>
          Add of {name}
        </Chip>
        <Chip type="button" aria-label={`Photograph the ${name}`} onClick={() => setFilming(true)}>
          <Camera size={18} aria-hidden />
        </Chip>
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
          aria-label={`Pictures of ${name}`}
          onChange={(event) => {
            if (event.target.files?.length) send(event.target.files)
            event.target.value = ''
          }}
        />
      </Chips>
      {photos.length > photos.filter((photo) => photo.part === part).length && (
        <label>
          <input type="checkbox" data-elsewhere checked={shown} onChange={(event) => showAll(event.target.checked)} />{' '}
          <Small>all {photos.length} of this specimen</Small>
        </label>
      )}
      <Small role="status">
        {fetcher.state === 'idle'
          ? 'JPEG, PNG or WebP, up to 25 MB. Where it was taken is removed.'
          : 'Keeping the picture…'}
      </Small>
      <ErrorText role="alert">{fetcher.state === 'idle' && problemsOf(fetcher.data)}</ErrorText>
      {filming && (
        <Suspense>
          <CameraShot onShot={(file) => send([file])} onClose={() => setFilming(false)} />
        </Suspense>
      )}
    </Stack>
  )
}

/** What is wrong with all pictures, or with some of them. */
const problemsOf = (result: ActionResult<{ problems: string[] }> | undefined): string =>
  result?.ok ? result.problems.join(' ') : refusalText(result)

import { Camera, X } from 'lucide-react'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { href } from 'react-router'
import { styled } from 'styled-components'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Photo } from '#app/data/photos.server.ts'
import * as texts from '#app/texts/bench.ts'
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
export function Photos({ bench, photos, part }: { bench: Bench; photos: Photo[]; part: FilterPartKey }) {
  const picker = useRef<HTMLInputElement>(null)
  const [filming, setFilming] = useState(false)
  const camera = useRef<HTMLButtonElement>(null)
  const stopFilming = () => {
    setFilming(false)
    camera.current?.focus()
  }
  const [shown, showAll] = useState(false)
  const own = photos.filter((photo) => shown || photo.part === part)
  const name = partLabel(part).toLowerCase()
  const onTheirWay = bench.pending.filter(
    ({ intent, id }) => intent === 'photo' && !photos.some((one) => one.id === id),
  )
  const [previews, setPreviews] = useState<ReadonlyMap<string, string>>(new Map())
  const send = (files: Iterable<File>) => {
    const own = [...files].map((file) => [bench.addPhoto(part, file), URL.createObjectURL(file)] as const)
    // Those of a batch that is all there are not counted with the next one.
    setPreviews((before) => new Map([...(onTheirWay.length > 0 ? before : []), ...own]))
  }
  const takeBack = (id: string) => {
    bench.dropPhoto(id)
    setPreviews((before) => new Map([...before].filter(([one]) => one !== id)))
  }
  const arrived = [...previews.keys()].filter((id) => !onTheirWay.some((one) => one.id === id))
  const sent = previews.size > 1 ? texts.ofSent(arrived.length, previews.size) : ''
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
    <Stack as="section" $gap={4} aria-label={texts.photos}>
      <h3>{texts.photos}</h3>
      {filming && (
        <Suspense>
          <CameraShot onShot={(file) => send([file])} onClose={stopFilming} />
        </Suspense>
      )}
      {own.length + onTheirWay.length > 0 && (
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
              <button type="button" aria-label={texts.remove(photo.name)} onClick={() => bench.dropPhoto(photo.id)}>
                <X size={16} aria-hidden />
              </button>
            </li>
          ))}
          {onTheirWay.map(({ id = '', name: of }) => (
            <li key={id} aria-busy>
              <img src={previews.get(id)} alt={`${of}, on its way`} style={{ opacity: 0.55 }} />
              <button type="button" aria-label={`Do not send ${of}`} onClick={() => takeBack(id)}>
                <X size={16} aria-hidden />
              </button>
            </li>
          ))}
        </Grid>
      )}
      <Chips>
        <Chip type="button" onClick={() => picker.current?.click()}>
          {texts.addOf(name)}
        </Chip>
        <Chip
          type="button"
          ref={camera}
          aria-label={texts.photographThe(name)}
          aria-expanded={filming}
          onClick={() => setFilming(!filming)}
        >
          <Camera size={18} aria-hidden />
        </Chip>
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
          aria-label={texts.picturesOf(name)}
          onChange={(event) => {
            if (event.target.files?.length) send(event.target.files)
            event.target.value = ''
          }}
        />
      </Chips>
      {photos.length > photos.filter((photo) => photo.part === part).length && (
        <label>
          <input type="checkbox" data-elsewhere checked={shown} onChange={(event) => showAll(event.target.checked)} />{' '}
          <Small>{texts.allOfThisSpecimen(photos.length)}</Small>
        </label>
      )}
      <Small role="status">
        {onTheirWay.length === 0
          ? texts.jpegPngOrWebpUpTo
          : texts.onTheWay(sent, onTheirWay.map((one) => one.name).join(', '))}
      </Small>
    </Stack>
  )
}

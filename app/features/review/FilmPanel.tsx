import { useMemo } from 'react'
import { z } from 'zod'
import { captionCues, chapterCues, formatSrt, formatVtt } from '#core/review/captions.ts'
import { chaptersOf, formatChapters } from '#core/review/chapters.ts'
import { describeFilm, titleIdeas, usualLength } from '#core/review/description.ts'
import { parseEditList } from '#core/review/edit-list.ts'
import { cutFilm, uncutFilm, type FilmMoment, type Take } from '#core/review/film.ts'
import { frameRates, framesOf, type FrameRateKey } from '#core/review/frame-rate.ts'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import { ok, type Result } from '#core/result.ts'
import type { FilmedTake } from '#app/data/film-takes.server.ts'
import * as texts from '#app/texts/review.ts'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useKept } from '#app/ui/useKept.ts'
import { TextFile } from './TextFile.tsx'

const filmSchema = z.object({
  list: z.string(),
  rate: z.enum(frameRates.map(({ key }) => key) as [FrameRateKey, ...FrameRateKey[]]),
  /** First timecode of each take, by its id. */
  starts: z.record(z.string(), z.string()),
  length: z.string(),
})

type FilmSettings = z.output<typeof filmSchema>

const asShipped: FilmSettings = { list: '', rate: '25', starts: {}, length: String(usualLength) }
const parseSettings = (kept: unknown) => filmSchema.safeParse(kept).data

interface Props {
  review: string
  title: string
  filmed: readonly FilmedTake[]
  material: ReviewMaterial
}

/** Chapters, captions and the text below the film, by the log of the bench and the cuts that were made since. */
export function FilmPanel({ review, title, filmed, material }: Props) {
  const [kept, keep] = useKept(`film ${review}`, parseSettings)
  const settings = kept ?? asShipped
  const change = (next: Partial<FilmSettings>) => keep({ ...settings, ...next })
  const film = useMemo(() => filmOf(filmed, settings), [filmed, settings])
  const moments = film.ok ? film.value : []
  const chapters = chaptersOf(moments, texts.opening)
  const chapterText = chapters.length === 0 ? '' : formatChapters(chapters)
  const length = Number(settings.length)
  const isLength = Number.isInteger(length) && length > 0
  const description = describeFilm(material, chapterText, isLength ? length : usualLength)
  return (
    <Stack $gap={16}>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.theFilm}</h2>
          {filmed.length === 0 && <Soft>{texts.noneOfTheseWasFilmedOn}</Soft>}
          {filmed.map(({ id, name }) => (
            <Row key={id} $gap={8}>
              <span style={{ flex: '1 1 200px' }}>{name}</span>
              {settings.list !== '' && (
                <InputBox
                  aria-label={texts.firstTimecodeOf(name)}
                  value={settings.starts[id] ?? ''}
                  placeholder="00:00:00:00"
                  maxLength={11}
                  onChange={(event) => change({ starts: { ...settings.starts, [id]: event.target.value } })}
                  style={{ width: 130 }}
                />
              )}
            </Row>
          ))}
          <Row $gap={8}>
            <SelectMenu
              label={texts.framesASecond}
              value={settings.rate}
              options={frameRates.map(({ key, label }) => ({ value: key, label }))}
              onPick={(rate) => change({ rate: rate as FrameRateKey })}
            />
          </Row>
          <Stack $gap={4}>
            <label htmlFor="edit-list">{texts.editListCmx3600}</label>
            <AreaBox
              id="edit-list"
              rows={3}
              value={settings.list}
              placeholder={texts.pasteItHereOnceTheFilm}
              onChange={(event) => change({ list: event.target.value })}
            />
          </Stack>
          <ErrorText role="alert">{film.ok ? '' : film.problem.message}</ErrorText>
        </Stack>
      </Card>
      {moments.length > 0 && <FilmFiles title={title} moments={moments} />}
      <Card>
        <Stack $gap={10}>
          <h2>{texts.description}</h2>
          <Small>{texts.ideasForATitle(titleIdeas(material).join(' · '))}</Small>
          <label htmlFor="description-length">
            <Small>{`${texts.lettersAtMost} `}</Small>
            <InputBox
              id="description-length"
              value={settings.length}
              inputMode="numeric"
              maxLength={6}
              aria-invalid={!isLength}
              onChange={(event) => change({ length: event.target.value })}
              style={{ width: 90 }}
            />
          </label>
          <ErrorText role="alert">{isLength ? '' : texts.writeAWholeNumberOfLetters}</ErrorText>
          {description.dropped.length > 0 && (
            <Small role="status">{texts.noRoomFor(description.dropped.join(', '))}</Small>
          )}
          <TextFile
            label={texts.description}
            name={`${title} description.txt`}
            type="text/plain"
            text={description.text}
          />
        </Stack>
      </Card>
    </Stack>
  )
}

function FilmFiles({ title, moments }: { title: string; moments: readonly FilmMoment[] }) {
  const chapters = chaptersOf(moments, texts.opening)
  const cues = captionCues(moments)
  const end = (moments.at(-1)?.at ?? 0) + 10
  return (
    <Card>
      <Stack $gap={14}>
        <h2>{texts.chaptersAndCaptions}</h2>
        <TextFile
          label={texts.chapters}
          name={`${title} chapters.txt`}
          type="text/plain"
          text={formatChapters(chapters)}
        />
        <TextFile
          label={texts.chaptersWebvtt}
          name={`${title} chapters.vtt`}
          type="text/vtt"
          text={formatVtt(chapterCues(chapters, end))}
        />
        <TextFile label={texts.captionsWebvtt} name={`${title}.vtt`} type="text/vtt" text={formatVtt(cues)} />
        <TextFile
          label={texts.captionsSubrip}
          name={`${title}.srt`}
          type="application/x-subrip"
          text={formatSrt(cues)}
        />
      </Stack>
    </Card>
  )
}

/** Where everything is in the film, cut or not; or why that cannot be said. */
function filmOf(filmed: readonly FilmedTake[], { list, rate, starts }: FilmSettings): Result<FilmMoment[]> {
  const takes: Take[] = []
  for (const { id, startsAt, endsAt, moments } of filmed) {
    const first = list.trim() === '' || !starts[id]?.trim() ? ok(0) : framesOf(starts[id], rate)
    if (!first.ok) return first
    takes.push({ startsAt, endsAt, moments, reel: '', firstFrame: first.value })
  }
  if (list.trim() === '') return ok(uncutFilm(takes))
  const cuts = parseEditList(list, rate)
  return cuts.ok ? ok(cutFilm(takes, cuts.value, rate)) : cuts
}

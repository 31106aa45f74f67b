import { useEffect } from 'react'
import { href, useFetcher } from 'react-router'
import { z } from 'zod'
import { siteSchema } from '#app/features/forms/review-fields.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { useKept } from '#app/ui/useKept.ts'
import type { SiteBuild } from './site-build.ts'

const keptSchema = z.object({ title: z.string(), address: z.string() })
const asShipped = { title: texts.oilFiltersCutOpen, address: '' }
const parseKept = (kept: unknown) => keptSchema.safeParse(kept).data
const pollInterval = 400

/** All that is published as a folder of files, to be put on any web server. */
export function SiteCard() {
  const [kept, keep] = useKept('site of reviews', parseKept)
  const site = kept ?? asShipped
  const parsed = siteSchema.safeParse(site)
  const path = `${href('/reviews/site.zip')}?${new URLSearchParams(site).toString()}`
  const { begin, stop, build } = useSiteBuild()
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.theSite}</h2>
        <Small>{texts.everyReviewThatWasPublishedOf}</Small>
        <Row>
          <InputBox
            aria-label={texts.titleOfTheSite}
            value={site.title}
            maxLength={120}
            onChange={(event) => keep({ ...site, title: event.target.value })}
            style={{ flex: '1 1 220px' }}
          />
          <InputBox
            aria-label={texts.whereItWillBe}
            value={site.address}
            maxLength={200}
            placeholder={texts.httpsExampleOrgFilters}
            onChange={(event) => keep({ ...site, address: event.target.value })}
            style={{ flex: '1 1 260px' }}
          />
          {parsed.success && (
            <>
              <Button onPress={() => begin(site)} isDisabled={build?.state === 'building'}>
                {texts.buildIt}
              </Button>
              <a href={path} download>
                {texts.takeItAway}
              </a>
            </>
          )}
        </Row>
        <div role="status">{build && <SiteProgress build={build} onStop={stop} />}</div>
        <ErrorText role="alert">
          {parsed.success ? '' : parsed.error.issues.map(({ message }) => message).join(' ')}
        </ErrorText>
      </Stack>
    </Card>
  )
}

/** Begins a build, and looks how far it is until it is through. */
function useSiteBuild() {
  const sender = useFetcher()
  const { load, data: build, state } = useFetcher<SiteBuild>()
  const path = href('/reviews/site-build')
  const isSent = sender.state === 'idle' && sender.data !== undefined
  useEffect(() => {
    if (isSent) void load(path)
  }, [isSent, sender.data, load, path])
  useEffect(() => {
    if (build?.state !== 'building' || state !== 'idle') return undefined
    const timer = setTimeout(() => void load(path), pollInterval)
    return () => clearTimeout(timer)
  }, [build, state, load, path])
  const begin = (site: { title: string; address: string }) => void sender.submit(site, { method: 'post', action: path })
  const stopper = useFetcher()
  const stop = () => void stopper.submit({ intent: 'stop' }, { method: 'post', action: path })
  return { begin, stop, build: isSent ? build : undefined }
}

function SiteProgress({ build: { state, done, total, written }, onStop }: { build: SiteBuild; onStop: () => void }) {
  if (state === 'building')
    return (
      <Row>
        <Meter share={total === 0 ? 0 : done / total} /> {texts.ofReviews(done, total)}
        <Button $kind="quiet" onPress={onStop}>
          {texts.stop}
        </Button>
      </Row>
    )
  if (state === 'stopped') return <>{texts.stoppedAfterOfReviewsWrittenAnew(done, total, written)}</>
  if (state === 'failed') return <>{texts.itCouldNotBeBuiltThe}</>
  return (
    <>
      {texts.reviewsWrittenAnew(total, written)}{' '}
      <a href={href('/reviews/site/*', { '*': 'index.html' })} target="_blank" rel="noreferrer">
        {texts.lookAtIt}
      </a>
    </>
  )
}

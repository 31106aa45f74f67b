import { href } from 'react-router'
import { z } from 'zod'
import { siteSchema } from '#app/features/forms/review-fields.ts'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { useKept } from '#app/ui/useKept.ts'

const keptSchema = z.object({ title: z.string(), address: z.string() })
const asShipped = { title: 'Oil filters, cut open', address: '' }
const parseKept = (kept: unknown) => keptSchema.safeParse(kept).data

/** All that is published as a folder of files, to be put on any web server. */
export function SiteCard() {
  const [kept, keep] = useKept('site of reviews', parseKept)
  const site = kept ?? asShipped
  const parsed = siteSchema.safeParse(site)
  const path = `${href('/reviews/site.zip')}?${new URLSearchParams(site).toString()}`
  return (
    <Card>
      <Stack $gap={10}>
        <h2>The site</h2>
        <Small>
          Every review that was published, of all engines: an index by engine and product, an article each, feeds. It
          asks nothing of anybody and runs on any web server.
        </Small>
        <Row>
          <InputBox
            aria-label="Title of the site"
            value={site.title}
            maxLength={120}
            onChange={(event) => keep({ ...site, title: event.target.value })}
            style={{ flex: '1 1 220px' }}
          />
          <InputBox
            aria-label="Where it will be"
            value={site.address}
            maxLength={200}
            placeholder="https://example.org/filters"
            onChange={(event) => keep({ ...site, address: event.target.value })}
            style={{ flex: '1 1 260px' }}
          />
          {parsed.success && (
            <a href={path} download>
              Take it away
            </a>
          )}
        </Row>
        <ErrorText role="alert">
          {parsed.success ? '' : parsed.error.issues.map(({ message }) => message).join(' ')}
        </ErrorText>
      </Stack>
    </Card>
  )
}

import { href, Link } from 'react-router'
import { findReview, findVersion, listVersions } from '#app/data/reviews.server.ts'
import { ArticlePreview } from '#app/features/review/ArticlePreview.tsx'
import { Day } from '#app/ui/Day.tsx'
import { Alert, Card, Caution, Page, Row, Small, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/review-published'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.version.content.document.title ?? 'Review'} · Plicator` },
]

/** A review as it was published: the newest version, or the one that the address names. */
export async function loader({ params }: Route.LoaderArgs) {
  const review = found(await findReview(params.application, params.review), 'This review')
  const versions = await listVersions(review.id)
  const number = params.number === undefined ? versions[0]?.number : Number(params.number)
  const version = found(await findVersion(review.id, number ?? 0), 'This version')
  return { versions, version }
}

export default function PublishedReview({ loaderData: { versions, version }, params }: Route.ComponentProps) {
  const address = { application: params.application, review: params.review }
  const { content, number } = version
  const [newest] = versions
  const versionPath = (one: number) =>
    href('/lineups/:application/review/:review/published/:number?', { ...address, number: String(one) })
  return (
    <Page>
      <Row $between>
        <Small>
          Version {number}, published <Day of={version.publishedAt} />, method {version.method} · SHA-256{' '}
          {version.hash.slice(0, 16)}
        </Small>
        <Link to={href('/lineups/:application/review/:review', address)}>Write on</Link>
      </Row>
      {!version.isWhole && <Alert role="alert">What is kept of it is not what was published: its hash differs.</Alert>}
      {newest && newest.number !== number && (
        <Caution>
          A newer version has been published: <Link to={versionPath(newest.number)}>version {newest.number}</Link>.
        </Caution>
      )}
      <Card>
        <ArticlePreview
          document={content.document}
          chart={href('/lineups/:application/review/:review/chart.svg', address)}
        />
      </Card>
      <Stack $gap={6}>
        {content.overridden.checks.length > 0 && (
          <details>
            <summary style={{ minHeight: 32, cursor: 'pointer' }}>
              Published all the same: {content.overridden.reason}
            </summary>
            <ul>
              {content.overridden.checks.map((check) => (
                <li key={check}>{check}</li>
              ))}
            </ul>
          </details>
        )}
        <nav aria-label="Versions">
          <Row>
            {versions.map((one) => (
              <Link key={one.id} to={versionPath(one.number)} aria-current={one.number === number ? 'page' : undefined}>
                Version {one.number}
              </Link>
            ))}
          </Row>
        </nav>
      </Stack>
    </Page>
  )
}

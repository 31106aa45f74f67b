import { href, Link } from 'react-router'
import { findReview, findVersion, listVersions } from '#app/data/reviews.server.ts'
import { ArticlePreview } from '#app/features/review/ArticlePreview.tsx'
import * as texts from '#app/texts/review.ts'
import { Day } from '#app/ui/Day.tsx'
import { Alert, Card, Caution, Page, Row, Small, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/review-published'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.titleOfTitle(loaderData?.version.content.document.title ?? texts.review) },
]

/** A review as it was published: the newest version, or the one that the address names. */
export async function loader({ params }: Route.LoaderArgs) {
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const versions = await listVersions(review.id)
  const number = params.number === undefined ? versions[0]?.number : Number(params.number)
  const version = found(await findVersion(review.id, number ?? 0), texts.thisVersion)
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
          {texts.versionPublished(number)} <Day of={version.publishedAt} />
          {texts.methodSha256(version.method, version.hash.slice(0, 16))}
        </Small>
        <Link to={href('/lineups/:application/review/:review', address)}>{texts.writeOn}</Link>
      </Row>
      {!version.isWhole && <Alert role="alert">{texts.whatIsKeptOfItIs}</Alert>}
      {newest && newest.number !== number && (
        <Caution>
          {texts.aNewerVersionHasBeenPublished}{' '}
          <Link to={versionPath(newest.number)}>{texts.versionOfNumber2(newest.number)}</Link>.
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
              {texts.publishedAllTheSame(content.overridden.reason)}
            </summary>
            <ul>
              {content.overridden.checks.map((check) => (
                <li key={check}>{check}</li>
              ))}
            </ul>
          </details>
        )}
        <nav aria-label={texts.versions}>
          <Row>
            {versions.map((one) => (
              <Link key={one.id} to={versionPath(one.number)} aria-current={one.number === number ? 'page' : undefined}>
                {texts.versionOfNumber3(one.number)}
              </Link>
            ))}
          </Row>
        </nav>
      </Stack>
    </Page>
  )
}

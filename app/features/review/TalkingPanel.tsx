import { href, Link } from 'react-router'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import { talkingKinds, type TalkingPoint } from '#core/review/talking-points.ts'
import { byKey } from '#core/by-key.ts'
import * as texts from '#app/texts/review.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'

/** What is worth saying of each, in its order; each opens to what it rests on. */
export const TalkingPanel = ({ products }: Pick<ReviewMaterial, 'products'>) => (
  <Stack $gap={12}>
    {products.length === 0 && <Soft>{texts.nothingWasOpenedYet}</Soft>}
    {products.map(({ id, name, points }) => (
      <Card key={id} aria-label={name}>
        <Stack $gap={6}>
          <h2>{name}</h2>
          {points.length === 0 && <Soft>{texts.nothingOfItIsWorthSaying}</Soft>}
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {points.map((point) => (
              <li key={point.kind}>
                <strong>{byKey(talkingKinds, point.kind).label}:</strong> {point.text} <Ground {...point} />
              </li>
            ))}
          </ul>
        </Stack>
      </Card>
    ))}
  </Stack>
)

function Ground({ ground, text }: TalkingPoint) {
  if (ground?.specimen === undefined) return null
  const { specimen, key } = ground
  return (
    <Link to={href('/specimens/:specimen/values/:key', { specimen, key })} aria-label={texts.whyOfText(text)}>
      {texts.why}
    </Link>
  )
}

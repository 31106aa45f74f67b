import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { DrawingData } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import * as texts from '#app/texts/products.ts'
import { Small } from '#app/ui/layout.tsx'

const Mat = styled.section`
  overflow: hidden;
  border-radius: var(--radius);
  background: var(--mat);
  p {
    padding: 0 14px 12px;
  }
  small,
  a {
    color: #e9efe6;
  }
`

interface Props {
  drawn: { id: string; label: string; drawing: DrawingData }
  name: string
}

/** The best known specimen of the newest revision, to scale. */
export function DrawnCard({ drawn: { id, label, drawing }, name }: Props) {
  return (
    <Mat aria-label={texts.drawing}>
      <ExplodedView
        data={drawing}
        width={420}
        height={240}
        labels={false}
        dimensions={false}
        title={texts.explodedDrawing(name, label)}
      />
      <p>
        <Small as="small">{texts.specimenAsFarAsItIs(label)}</Small>{' '}
        <Link to={href('/specimens/:specimen/how-it-works', { specimen: id })}>{texts.howItWorks}</Link>
      </p>
    </Mat>
  )
}

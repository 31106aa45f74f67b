import * as texts from '#app/texts/devices.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'

interface Props {
  title: string
  says: string
  /** The key, as it is typed. */
  typed: string
  code: { path: string; side: number }
  address: string
}

/** A key of the house: as a code for a camera, and to be typed. */
export function KeyCard({ title, says, typed, code, address }: Props) {
  return (
    <Card aria-label={title}>
      <Row style={{ alignItems: 'flex-start' }}>
        <svg
          role="img"
          aria-label={texts.codeThatOpens(title.toLowerCase())}
          viewBox={`-3 -3 ${code.side + 6} ${code.side + 6}`}
          style={{ width: 180, height: 180, flex: 'none', background: '#fff' }}
        >
          <path d={code.path} fill="#000" shapeRendering="crispEdges" />
        </svg>
        <Stack $gap={6}>
          <h2>{title}</h2>
          <p>{says}</p>
          <p>
            {texts.open} <strong>{texts.enter(address)}</strong> {texts.andType} <strong>{typed}</strong>
            {texts.orShowTheCodeToThe}
          </p>
          <Small>{texts.itHoldsUntilPlicatorIsStarted}</Small>
        </Stack>
      </Row>
    </Card>
  )
}

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
          aria-label={`Code that opens ${title.toLowerCase()}`}
          viewBox={`-3 -3 ${code.side + 6} ${code.side + 6}`}
          style={{ width: 180, height: 180, flex: 'none', background: '#fff' }}
        >
          <path d={code.path} fill="#000" shapeRendering="crispEdges" />
        </svg>
        <Stack $gap={6}>
          <h2>{title}</h2>
          <p>{says}</p>
          <p>
            Open <strong>{address}/enter</strong> and type <strong>{typed}</strong>, or show the code to the camera of a
            tablet.
          </p>
          <Small>It holds until Plicator is started again.</Small>
        </Stack>
      </Row>
    </Card>
  )
}

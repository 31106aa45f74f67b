import { styled } from 'styled-components'
import { Caution } from '#app/ui/layout.tsx'

const Line = styled(Caution)`
  summary {
    min-height: 24px;
    cursor: pointer;
  }
  p {
    margin-top: 6px;
  }
`

/** A danger of the step in one line; more on demand, never in the way. */
export function CautionLine({ summary, details }: { summary: string; details: string }) {
  return (
    <Line as="details">
      <summary>{summary}</summary>
      <p>{details}</p>
    </Line>
  )
}

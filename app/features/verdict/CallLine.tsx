import { styled } from 'styled-components'
import { formatCall } from '#core/verdict/call.ts'
import * as texts from '#app/texts/verdict.ts'
import { Row } from '#app/ui/layout.tsx'
import { HowSureLink } from './HowSureLink.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const Line = styled.p`
  margin: 0;
  font: 600 19px/1.3 var(--label);
  overflow-wrap: anywhere;
`

/** Who is first and how sure that is, in the words of every page. */
export function CallLine({ judged: { call, school, driver, nameOf } }: { judged: EvaluationView }) {
  if (!call) return null
  return (
    <Row $gap={10}>
      <Line role="status" aria-label={texts.whoIsFirst}>
        {school.name}
        {driver && texts.forLabel(driver.name)}: {formatCall(call, nameOf)}
      </Line>
      <HowSureLink />
    </Row>
  )
}

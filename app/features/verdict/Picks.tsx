import { styled } from 'styled-components'
import { formatList } from '#core/quantity/format-list.ts'
import * as texts from '#app/texts/verdict.ts'
import { avoided } from './AvoidList.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const List = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px 24px;
  margin: 0;
  dt {
    color: var(--ink-soft);
    font-size: 13px;
  }
  dd {
    margin: 0;
    font: 600 20px/1.2 var(--label);
    overflow-wrap: anywhere;
  }
`

const questions = [
  { school: 'build', label: texts.bestBuild },
  { school: 'thrift', label: texts.bestValueByThrift },
  { school: 'long', label: texts.bestForLongIntervals },
]

/** Who is first by three questions that buyers ask, and whom to avoid. */
export function Picks({ judged }: { judged: EvaluationView }) {
  const { bySchool, nameOf } = judged
  const firstBy = (id: string): string => {
    const call = bySchool.find(({ school }) => school.id === id)?.call
    return call
      ? formatList(
          call.named.map((one) => nameOf(one.id)),
          'disjunction',
        )
      : '…'
  }
  const avoid = avoided(judged).map(({ id }) => nameOf(id))
  return (
    <List>
      {questions.map(({ school, label }) => (
        <div key={school}>
          <dt>{label}</dt>
          <dd>{firstBy(school)}</dd>
        </div>
      ))}
      <div>
        <dt>{texts.avoid}</dt>
        <dd>{avoid.length === 0 ? texts.nobody : avoid.join(', ')}</dd>
      </div>
    </List>
  )
}

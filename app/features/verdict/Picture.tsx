import { href } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/verdict.ts'
import { ChancesBySchool } from './ChancesBySchool.tsx'
import { ScoreRows } from './ScoreRows.tsx'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

const Column = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  min-width: 0;
  padding: 16px 24px 22px;
  h2 {
    font-size: 18px;
  }
`

/** The mat with the one that is first; the drawing brings its own mat, of the same green. */
const Leader = styled.figure`
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 0;
  padding-left: 18px;
  border-radius: var(--radius);
  background: #17463a;
  color: #f1f4ec;
  overflow: hidden;
  figcaption {
    flex: 1 1 0;
    min-width: 0;
    font: 600 22px/1.15 var(--label);
    overflow-wrap: anywhere;
  }
  img {
    flex: 2 1 0;
    min-width: 0;
    max-width: 360px;
    height: 104px;
  }
`

/** What the answer looks like: who is first, everybody's score, and who is first by which school. */
export function Picture({ judged }: { judged: EvaluationView }) {
  const columnOf = useColumnOf()
  const { ranked, nameOf } = judged
  const [leader] = ranked
  if (!leader) return <Column />
  return (
    <Column>
      <Leader>
        <figcaption>{nameOf(leader.id)}</figcaption>
        <img
          src={`${href('/specimens/:specimen/drawing.svg', { specimen: columnOf(leader).specimenId })}?head`}
          alt={texts.explodedDrawingToScale(nameOf(leader.id))}
          width={360}
          height={104}
        />
      </Leader>
      <section aria-label={texts.constructionScores}>
        <h2>{texts.constructionScoreAndHowWideIt}</h2>
        <ScoreRows judged={judged} />
      </section>
      <section aria-label={texts.firstBySchool}>
        <h2>{texts.chanceOfBeingFirstSchoolBy}</h2>
        <ChancesBySchool {...judged} />
      </section>
    </Column>
  )
}

import { Link } from 'react-router'
import { byKey } from '#core/by-key.ts'
import { engineTroubles } from '#core/figures/trouble.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Caution, Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** What the engine is known for, and whether the one that is first answers it. */
export function TroubleLine({ judged: { ranked, nameOf, query } }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const [first] = ranked
  if (application.trouble === '' || !first) return null
  const { label, asks } = byKey(engineTroubles, application.trouble)
  const answer = evaluation.columns.find(({ id }) => id === first.id)?.trouble?.answer ?? 'not-looked-at'
  const Line = answer === 'answers' ? Small : Caution
  return (
    <Line>
      {texts.theEngineItAsksFor(lowerFirst(label), asks, nameOf(first.id), says[answer])}{' '}
      <Link to={`${query}&tab=trouble#below`} preventScrollReset>
        {texts.whichAnswerIt}
      </Link>
    </Line>
  )
}

const says = { answers: texts.answersIt, 'does-not': texts.doesNotAnswerIt, 'not-looked-at': texts.wasNotLookedAtForIt }

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

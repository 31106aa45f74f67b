import { href, Link } from 'react-router'
import { groupBy } from '#core/group-by.ts'
import { absoluteWords } from '#core/verdict/absolute-word.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small } from '#app/ui/layout.tsx'
import { SaidList } from './SettleList.tsx'
import type { EvaluationView } from './useEvaluation.ts'
import { useProposedWords } from './useProposedWords.ts'

/** So many are named in a line. */
const mostNamed = 3

/** What each filter is worth with nothing beside it, word by word: the reviewer's own, else that of the rules. */
export function SaidOfEach({ judged }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const proposedOf = useProposedWords(judged)
  const said = evaluation.columns
    .filter(({ id, revisionId }) => id === revisionId)
    .map(({ id, word }) => ({ id, word: word?.word ?? proposedOf(id)?.word, isOwn: word !== undefined }))
  const byWord = groupBy(said, ({ word }) => word)
  const address = (column: string) =>
    `${href('/lineups/:application/word/:column', { application: application.id, column })}${judged.query}`
  return (
    <SaidList>
      {[...absoluteWords].reverse().map(({ key, label }) => {
        const those = byWord.get(key) ?? []
        if (those.length === 0) return null
        return (
          <li key={key}>
            <strong>{label}</strong>
            <span style={{ flex: '1 1 240px' }}>
              {those.slice(0, mostNamed).map(({ id, isOwn }, at) => (
                <span key={id}>
                  {at > 0 && ', '}
                  <Link to={address(id)}>{judged.nameOf(id)}</Link>
                  {isOwn && <Small>{` ${texts.ownWord}`}</Small>}
                </span>
              ))}
              {those.length > mostNamed && texts.andMore(those.length - mostNamed)}
            </span>
          </li>
        )
      })}
    </SaidList>
  )
}

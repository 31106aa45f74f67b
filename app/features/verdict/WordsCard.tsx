import { href, Link } from 'react-router'
import { formatProposedWord, wordLabel } from '#core/verdict/absolute-word.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { EvaluationView } from './useEvaluation.ts'
import { useProposedWords } from './useProposedWords.ts'

/** Each filter in a word: as the rules have it, and as the reviewer does. */
export function WordsCard({ judged }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const proposedOf = useProposedWords(judged)
  const columns = evaluation.columns.filter(({ id, revisionId }) => id === revisionId)
  if (columns.length === 0) return null
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.eachInAWord}</h2>
        <p>{texts.whatEachFilterIsWorthWith}</p>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.eachInAWord}>
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.product}</th>
                <th scope="col">{texts.byTheRules}</th>
                <th scope="col">{texts.toldBy}</th>
                <th scope="col">{texts.byTheReviewer}</th>
              </tr>
            </thead>
            <tbody>
              {columns.map(({ id, word }) => {
                const proposed = proposedOf(id)
                return (
                  <tr key={id}>
                    <td>
                      <Link
                        to={`${href('/lineups/:application/word/:column', { application: application.id, column: id })}${judged.query}`}
                      >
                        {judged.nameOf(id)}
                      </Link>
                    </td>
                    <td>
                      {proposed ? formatProposedWord(proposed) : texts.nothingKnown}{' '}
                      <Small>{proposed?.grounds.slice(-1)[0]}</Small>
                    </td>
                    <td>
                      <Link
                        to={href('/lineups/:application/counter/:column', { application: application.id, column: id })}
                        aria-label={texts.howIsToldAtTheCounter(judged.nameOf(id))}
                      >
                        {texts.counter}
                      </Link>
                    </td>
                    <td>
                      {word ? <strong>{wordLabel(word.word)}</strong> : <Small>{texts.notSaidYet}</Small>}
                      {word?.condition && <Small> {word.condition}</Small>}
                      {word && !word.isPublished && <Small>{` ${texts.notPublished}`}</Small>}
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </Table>
        </div>
      </Stack>
    </Card>
  )
}

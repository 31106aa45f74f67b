import { href, Link } from 'react-router'
import { formatProposedWord, wordLabel } from '#core/verdict/absolute-word.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
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
        <h2>Each in a word</h2>
        <p>What each filter is worth with nothing beside it. The rules propose, the reviewer decides; both are kept.</p>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Each in a word">
          <Table>
            <thead>
              <tr>
                <th scope="col">Product</th>
                <th scope="col">By the rules</th>
                <th scope="col">Told by</th>
                <th scope="col">By the reviewer</th>
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
                      {proposed ? formatProposedWord(proposed) : 'nothing known'}{' '}
                      <Small>{proposed?.grounds.slice(-1)[0]}</Small>
                    </td>
                    <td>
                      <Link
                        to={href('/lineups/:application/counter/:column', { application: application.id, column: id })}
                        aria-label={`How ${judged.nameOf(id)} is told at the counter`}
                      >
                        counter
                      </Link>
                    </td>
                    <td>
                      {word ? <strong>{wordLabel(word.word)}</strong> : <Small>not said yet</Small>}
                      {word?.condition && <Small> {word.condition}</Small>}
                      {word && !word.isPublished && <Small> not published</Small>}
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

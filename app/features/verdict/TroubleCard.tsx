import { href, Link } from 'react-router'
import { byKey } from '#core/by-key.ts'
import { characteristicOf } from '#core/catalogue/index.ts'
import { engineTroubles, troubleWords, type TroubleAnswer } from '#core/figures/trouble.ts'
import { columnName } from '#app/data/column-name.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const answers: readonly TroubleAnswer[] = ['answers', 'does-not', 'not-looked-at']

/** What the engine is known for, and which filter answers it; what each was looked at for is one press away. */
export function TroubleCard() {
  const { application, evaluation } = useLineup()
  if (application.trouble === '') return null
  const { label, asks } = byKey(engineTroubles, application.trouble)
  const withAnswer = (answer: TroubleAnswer) => evaluation.columns.filter(({ trouble }) => trouble?.answer === answer)
  return (
    <Card>
      <Stack $gap={8}>
        <h2>{texts.theEngine(label.toLowerCase())}</h2>
        <p>{texts.itAsksForThisComesBefore(asks)}</p>
        {answers.map((answer) => {
          const those = withAnswer(answer)
          if (those.length === 0) return null
          return (
            <p key={answer}>
              <strong>{troubleWords[answer]}:</strong> {those.map(columnName).join(', ')}
            </p>
          )
        })}
        <details>
          <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.whatEachWasLookedAtFor}</summary>
          <ChecksTable columns={evaluation.columns} />
        </details>
      </Stack>
    </Card>
  )
}

const ChecksTable = ({ columns }: { columns: readonly EvaluatedColumn[] }) => (
  <Table>
    <tbody>
      {columns.map((column) => (
        <tr key={column.id}>
          <td>{columnName(column)}</td>
          <td>
            {(column.trouble?.checks ?? []).map((check, at) => (
              <Small key={check.key}>
                {at > 0 && ' · '}
                <Link to={`${href('/bench/:specimen', { specimen: column.specimenId })}?at=${check.key}`}>
                  {characteristicOf(check.key).label.toLowerCase()}
                </Link>
                : {troubleWords[check.answer]}
              </Small>
            ))}
          </td>
        </tr>
      ))}
    </tbody>
  </Table>
)

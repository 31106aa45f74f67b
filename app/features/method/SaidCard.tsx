import { characteristicOf } from '#core/catalogue/index.ts'
import { comparisonRules, saidBackOfComparison } from '#core/compare/comparison-rules.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { saidRules, togetherText, type SaidRule } from '#core/teardown/said-rules.ts'
import * as texts from '#app/texts/method.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** What a reading may be said in, and what each word allows. */
export function SaidCard() {
  return (
    <Card id="said">
      <Stack $gap={10}>
        <h2>{texts.readingsAsPeopleSayThem}</h2>
        <p>{texts.notEveryReadingIsReadOff}</p>
        <WordsTable
          name="Words and what they allow"
          rows={saidRules.map((rule) => ({ ...rule, example: rule.example.said, saidBack: saidBackOf(rule) }))}
        />
        <p>{togetherText}</p>
        <p>{texts.atTheBenchASemicolonOpens}</p>
        <h3>{texts.oneFilterBesideAnother}</h3>
        <p>{texts.theFaceOffTakesWhatWas}</p>
        <WordsTable
          name="Words of one beside another"
          rows={comparisonRules.map((rule) => ({ ...rule, saidBack: saidBackOfComparison(rule.example) }))}
        />
        <Small>{texts.commonPracticeNoPublishedSource}</Small>
      </Stack>
    </Card>
  )
}

interface WordsProps {
  name: string
  rows: readonly { words: string; allows: string; example: string; saidBack: string }[]
}

const WordsTable = ({ name, rows }: WordsProps) => (
  <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={name}>
    <Table>
      <thead>
        <tr>
          <th scope="col">{texts.words}</th>
          <th scope="col">{texts.allow}</th>
          <th scope="col">{texts.forInstance}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ words, allows, example, saidBack }) => (
          <tr key={words}>
            <td style={{ width: '34%' }}>{words}</td>
            <td style={{ width: '34%' }}>{allows}</td>
            <td>
              “{example}” <Small>{saidBack}</Small>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  </div>
)

function saidBackOf({ example: { characteristic, said } }: SaidRule): string {
  const entry = parseEntry(characteristicOf(characteristic), { text: said })
  return entry.ok ? `${characteristicOf(characteristic).label}: ${entry.value.saidBack ?? ''}` : entry.problem.message
}

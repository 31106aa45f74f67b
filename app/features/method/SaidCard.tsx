import { characteristicOf } from '#core/catalogue/index.ts'
import { comparisonRules, saidBackOfComparison } from '#core/compare/comparison-rules.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { saidRules, togetherText, type SaidRule } from '#core/teardown/said-rules.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** What a reading may be said in, and what each word allows. */
export function SaidCard() {
  return (
    <Card id="said">
      <Stack $gap={10}>
        <h2>Readings as people say them</h2>
        <p>
          Not every reading is read off a display. What is said roughly is taken with the width that its words have, and
          is said back before it is taken; it counts for as long as nothing was read sharply.
        </p>
        <WordsTable
          name="Words and what they allow"
          rows={saidRules.map((rule) => ({ ...rule, example: rule.example.said, saidBack: saidBackOf(rule) }))}
        />
        <p>{togetherText}</p>
        <p>
          At the bench a semicolon opens a line for several readings: wall .49 .50 .49 · turns 4.5 · holes 8x5.8 ·
          thread end bypass · about 300 g. Pieces are parted by dots, semicolons, bars or line ends; each has the name
          of what it is of before or behind its value, or is an answer or an amount that says so by itself. What each
          became is shown before it is taken; what may be of several things is asked.
        </p>
        <h3>One filter beside another</h3>
        <p>
          The face-off takes what was compared without a number for each. It fills what is missing beside what is known;
          an order binds the draws of both, in proportion to the chance that two units would be as was said.
        </p>
        <WordsTable
          name="Words of one beside another"
          rows={comparisonRules.map((rule) => ({ ...rule, saidBack: saidBackOfComparison(rule.example) }))}
        />
        <Small>Common practice, no published source.</Small>
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
          <th scope="col">Words</th>
          <th scope="col">Allow</th>
          <th scope="col">For instance</th>
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

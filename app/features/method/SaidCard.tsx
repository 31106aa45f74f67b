import { characteristicOf } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { saidRules, type SaidRule } from '#core/teardown/said-rules.ts'
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
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Words and what they allow">
          <Table>
            <thead>
              <tr>
                <th scope="col">Words</th>
                <th scope="col">Allow</th>
                <th scope="col">For instance</th>
              </tr>
            </thead>
            <tbody>
              {saidRules.map((rule) => (
                <tr key={rule.words}>
                  <td style={{ width: '34%' }}>{rule.words}</td>
                  <td style={{ width: '34%' }}>{rule.allows}</td>
                  <td>
                    “{rule.example.said}” <Small>{saidBackOf(rule)}</Small>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
        <p>
          At the bench a semicolon opens a line for several readings: wall .49 .50 .49 · turns 4.5 · holes 8x5.8 ·
          thread end bypass · about 300 g. Pieces are parted by dots, semicolons, bars or line ends; each has the name
          of what it is of before or behind its value, or is an answer or an amount that says so by itself. What each
          became is shown before it is taken; what may be of several things is asked.
        </p>
        <Small>Common practice, no published source.</Small>
      </Stack>
    </Card>
  )
}

function saidBackOf({ example: { characteristic, said } }: SaidRule): string {
  const entry = parseEntry(characteristicOf(characteristic), { text: said })
  return entry.ok ? `${characteristicOf(characteristic).label}: ${entry.value.saidBack ?? ''}` : entry.problem.message
}

import { kinEvidence, kinMethod } from '#core/kin/kin-method.ts'
import * as texts from '#app/texts/method.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** How it is judged which filters share parts. */
export const KinCard = () => (
  <Card id="kin">
    <Stack>
      <h2>{texts.kin}</h2>
      {kinMethod.map((paragraph) => (
        <p key={paragraph}>{paragraph}</p>
      ))}
      <Table aria-label={texts.whatSpeaksOfEachPart}>
        <thead>
          <tr>
            <th scope="col">{texts.part}</th>
            <th scope="col">{texts.whatSpeaksOfItWhatGoes}</th>
          </tr>
        </thead>
        <tbody>
          {kinEvidence().map(({ part, groups }) => (
            <tr key={part}>
              <th scope="row">{part}</th>
              <td>{groups}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Stack>
  </Card>
)

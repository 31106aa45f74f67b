import { kinEvidence, kinMethod } from '#core/kin/kin-method.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** How it is judged which filters share parts. */
export const KinCard = () => (
  <Card id="kin">
    <Stack>
      <h2>Kin</h2>
      {kinMethod.map((paragraph) => (
        <p key={paragraph}>{paragraph}</p>
      ))}
      <Table aria-label="What speaks of each part">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">What speaks of it; what goes together stands with a plus</th>
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

import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { CalibrationChart, calibrationPoint, type Tenth } from './CalibrationChart.tsx'

interface Props {
  findings: readonly { what: string; found: string; must: string; holds: boolean }[]
  calibration: readonly Tenth[]
  seed: number
}

/** Whether the verdict keeps its word: what the simulation found. */
export function CalibrationCard({ findings, calibration, seed }: Props) {
  return (
    <Card>
      <Stack $gap={12}>
        <h2>Does it keep its word?</h2>
        <p>
          Markets are made up in which it is known who is best. Made-up reviewers read them with instruments that are
          off, mistake answers and leave things out; then the verdict is asked. A chance of 70 % should come true 70
          times of 100: then its point lies on the broken line. The upright strokes say how well so many cases can tell.
        </p>
        <CalibrationChart calibration={calibration} />
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Chances said and come true">
          <Table>
            <thead>
              <tr>
                <th scope="col">Said</th>
                <th scope="col">Came true</th>
                <th scope="col">Of so many</th>
              </tr>
            </thead>
            <tbody>
              {calibration
                .filter(({ count }) => count > 0)
                .map((tenth, at) => {
                  const { said, came } = calibrationPoint(tenth)
                  return (
                    <tr key={at}>
                      <td>{said.toFixed(0)} %</td>
                      <td>{came.toFixed(0)} %</td>
                      <td>{tenth.count}</td>
                    </tr>
                  )
                })}
            </tbody>
          </Table>
        </div>
        <h3>All that was tried</h3>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="What the simulation found">
          <Table>
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col">Found</th>
                <th scope="col">Must be</th>
                <th scope="col">Holds</th>
              </tr>
            </thead>
            <tbody>
              {findings.map(({ what, found, must, holds }) => (
                <tr key={what}>
                  <td>{what}</td>
                  <td>{found}</td>
                  <td>{must}</td>
                  <td>{holds ? 'yes' : 'no'}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
        <Small>
          Anybody can run it again: npm run simulate, seed {seed}. Two standard errors of the sample are granted, three
          to the worst of ten tenths.
        </Small>
      </Stack>
    </Card>
  )
}

import * as texts from '#app/texts/method.ts'
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
        <h2>{texts.doesItKeepItsWord}</h2>
        <p>{texts.marketsAreMadeUpInWhich}</p>
        <CalibrationChart calibration={calibration} />
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.chancesSaidAndComeTrue}>
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.said}</th>
                <th scope="col">{texts.cameTrue}</th>
                <th scope="col">{texts.ofSoMany}</th>
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
        <h3>{texts.allThatWasTried}</h3>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.whatTheSimulationFound}>
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.what}</th>
                <th scope="col">{texts.found}</th>
                <th scope="col">{texts.mustBe}</th>
                <th scope="col">{texts.holds}</th>
              </tr>
            </thead>
            <tbody>
              {findings.map(({ what, found, must, holds }) => (
                <tr key={what}>
                  <td>{what}</td>
                  <td>{found}</td>
                  <td>{must}</td>
                  <td>{holds ? texts.yes : texts.no}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
        <Small>{texts.anybodyCanRunItAgainNpm(seed)}</Small>
      </Stack>
    </Card>
  )
}

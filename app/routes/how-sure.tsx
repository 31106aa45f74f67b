import { href, Link } from 'react-router'
import { doubtSources } from '#core/verdict/doubt.ts'
import { simulationResults } from '#app/data/simulation-results.server.ts'
import { CalibrationCard } from '#app/features/method/CalibrationCard.tsx'
import * as texts from '#app/texts/how-sure.ts'
import { Card, Caution, Page, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/how-sure'

export const meta: Route.MetaFunction = () => [{ title: texts.howSureTitle }]

export const loader = () => simulationResults()

const words = [
  ['wins', texts.itIsFirstInAtLeast],
  ['leads', texts.itIsFirstInAtLeast80Of],
  [texts.tooCloseToCall, texts.noOneReaches80ThoseAre],
  ['behind', texts.whoeverStandsBehindAllThatAre],
] as const

const doubts = [
  [doubtSources.open, texts.aCriterionThatNobodyHasLooked],
  [doubtSources.mistaken, texts.siliconeTakenForNitrileAFault],
  [doubtSources.units, texts.theNextOneFromTheShelf],
  [doubtSources.reading, texts.resolutionAccuracyAndTheHandWhat],
  [doubtSources.inferred, texts.whatIsConcludedFromLooksIs],
  [doubtSources.claims, texts.aClaimBoundsWhatIsSo],
] as const

export default function HowSure({ loaderData: { findings, calibration, seed } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={6}>
        <h1>{texts.howSure}</h1>
        <p>{texts.aVerdictIsNoBetterThan}</p>
      </Stack>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.theWords}</h2>
          <Table>
            <tbody>
              {words.map(([word, meaning]) => (
                <tr key={word}>
                  <th scope="row" style={{ width: '20%' }}>
                    {word}
                  </th>
                  <td>{meaning}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          <p>{texts.theSameRuleDecidesOnEvery}</p>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.whatIsDrawn}</h2>
          <Table>
            <tbody>
              {doubts.map(([doubt, meaning]) => (
                <tr key={doubt}>
                  <th scope="row" style={{ width: '28%' }}>
                    {doubt}
                  </th>
                  <td>{meaning}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          <p>
            {texts.openAScoreOnTheVerdict} <Link to={href('/method')}>{texts.method}</Link>.
          </p>
        </Stack>
      </Card>
      <CalibrationCard findings={findings} calibration={calibration} seed={seed} />
      <Caution>{texts.sureOfConstructionAndValueBy}</Caution>
    </Page>
  )
}

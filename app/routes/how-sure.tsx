import { href, Link } from 'react-router'
import { doubtSources } from '#core/verdict/doubt.ts'
import { simulationResults } from '#app/data/simulation-results.server.ts'
import { CalibrationCard } from '#app/features/method/CalibrationCard.tsx'
import { Card, Caution, Page, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/how-sure'

export const meta: Route.MetaFunction = () => [{ title: 'How sure · Plicator' }]

export const loader = () => simulationResults()

const words = [
  ['wins', 'It is first in at least 95 of 100 draws. Say it on camera.'],
  ['leads', 'It is first in at least 80 of 100 draws. Say it, and say that it may yet be another.'],
  ['too close to call', 'No one reaches 80: those are named that together do, the likeliest first, four at most.'],
  ['behind', 'Whoever stands behind all that are named.'],
] as const

const doubts = [
  [doubtSources.open, 'A criterion that nobody has looked at yet is drawn from what such filters have.'],
  [doubtSources.mistaken, 'Silicone taken for nitrile, a fault that is none: each answer has a small stated chance.'],
  [doubtSources.units, 'The next one from the shelf is not the one that was cut open.'],
  [
    doubtSources.reading,
    'Resolution, accuracy and the hand: what the instrument is off by is shared by all it measured.',
  ],
  [doubtSources.inferred, 'What is concluded from looks is right about half of the time, and else like such filters.'],
  [doubtSources.claims, 'A claim bounds what is so, and a price is another one tomorrow.'],
] as const

export default function HowSure({ loaderData: { findings, calibration, seed } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={6}>
        <h1>How sure</h1>
        <p>
          A verdict is no better than what it rests on. So Plicator does not ask which filter has the highest score; it
          asks how often each would have it, if all that is not known for sure were drawn again and again. That share is
          the percentage beside each name.
        </p>
      </Stack>
      <Card>
        <Stack $gap={10}>
          <h2>The words</h2>
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
          <p>The same rule decides on every page, in every file that is saved, and in every published verdict.</p>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>What is drawn</h2>
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
            Open a score on the verdict to see which of these makes it unsure, and by how much. The rules with their
            sources stand under <Link to={href('/method')}>Method</Link>.
          </p>
        </Stack>
      </Card>
      <CalibrationCard findings={findings} calibration={calibration} seed={seed} />
      <Caution>
        Sure of construction and value, by the weights of a school; it is no filtration test, and no number of draws
        makes it one. The engine maker&apos;s manual comes first.
      </Caution>
    </Page>
  )
}

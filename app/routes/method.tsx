import { catalogue, noReturn, optionsOf, partLabel, parts, stations } from '#core/catalogue/index.ts'
import { sayNumber } from '#core/compare/display.ts'
import { figures } from '#core/figures/index.ts'
import { groupLabel } from '#core/score/criterion.ts'
import { schemeOf } from '#core/score/scheme.ts'
import { vetoCap } from '#core/score/score.ts'
import { sayRule } from '#core/score/say-rule.ts'
import { currentMethod } from '#app/data/schools.server.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Caution, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/method'

export const meta: Route.MetaFunction = () => [{ title: 'Method · Plicator' }]

export const loader = async () => ({ method: await currentMethod() })

export default function MethodPage({ loaderData: { method } }: Route.ComponentProps) {
  const criteria = schemeOf(method)
  const { units: system } = usePreferences()
  return (
    <Page>
      <Stack $gap={6}>
        <h1>Method</h1>
        <p>
          What is measured and how, what is worked out from it, and how it is judged. Where no source is named it is
          common practice of the trade, with no published source.
        </p>
        <p>
          Version {method.version}: {method.note}. <a href="#figures">Figures</a> ·{' '}
          <a href="#score">Construction score</a> · <a href="#catalogue">What is recorded</a>
        </p>
      </Stack>
      <Caution>
        The score judges construction and value. It is no filtration test; efficiency, capacity and burst figures are
        the makers&apos; claims or estimates.
      </Caution>
      <Card id="figures">
        <Stack>
          <h2>Figures</h2>
          <Table>
            <thead>
              <tr>
                <th>Figure</th>
                <th>Formula</th>
                <th>Why</th>
                <th>Source</th>
              </tr>
            </thead>
            <tbody>
              {figures.map(({ key, label, part, formula, why, source, assumptions }) => (
                <tr key={key}>
                  <td>
                    {label}
                    <br />
                    <Small>{partLabel(part)}</Small>
                  </td>
                  <td>
                    {formula}
                    {assumptions.length > 0 && (
                      <>
                        <br />
                        <Small>{assumptions.join(' ')}</Small>
                      </>
                    )}
                  </td>
                  <td>{why}</td>
                  <td>{source}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          <p>
            <Soft>
              Uncertainty: repeats by their spread (type A, widened by Student&apos;s t), instruments by resolution and
              accuracy, soft and uneven parts by what they give in the hand (type B, rectangular), carried through every
              formula to first order, stated for about 95 % (k = 2). Source: JCGM 100:2008. Best and worst in a line-up
              are marked only beyond it.
            </Soft>
          </p>
        </Stack>
      </Card>
      <Card id="score">
        <Stack>
          <Row $between>
            <h2>Score</h2>
            <Row $gap={8}>
              <ButtonLink to="/schools">Schools</ButtonLink>
              <ButtonLink to="/method/edit">Change the method</ButtonLink>
            </Row>
          </Row>
          <p>
            These weights are those of the construction score, the school "Build first"; a criterion with weight 0 is
            counted by some schools only. Inferred evidence bears half its weight, the other half stays open. What an
            engine cannot take is excluded. Ranks are drawn by stochastic acceptability analysis (SMAA-2, Lahdelma and
            Salminen 2001).
          </p>
          <p>
            Each criterion gives 0 to 10 points; the score is their mean weighted as below, times ten. What is missing
            widens the score and never counts as zero. What a filter cannot have is left out. A fault that ends the
            discussion caps the score at {vetoCap}:{' '}
            {catalogue.flatMap((c) => (c.kind === 'fault' && c.ends ? [c.ends] : [])).join('; ')}.
          </p>
          <Table>
            <thead>
              <tr>
                <th>Criterion</th>
                <th>Weight</th>
                <th>Points</th>
                <th>Because</th>
              </tr>
            </thead>
            <tbody>
              {criteria.map((criterion) => (
                <tr key={criterion.key}>
                  <td>
                    {criterion.label}
                    <br />
                    <Small>{groupLabel(criterion.part)}</Small>
                  </td>
                  <td>{criterion.weight}</td>
                  <td>{sayRule(criterion, system)}</td>
                  <td>{criterion.because}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </Stack>
      </Card>
      <Card id="catalogue">
        <Stack>
          <h2>What is recorded</h2>
          {stations.map((station) => (
            <Stack key={station.key} $gap={4}>
              <h3>{station.label}</h3>
              <Table>
                <tbody>
                  {catalogue
                    .filter((c) => c.station === station.key)
                    .map((c) => (
                      <tr key={c.key}>
                        <td style={{ width: '22%' }}>
                          {c.label}
                          <br />
                          <Small>{parts.find(({ key }) => key === c.part)!.label}</Small>
                        </td>
                        <td>
                          {c.how}
                          {optionsOf(c).length > 0 && (
                            <>
                              <br />
                              <Small>
                                {optionsOf(c)
                                  .map(({ label, says }) => (c.kind === 'grade' ? `${label} ${says}` : label))
                                  .join(' · ')}
                              </Small>
                            </>
                          )}
                          {'typical' in c && (
                            <>
                              <br />
                              <Small>
                                Typical: {sayNumber(c, c.typical[0], system)} to {sayNumber(c, c.typical[1], system)}
                              </Small>
                            </>
                          )}
                        </td>
                        <td>{c.why}</td>
                        <td>
                          <Small>{c.lostAfter === 'wrap' ? '' : `lost after ${noReturn(c.lostAfter).label}`}</Small>
                        </td>
                      </tr>
                    ))}
                </tbody>
              </Table>
            </Stack>
          ))}
        </Stack>
      </Card>
    </Page>
  )
}

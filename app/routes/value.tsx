import { Link } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf, findCharacteristic, type Characteristic } from '#core/catalogue/index.ts'
import { sayUncertain, sayValue } from '#core/compare/display.ts'
import { spreadWords, unitSpread, type UnitSpread } from '#core/compare/unit-spread.ts'
import { findFigure, type Figure } from '#core/figures/index.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { assessSpecimen, assessSpecimens } from '#app/data/assessments.server.ts'
import { librarySpreads } from '#app/data/lineup.server.ts'
import { listReadings } from '#app/data/readings.server.ts'
import { findSpecimen, listSpecimensOf, type Specimen } from '#app/data/specimens.server.ts'
import type { BudgetLine } from '#app/features/specimen/budget.ts'
import { plainFigure, plainResolved, type PlainFigure, type PlainResolved } from '#app/features/specimen/plain.ts'
import { FormulaInNumbers } from '#app/features/specimen/FormulaInNumbers.tsx'
import { ReadingsTable } from '#app/features/specimen/ReadingsTable.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Alert, Caution, Card, Page, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Table } from '#app/ui/Table.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import type { Route } from './+types/value'
import { found, notFound } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.label ?? 'Value'} · Plicator` }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const [{ known, figures }, siblings, spreads] = await Promise.all([
    assessSpecimen(specimen),
    listSpecimensOf(specimen.product),
    librarySpreads(),
  ])
  const others = await assessSpecimens(siblings.filter(({ revision }) => revision === specimen.revision))
  const values = others.flatMap(({ assessment }) => {
    const figure = assessment.figures.get(params.key)
    const number = figure?.state === 'known' ? figure.number : assessment.known.get(params.key)?.number
    return number ? [number.value] : []
  })
  const spread = unitSpread(values, spreads.get(params.key))
  const figure = findFigure(params.key)
  const characteristic = findCharacteristic(params.key)
  if (figure?.forms.includes(specimen.form)) {
    const result = figures.get(figure.key)!
    return {
      kind: 'figure' as const,
      key: figure.key,
      label: figure.label,
      specimen,
      spread,
      result: plainFigure(result),
      inputs: figure.needs.flatMap((key) => (known.has(key) ? [plainResolved(known.get(key)!)] : [])),
    }
  }
  if (characteristic?.forms.includes(specimen.form)) {
    const readings = (await listReadings(specimen.id)).filter(
      (reading) => reading.characteristic === characteristic.key,
    )
    const resolved = known.get(characteristic.key)
    return {
      kind: 'characteristic' as const,
      key: characteristic.key,
      label: characteristic.label,
      specimen,
      spread,
      readings,
      resolved: resolved && plainResolved(resolved),
    }
  }
  return notFound('This characteristic or figure')
}

export default function ValuePage({ loaderData }: Route.ComponentProps) {
  const { specimen, label } = loaderData
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{label}</h1>
      </Stack>
      {loaderData.kind === 'figure' ? (
        <FigureView
          figure={findFigure(loaderData.key)!}
          specimen={specimen}
          spread={loaderData.spread}
          result={loaderData.result}
          inputs={loaderData.inputs}
        />
      ) : (
        <CharacteristicView
          characteristic={characteristicOf(loaderData.key)}
          specimen={specimen}
          spread={loaderData.spread}
          readings={loaderData.readings}
          resolved={loaderData.resolved}
        />
      )}
    </Page>
  )
}

const sayUnits = ({ relative, from }: UnitSpread): string =>
  `Other units of the product: ± ${(200 * relative).toFixed(1)} %, ${spreadWords[from]}.`

const Large = styled.p`
  font: 600 56px/1 var(--label);
`

function FigureView({
  figure,
  specimen,
  spread,
  result,
  inputs,
}: {
  figure: Figure
  specimen: Specimen
  spread: UnitSpread
  result: PlainFigure
  inputs: PlainResolved[]
}) {
  const { units: system } = usePreferences()
  return (
    <>
      <Card>
        <Stack>
          {result.state === 'known' && (
            <>
              <Large>{sayUncertain(figure, result.value, result.u, system)}</Large>
              {result.remark && <p>{result.remark}</p>}
              <Small>
                Rests on what is <EvidenceGlyph evidence={result.evidence} word /> at worst.{' '}
                {result.u > 0 && `The range is about 95 % (k = 2), for this specimen. ${sayUnits(spread)}`}
              </Small>
            </>
          )}
          {result.state === 'impossible' && <Alert>{result.message}. One of the readings below must be wrong.</Alert>}
          {result.state === 'not-applicable' && <Caution>Not worked out here, since {result.reason}.</Caution>}
          {result.state === 'missing' && (
            <Caution>
              Not known yet. Still to record:{' '}
              {result.missing.map((key, index) => (
                <span key={key}>
                  {index > 0 && ', '}
                  <Link to={`/bench/${specimen.id}?at=${key}`}>{characteristicOf(key).label}</Link>
                </span>
              ))}
              {result.missing.length > 0 && result.unsaid.length > 0 && ', '}
              {result.unsaid.length > 0 && (
                <Link to={`/lineups/${specimen.application}/edit`}>{result.unsaid.join(', ')}</Link>
              )}
              .
            </Caution>
          )}
          <p>{figure.why}</p>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>Formula</h2>
          <FormulaInNumbers figure={figure} inputs={inputs} />
          {figure.assumptions.length > 0 && <p>Assumed: {figure.assumptions.join(' ')}</p>}
          <Small>Source: {figure.source}.</Small>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>Made of</h2>
          <Inputs inputs={inputs} specimen={specimen.id} />
        </Stack>
      </Card>
      {result.state === 'known' && result.budget.length > 0 && (
        <Card>
          <Stack>
            <h2>Where its doubt comes from</h2>
            <Budget lines={result.budget} />
          </Stack>
        </Card>
      )}
    </>
  )
}

function Inputs({ inputs, specimen }: { inputs: PlainResolved[]; specimen: string }) {
  const { units: system } = usePreferences()
  if (inputs.length === 0) return <Soft>Nothing of it is recorded yet.</Soft>
  return (
    <Table>
      <tbody>
        {inputs.map((input) => {
          const characteristic = characteristicOf(input.key)
          return (
            <tr key={input.key}>
              <td>
                <Link to={`/specimens/${specimen}/values/${input.key}`}>{characteristic.label}</Link>
              </td>
              <td>
                {input.number
                  ? sayUncertain(characteristic, input.number.value, input.number.u, system)
                  : sayValue(characteristic, { text: input.text, groups: input.groups }, system)}
              </td>
              <td>
                <EvidenceGlyph evidence={input.evidence} word />
              </td>
              <td>
                {input.readings} {input.readings === 1 ? 'reading' : 'readings'}
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}

const Bar = styled.div`
  height: 14px;
  background: var(--line);
  border-radius: 3px;
  overflow: hidden;
  > div {
    height: 100%;
    background: var(--green);
  }
`

function Budget({ lines }: { lines: BudgetLine[] }) {
  return (
    <>
      <p>
        <Soft>
          Measure {characteristicOf(lines[0]!.key).label.toLowerCase()} better and the figure gets sharper first.
        </Soft>
      </p>
      <Table>
        <tbody>
          {lines.map(({ key, share }) => (
            <tr key={key}>
              <td style={{ width: '26%' }}>{characteristicOf(key).label}</td>
              <td>
                <Bar aria-hidden>
                  <div style={{ width: `${share * 100}%` }} />
                </Bar>
              </td>
              <td style={{ width: '8%' }}>{Math.round(share * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  )
}

function CharacteristicView({
  characteristic,
  specimen,
  spread,
  readings,
  resolved,
}: {
  characteristic: Characteristic
  specimen: Specimen
  spread: UnitSpread
  readings: Reading[]
  resolved: PlainResolved | undefined
}) {
  const { units: system } = usePreferences()
  return (
    <>
      <Card>
        <Stack>
          {resolved ? (
            <Large>
              {resolved.number
                ? sayUncertain(characteristic, resolved.number.value, resolved.number.u, system)
                : sayValue(characteristic, { text: resolved.text, groups: resolved.groups }, system)}
            </Large>
          ) : (
            <Caution>
              Missing. <Link to={`/bench/${specimen.id}?at=${characteristic.key}`}>Record it on the bench</Link>.
            </Caution>
          )}
          {resolved && (
            <Small>
              <EvidenceGlyph evidence={resolved.evidence} word />, from {resolved.readings}{' '}
              {resolved.readings === 1 ? 'reading' : 'readings'}
              {resolved.disagree && '; they do not agree, take another'}.{' '}
              {resolved.number && resolved.number.u > 0 && sayUnits(spread)}
            </Small>
          )}
          <p>{characteristic.how}</p>
          <p>
            <Soft>Why: </Soft>
            {characteristic.why}
          </p>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>Readings</h2>
          <ReadingsTable characteristic={characteristic} readings={readings} outliers={resolved?.outliers ?? []} />
          <div>
            <Link to={`/bench/${specimen.id}?at=${characteristic.key}`}>To this reading on the bench</Link>
          </div>
        </Stack>
      </Card>
    </>
  )
}

import { href, Link } from 'react-router'
import { css, keyframes, styled } from 'styled-components'
import { partLabel } from '#core/catalogue/index.ts'
import { oilStates, oilWay, type OilState } from '#core/figures/oil-way.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { partCaptions } from '#core/figures/part-captions.ts'
import { drawingData } from '#app/drawing/data.ts'
import { OilWay } from '#app/drawing/OilWay.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import * as texts from '#app/texts/oil-way.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Card, Caution, Page, Row, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Route } from './+types/oil-way'
import { found } from './http.server.ts'

const flow = keyframes`
  to {
    stroke-dashoffset: -9;
  }
`

export const meta: Route.MetaFunction = () => [{ title: texts.howItWorksTitle }]

/** The oil moves only when somebody has asked for it, and never where motion is not wanted. */
const Flow = styled.div<{ $moves: boolean }>`
  @media (prefers-reduced-motion: no-preference) {
    .oil {
      stroke-dasharray: ${({ $moves }) => ($moves ? '6 3' : 'none')};
      animation: ${({ $moves }) =>
        $moves
          ? css`
              ${flow} 0.9s linear infinite
            `
          : 'none'};
    }
  }
`

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const { values } = await assessSpecimen(specimen)
  const captions: Partial<Record<string, string>> = partCaptions(values)
  const { parts, ...way } = oilWay(specimen.form, values)
  return {
    ...way,
    data: drawingData(specimen.form, values, specimen.sizeClass),
    parts: parts.map((one) => ({ ...one, has: captions[one.part] ?? '' })),
  }
}

export default function OilWayPage({ loaderData }: Route.ComponentProps) {
  const { data, bypass, drainBack, says, parts, beliefs } = loaderData
  const specimen = useSpecimen()
  const { get, set } = useAddress()
  const state: OilState = oilStates.find(({ key }) => key === get('state'))?.key ?? 'running'
  const moves = get('moves') === 'yes'
  const label = oilStates.find(({ key }) => key === state)?.label ?? ''
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{texts.howItWorks}</h1>
      </Stack>
      <Card>
        <Stack $gap={12}>
          <Row role="group" aria-label={texts.whatTheEngineDoes}>
            {oilStates.map((one) => (
              <Button
                key={one.key}
                aria-pressed={one.key === state}
                {...(one.key === state && { $kind: 'primary' as const })}
                onPress={() => set({ state: one.key })}
              >
                {one.label}
              </Button>
            ))}
            <Button $kind="quiet" aria-pressed={moves} onPress={() => set({ moves: moves ? '' : 'yes' })}>
              {moves ? texts.holdItStill : texts.letItFlow}
            </Button>
          </Row>
          <Flow $moves={moves}>
            <OilWay
              data={data}
              state={state}
              bypass={bypass}
              drains={drainBack === 'drains'}
              width={1100}
              height={430}
              title={`${label}: ${says[state]}`}
            />
          </Flow>
          <p aria-live="polite">{says[state]}</p>
          <Row>
            <ButtonLink
              to={`${href('/specimens/:specimen/oil-way.svg', { specimen: specimen.id })}?state=${state}`}
              reloadDocument
            >
              {texts.saveThisPicture}
            </ButtonLink>
            <Small>{texts.amberIsOilAsItComes}</Small>
          </Row>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.eachPartAndItsJob}</h2>
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.part}</th>
                <th scope="col">{texts.itsJob}</th>
                <th scope="col">{texts.inThisOne}</th>
              </tr>
            </thead>
            <tbody>
              {parts.map(({ part, job, has }) => (
                <tr key={part}>
                  <td>{partLabel(part)}</td>
                  <td>{job}</td>
                  <td>{has || <Small>{texts.notLookedAt}</Small>}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.whatIsBelievedAndWhatIs}</h2>
          {beliefs.map(({ belief, answer }) => (
            <div key={belief}>
              <strong>“{belief}”</strong>
              <p>{answer}</p>
            </div>
          ))}
          <Caution>
            {texts.whichWayTheOilTakesIn}{' '}
            <Link to={href('/bench/:specimen', { specimen: specimen.id })}>{texts.toTheBench}</Link>
          </Caution>
        </Stack>
      </Card>
    </Page>
  )
}

import { href } from 'react-router'
import { z } from 'zod'
import type { AirControl } from '#core/review/on-air.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { driveAir } from '#app/data/on-air.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { controlFields } from '#app/features/review/control-fields.ts'
import { useAir } from '#app/features/review/useAir.ts'
import * as texts from '#app/texts/on-air.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import type { Route } from './+types/on-air-remote'
import { accepted, fieldsOf, found, parseFields } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.onAirTitle }]

const yes = z.enum(['yes', 'no']).transform((word) => word === 'yes')

/** What is not sent stays as it is: a phone and the keys of the picture may drive at once. */
const controlSchema = z.object({
  isHidden: yes.optional(),
  held: z.string().max(40).optional(),
  compares: yes.optional(),
  delay: z.coerce.number().int().min(0).max(60_000).optional(),
})

/** Drives the pictures of the engine. */
export async function action({ request, params }: Route.ActionArgs) {
  const { id } = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(controlSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  driveAir(id, parsed.value)
  return accepted()
}

const delays = [0, 2000, 5000, 10_000, 20_000]

/** What is over the camera's picture, and how it is driven: from here, from a phone, or by keys on the picture. */
export default function OnAirRemote() {
  const { application } = useLineup()
  const { bench, control, isConnected } = useAir(application.id)
  const { send, refusal } = useAction()
  const drive = (next: Partial<AirControl>) => send(controlFields(next))
  const readings = (bench?.readings ?? []).slice(-12).reverse()
  return (
    <Page>
      <LineupHead title={texts.onAir} subtitle={texts.aPictureToLayOverThe} />
      <Card>
        <Stack $gap={14}>
          <Row>
            <a href={href('/on-air/:application', { application: application.id })} target="plicator-on-air">
              {texts.openThePicture19201080}
            </a>
            <Small role="status">{isConnected ? texts.followsTheBench : texts.notConnectedItComesBackBy}</Small>
          </Row>
          <Row>
            <Button onPress={() => drive({ isHidden: !control.isHidden })}>
              {control.isHidden ? texts.show : texts.hide}
            </Button>
            <Button onPress={() => drive({ compares: !control.compares })}>
              {control.compares ? texts.theReadingAlone : texts.besideTheOthers}
            </Button>
            <Button onPress={() => drive({ held: '' })} isDisabled={control.held === ''}>
              {texts.followTheBench}
            </Button>
            <SelectMenu
              label={texts.delay}
              value={String(control.delay)}
              options={delays.map((ms) => ({ value: String(ms), label: ms === 0 ? 'none' : `${ms / 1000} s` }))}
              onPick={(ms) => drive({ delay: Number(ms) })}
            />
          </Row>
          <Small>{texts.keysOnThePictureSpaceHolds}</Small>
          <ErrorText role="alert">{refusal}</ErrorText>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={8}>
          <h2>{bench?.product ?? texts.theBench}</h2>
          {readings.length === 0 && <Soft>{texts.nothingWasReadForThisEngine}</Soft>}
          {readings.map(({ id, label, text, reservation }) => (
            <Row key={id} $between>
              <span>
                {label} <strong>{text}</strong>
                {reservation}
              </span>
              <Button onPress={() => drive({ held: id, isHidden: false })} isDisabled={control.held === id}>
                {control.held === id ? texts.held : texts.hold}
              </Button>
            </Row>
          ))}
        </Stack>
      </Card>
    </Page>
  )
}

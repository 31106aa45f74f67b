import { useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf, exhibitPartLabel, exhibitParts, type ExhibitPart } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { Exhibit as StoredExhibit } from '#app/data/exhibits.server.ts'
import { newId } from '#app/data/id.ts'
import type { DrawingData } from '#app/drawing/data.ts'
import { extentOf, PartView } from '#app/drawing/PartView.tsx'
import { useAction } from '#app/features/forms/useAction.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/face-off.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useJson } from '#app/ui/useJson.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'

interface Exhibit extends StoredExhibit {
  drawing: DrawingData
}

const Tray = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 14px;
  align-items: start;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    gap: 6px;
    justify-items: start;
    padding: 12px;
    border: 1px dashed var(--line-strong);
    border-radius: var(--radius);
    overflow-wrap: anywhere;
  }
`

/** Widest and highest that a part is drawn in the tray, pixels. */
const [widest, highest] = [230, 190]
/** So many values of a part are said. */
const mostValues = 6

/** Parts of other engines' filters beside the two that face each other: to be seen, and scored nowhere. */
export function TrayCard({ exhibits }: { exhibits: readonly Exhibit[] }) {
  const scale = Math.min(3, ...exhibits.map(({ drawing, part }) => scaleFor(drawing, part)))
  return (
    <Card>
      <Stack $gap={12}>
        <h2>{texts.trayPartsOfOtherEnginesFilters}</h2>
        <Soft>{texts.laidBesideToBeShownAll}</Soft>
        {exhibits.length > 0 && (
          <Tray aria-label={texts.inTheTray}>
            {exhibits.map((exhibit) => (
              <Laid key={exhibit.id} exhibit={exhibit} scale={scale} />
            ))}
          </Tray>
        )}
        <LayBeside />
      </Stack>
    </Card>
  )
}

function scaleFor(drawing: Exhibit['drawing'], part: ExhibitPart): number {
  const { along = 1, across = 1 } = extentOf(drawing, part) ?? {}
  return Math.min(widest / along, highest / across)
}

function Laid({ exhibit, scale }: { exhibit: Exhibit; scale: number }) {
  const { id, specimenId, part, note, name, engine, drawing, values } = exhibit
  const { units } = usePreferences()
  const { send, isIdle } = useAction()
  const title = texts.ofLabelOfExhibitPartLabel(exhibitPartLabel(part), name)
  return (
    <li>
      <Small>{texts.notScored}</Small>
      <strong>{exhibitPartLabel(part)}</strong>
      <span>
        <Link to={href('/bench/:specimen', { specimen: specimenId })}>{name}</Link>
        {texts.forLabel(engine)}
      </span>
      {extentOf(drawing, part) ? (
        <PartView data={drawing} part={part} scale={scale} title={title} />
      ) : (
        <Small>{texts.byItsReadingsThisFilterHas}</Small>
      )}
      {values.slice(0, mostValues).map(({ key, value }) => {
        const characteristic = characteristicOf(key)
        return (
          <Small key={key}>
            {characteristic.label}: {formatValue(characteristic, value, units)}
          </Small>
        )
      })}
      {values.length > mostValues && <Small>{texts.andMoreOnItsBench(values.length - mostValues)}</Small>}
      {note && <p>{note}</p>}
      <Button
        $kind="quiet"
        isDisabled={!isIdle}
        aria-label={texts.putBackOfTitle(title)}
        onPress={() => send({ intent: 'put-back', id })}
      >
        {texts.putBack}
      </Button>
    </li>
  )
}

function LayBeside() {
  const { application, applications } = useLineup()
  const others = applications.filter(({ id }) => id !== application.id)
  const { send, refusal, isIdle } = useAction()
  const [engine, setEngine] = useState('')
  const { data } = useJson<{ specimens: { id: string; name: string }[] }>(
    engine === '' ? undefined : href('/lineups/:application/exhibitable', { application: engine }),
  )
  const [specimen, setSpecimen] = useState('')
  const [part, setPart] = useState<string>('element')
  const [note, setNote] = useState('')
  if (others.length === 0) return <Soft>{texts.thereIsNoOtherEngineYet}</Soft>
  const specimens = data?.specimens ?? []
  const pickEngine = (id: string) => {
    setEngine(id)
    setSpecimen('')
  }
  const lay = () => {
    send({ intent: 'exhibit', id: newId(), specimen, part, note })
    setNote('')
  }
  return (
    <Stack $gap={8}>
      <Row style={{ flexWrap: 'wrap' }}>
        <SelectMenu
          label={texts.engine}
          value={engine}
          options={[{ value: '', label: 'choose' }, ...namedOptions(others)]}
          onPick={pickEngine}
        />
        <SelectMenu
          label={texts.filter}
          value={specimen}
          options={[
            { value: '', label: data && specimens.length === 0 ? texts.nothingRecorded : 'choose' },
            ...namedOptions(specimens),
          ]}
          onPick={setSpecimen}
        />
        <SelectMenu
          label={texts.part}
          value={part}
          options={exhibitParts.map(({ key, label }) => ({ value: key, label }))}
          onPick={setPart}
        />
      </Row>
      <Row style={{ flexWrap: 'wrap' }}>
        <InputBox
          aria-label={texts.whatItShows}
          placeholder={texts.whatItShowsTheSameValve}
          style={{ minWidth: 320, flex: 1 }}
          maxLength={200}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button isDisabled={specimen === '' || !isIdle} onPress={lay}>
          {texts.layItBeside}
        </Button>
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}

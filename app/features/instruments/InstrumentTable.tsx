import { href } from 'react-router'
import { formatQuantity } from '#core/quantity/format.ts'
import { instrumentKinds } from '#core/teardown/instrument.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/instruments.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Row, Small, Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { CheckForm } from './CheckForm.tsx'

interface Props {
  instruments: StoredInstrument[]
  onEdit: (instrument: StoredInstrument) => void
}

/** What is measured with, how it stands by its last check, and a check to take now. */
export function InstrumentTable({ instruments, onEdit }: Props) {
  if (instruments.length === 0) return <Soft>{texts.noneYetAddTheCaliperMicrometer}</Soft>
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{texts.instrument}</th>
          <th scope="col">{texts.showsTo}</th>
          <th scope="col">{texts.rightTo}</th>
          <th scope="col">{texts.atZeroShows}</th>
          <th scope="col">{texts.check}</th>
          <th scope="col">{texts.checkItNowAgainstAKnown}</th>
        </tr>
      </thead>
      <tbody>
        {instruments.map((instrument) => (
          <InstrumentRow key={instrument.id} instrument={instrument} onEdit={() => onEdit(instrument)} />
        ))}
      </tbody>
    </Table>
  )
}

function InstrumentRow({ instrument, onEdit }: { instrument: StoredInstrument; onEdit: () => void }) {
  const { send, refusal } = useAction()
  const { id, name, kind, isDefault, resolution, accuracy, zeroOffset, checks } = instrument
  const { units, label } = instrumentKinds[kind]
  const shown = (si: number) => formatQuantity(si, units[0], 3)
  const [latest] = checks
  return (
    <tr>
      <td>
        <strong>{name}</strong>
        <br />
        <Small>
          {label}
          {isDefault && texts.takenWhenNothingElseIsSaid2}
        </Small>
        <Row $gap={4} style={{ flexWrap: 'nowrap' }}>
          <Button $kind="quiet" onPress={onEdit} aria-label={texts.changeOfName(name)}>
            {texts.change}
          </Button>
          <ButtonLink
            $kind="quiet"
            to={href('/instruments/:instrument/study', { instrument: id })}
            aria-label={texts.studyYourHandWith(name)}
          >
            {texts.study}
          </ButtonLink>
          <Button $kind="quiet" onPress={() => send({ intent: 'remove', id })} aria-label={texts.removeOfName(name)}>
            {texts.remove}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </td>
      <td style={{ whiteSpace: 'nowrap' }}>{shown(resolution)}</td>
      <td style={{ whiteSpace: 'nowrap' }}>{shown(accuracy)}</td>
      <td>{zeroOffset === 0 ? '0' : `${zeroOffset > 0 ? '+' : '−'}${shown(Math.abs(zeroOffset))}`}</td>
      <td>
        {checkText(instrument)}
        {latest && (
          <>
            <br />
            <Small>
              {[latest.reference, texts.showed(shown(latest.referenceValue), shown(latest.indication))]
                .filter(Boolean)
                .join(': ')}
            </Small>
          </>
        )}
      </td>
      <td>
        <CheckForm key={checks.length} instrument={instrument} />
      </td>
    </tr>
  )
}

function checkText({ check, kind }: StoredInstrument): string {
  switch (check.state) {
    case 'never':
      return texts.neverChecked
    case 'overdue':
      return texts.overdueCheckedDaysAgo(check.days)
    case 'off':
      return [
        texts.offBy(formatQuantity(Math.abs(check.by), instrumentKinds[kind].units[0], 3)),
        check.by > 0 ? 'high' : 'low',
      ].join(' ')
    case 'sound':
      return check.days === 0 ? texts.soundCheckedToday : texts.soundCheckedDaysAgo(check.days)
  }
}

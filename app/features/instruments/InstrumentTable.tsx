import { href } from 'react-router'
import { formatCount, formatQuantity } from '#core/quantity/format.ts'
import { instrumentKinds } from '#core/teardown/instrument.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
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
  if (instruments.length === 0)
    return <Soft>None yet. Add the caliper, micrometer, tape and scale that lie on your bench.</Soft>
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Instrument</th>
          <th scope="col">Shows to</th>
          <th scope="col">Right to ±</th>
          <th scope="col">At zero shows</th>
          <th scope="col">Check</th>
          <th scope="col">Check it now against a known piece</th>
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
          {isDefault && ', taken when nothing else is said'}
        </Small>
        <Row $gap={4} style={{ flexWrap: 'nowrap' }}>
          <Button $kind="quiet" onPress={onEdit} aria-label={`Change ${name}`}>
            Change
          </Button>
          <ButtonLink
            $kind="quiet"
            to={href('/instruments/:instrument/study', { instrument: id })}
            aria-label={`Study your hand with ${name}`}
          >
            Study
          </ButtonLink>
          <Button $kind="quiet" onPress={() => send({ intent: 'remove', id })} aria-label={`Remove ${name}`}>
            Remove
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </td>
      <td>{shown(resolution)}</td>
      <td>{shown(accuracy)}</td>
      <td>{zeroOffset === 0 ? '0' : `${zeroOffset > 0 ? '+' : '−'}${shown(Math.abs(zeroOffset))}`}</td>
      <td>
        {checkText(instrument)}
        {latest && (
          <>
            <br />
            <Small>
              {[latest.reference, `${shown(latest.referenceValue)} showed ${shown(latest.indication)}`]
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
      return 'Never checked'
    case 'overdue':
      return `Overdue: checked ${formatCount(check.days, 'day')} ago`
    case 'off':
      return [
        `Off by ${formatQuantity(Math.abs(check.by), instrumentKinds[kind].units[0], 3)}`,
        check.by > 0 ? 'high' : 'low',
      ].join(' ')
    case 'sound':
      return check.days === 0 ? 'Sound, checked today' : `Sound, checked ${formatCount(check.days, 'day')} ago`
  }
}

import { getFormProps } from '@conform-to/react'
import { useCallback, useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { agenda, type When } from '#core/plan/agenda.ts'
import type { PlannedDay } from '#app/data/planned-days.server.ts'
import type { StoredPurchase } from '#app/data/purchases.server.ts'
import { plannedDaySchema } from '#app/features/forms/plan-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useFreshForm, type FreshForm } from '#app/features/forms/useFreshForm.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { Day } from '#app/ui/Day.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Alert, Card, FieldLine, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'

const Due = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    grid-template-columns: 110px minmax(0, 1fr) auto;
    gap: 12px;
    align-items: baseline;
    padding: 4px 0;
    border-bottom: 1px dotted var(--line-strong);
    overflow-wrap: anywhere;
  }
  li[data-done] > span {
    color: var(--ink-soft);
    text-decoration: line-through;
  }
`

const stretchNames: Record<When, string> = {
  past: 'Late',
  today: 'Today',
  week: 'Within a week',
  month: 'Within a month',
  later: 'Later',
}

interface Props {
  days: readonly PlannedDay[]
  purchases: readonly StoredPurchase[]
  engines: readonly { id: string; name: string }[]
  /** Id for the next day. */
  id: string
  today: string
}

/** A day of one's own, or one on which a parcel is expected. */
interface DueLine {
  key: string
  day: string
  words: string
  engine: { id: string; name: string } | undefined
  planned: PlannedDay | undefined
}

/** What falls on a day: what was planned, and parcels that are expected. */
export function DaysCard({ days, purchases, engines, id, today }: Props) {
  const { send, isIdle, isTaken, result: answer, refusal } = useAction()
  const [seen, see] = useState<unknown>()
  const onGone = useCallback(() => see(answer), [answer])
  const droppedDay = isTaken && answer !== seen ? (answer as { droppedDay?: string }).droppedDay : undefined
  const planned = days.map((one) => lineOfDay(one))
  const open = planned.filter((line) => line.planned?.doneAt === null)
  const done = planned.filter((line) => line.planned?.doneAt !== null)
  const stretches = agenda([...open, ...purchases.flatMap(lineOfParcel)], today)
  return (
    <Card aria-label="Days">
      <Stack>
        <h2>Days</h2>
        {stretches.length === 0 && done.length === 0 && (
          <Soft>
            Days on which something is to be done will stand here, with the parcels that are expected: a day to cut, to
            film, to publish. Add the first below.
          </Soft>
        )}
        {stretches.map(({ when, due }) => (
          <section key={when} aria-label={stretchNames[when]}>
            <h3>{stretchNames[when]}</h3>
            <Due>
              {due.map((line) => (
                <DueItem key={line.key} line={line} isIdle={isIdle} send={send} />
              ))}
            </Due>
          </section>
        ))}
        {done.length > 0 && (
          <section aria-label="Done this week">
            <h3>Done this week</h3>
            <Due>
              {done.map((line) => (
                <DueItem key={line.key} line={line} isIdle={isIdle} send={send} />
              ))}
            </Due>
          </section>
        )}
        {refusal && <Alert role="alert">{refusal}</Alert>}
        <div role="status">
          {droppedDay && (
            <UndoToast
              words="It is off the plan."
              onUndo={() => send({ intent: 'bring-day-back', id: droppedDay })}
              onGone={onGone}
            />
          )}
        </div>
        <DayForm id={id} today={today} engines={engines} />
      </Stack>
    </Card>
  )
}

const lineOfDay = (planned: PlannedDay): DueLine => ({
  key: planned.id,
  day: planned.day,
  words: planned.words,
  engine: planned.applicationId ? { id: planned.applicationId, name: planned.applicationName ?? '' } : undefined,
  planned,
})

const lineOfParcel = ({ id, brand, partNumber, count, shop, ...purchase }: StoredPurchase): DueLine[] =>
  purchase.expectedOn
    ? [
        {
          key: id,
          day: purchase.expectedOn,
          words: `${count} of ${brand} ${partNumber} ${shop ? `from ${shop} ` : ''}expected`,
          engine: { id: purchase.applicationId, name: purchase.applicationName },
          planned: undefined,
        },
      ]
    : []

interface ItemProps {
  line: DueLine
  isIdle: boolean
  send: (fields: { intent: string; id: string }) => void
}

function DueItem({ line: { day, words, engine, planned }, isIdle, send }: ItemProps) {
  const isDone = Boolean(planned?.doneAt)
  return (
    <li data-done={isDone || undefined}>
      <Day of={day} />
      <span>
        {words}{' '}
        {engine && (
          <Small>
            <Link to={href('/lineups/:application', { application: engine.id })}>{engine.name}</Link>
          </Small>
        )}
      </span>
      {planned && (
        <Row $gap={4}>
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={`${isDone ? 'Not done after all' : 'Done'}: ${words}`}
            onPress={() => send({ intent: isDone ? 'not-done' : 'done', id: planned.id })}
          >
            {isDone ? 'Not done' : 'Done'}
          </Button>
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={`Take off the plan: ${words}`}
            onPress={() => send({ intent: 'drop-day', id: planned.id })}
          >
            Take off
          </Button>
        </Row>
      )}
    </li>
  )
}

type FormProps = Pick<Props, 'id' | 'today' | 'engines'>

function DayForm({ id: newest, today, engines }: FormProps) {
  const fresh = useFreshForm(newest)
  return <DayFields key={fresh.id} today={today} engines={engines} {...fresh} />
}

function DayFields({ Form, id, refusal, today, engines }: FreshForm & Omit<FormProps, 'id'>) {
  const [form, fields] = useSchemaForm(plannedDaySchema, { result: refusal, values: { day: today } })
  return (
    <Form method="post" {...getFormProps(form)}>
      <Stack $gap={12}>
        {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
        <input type="hidden" name="intent" value="day" />
        <input type="hidden" name="id" value={id} />
        <FieldLine $columns="2fr 5fr 3fr">
          <TextBox field={fields.day} label="Day" type="date" />
          <TextBox field={fields.words} label="What is to be done" placeholder="cut the two new ones" />
          <SelectField
            field={fields.applicationId}
            label="For"
            options={[
              { value: '', label: 'no engine' },
              ...engines.map(({ id: value, name }) => ({ value, label: name })),
            ]}
          />
        </FieldLine>
        <div>
          <Button type="submit">Add the day</Button>
        </div>
      </Stack>
    </Form>
  )
}

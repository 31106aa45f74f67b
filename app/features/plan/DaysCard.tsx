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
import * as texts from '#app/texts/plan.ts'
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
  past: texts.late,
  today: texts.today,
  week: texts.withinAWeek,
  month: texts.withinAMonth,
  later: texts.later,
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
    <Card aria-label={texts.days}>
      <Stack>
        <h2>{texts.days}</h2>
        {stretches.length === 0 && done.length === 0 && <Soft>{texts.daysOnWhichSomethingIsTo}</Soft>}
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
          <section aria-label={texts.doneThisWeek}>
            <h3>{texts.doneThisWeek}</h3>
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
              words={texts.itIsOffThePlan}
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
          words: texts.ofExpected(count, brand, partNumber, shop ? texts.from(shop) : ''),
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
            aria-label={`${isDone ? texts.notDoneAfterAll : texts.done}: ${words}`}
            onPress={() => send({ intent: isDone ? 'not-done' : 'done', id: planned.id })}
          >
            {isDone ? texts.notDone : texts.done}
          </Button>
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={texts.takeOffThePlan(words)}
            onPress={() => send({ intent: 'drop-day', id: planned.id })}
          >
            {texts.takeOff}
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
          <TextBox field={fields.day} label={texts.day} type="date" />
          <TextBox field={fields.words} label={texts.whatIsToBeDone} placeholder={texts.cutTheTwoNewOnes} />
          <SelectField
            field={fields.applicationId}
            label={texts.forLabel}
            options={[
              { value: '', label: texts.noEngine },
              ...engines.map(({ id: value, name }) => ({ value, label: name })),
            ]}
          />
        </FieldLine>
        <div>
          <Button type="submit">{texts.addTheDay}</Button>
        </div>
      </Stack>
    </Form>
  )
}

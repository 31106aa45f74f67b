import { getFormProps } from '@conform-to/react'
import { useCallback, useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatMoney } from '#core/money/currency.ts'
import { purchaseState, purchaseTotals, type PurchaseState } from '#core/plan/purchase.ts'
import { formatCount } from '#core/quantity/format.ts'
import type { StoredPurchase } from '#app/data/purchases.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { wishSchema } from '#app/features/forms/plan-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useFreshForm, type FreshForm } from '#app/features/forms/useFreshForm.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { Day } from '#app/ui/Day.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Alert, Card, FieldLine, Row, Small, Soft, Stack, Unseen } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'

const Purchases = styled(Table)`
  th:nth-child(2),
  td:nth-child(2),
  th:nth-child(4),
  td:nth-child(4) {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  td:last-child {
    padding-right: 0;
    > div {
      justify-content: flex-end;
    }
    @media (min-width: 1000px) {
      width: 330px;
    }
  }
`

const stateWords: Record<PurchaseState, string> = { wanted: 'to order', ordered: 'ordered', arrived: 'arrived' }

/** What the last act came to. */
interface PurchaseDone {
  dropped?: { id: string; name: string }
  arrived?: { name: string; specimens: { id: string; label: string }[] }
}

interface Props {
  purchases: readonly StoredPurchase[]
  /** Id for the next wish. */
  id: string
  today: string
}

/** What is to be bought and what is on its way; what has arrived becomes specimens. */
export function PurchasesCard({ purchases, id, today }: Props) {
  const act = useAction()
  const [seen, see] = useState<ActionResult>()
  const done = act.isTaken && act.result !== seen ? (act.result as PurchaseDone) : undefined
  const onGone = useCallback(() => see(act.result), [act.result])
  const { sums, unpriced } = purchaseTotals(purchases)
  const money = sums.map(({ currency, minor }) => formatMoney(minor, currency)).join(' + ')
  return (
    <Card aria-label="To buy">
      <Stack>
        <h2>To buy</h2>
        {purchases.length === 0 ? (
          <Soft>
            Filters that you mean to buy will stand here, until the parcel is opened: then each becomes a specimen with
            its shop and price. Name one, or put one on the list from above.
          </Soft>
        ) : (
          <>
            <Purchases>
              <thead>
                <tr>
                  <th>Product</th>
                  <th>Pieces</th>
                  <th>Where</th>
                  <th>Each</th>
                  <th>How far</th>
                  <th>
                    <Unseen>Act</Unseen>
                  </th>
                </tr>
              </thead>
              <tbody>
                {purchases.map((purchase) => (
                  <PurchaseLine key={purchase.id} purchase={purchase} today={today} act={act} />
                ))}
              </tbody>
            </Purchases>
            <Soft>
              {formatCount(
                purchases.reduce((sum, { count }) => sum + count, 0),
                'filter',
              )}
              {money && `, ${money}`}
              {unpriced > 0 && `; of ${unpriced} no price is known`}.
            </Soft>
          </>
        )}
        {act.refusal && <Alert role="alert">{act.refusal}</Alert>}
        <div role="status">
          {done?.arrived && <ArrivedLine {...done.arrived} />}
          {done?.dropped && (
            <UndoToast
              words={`${done.dropped.name} is off the list.`}
              onUndo={() => act.send({ intent: 'bring-back', id: done.dropped?.id ?? '' })}
              onGone={onGone}
            />
          )}
        </div>
        <WishForm id={id} />
      </Stack>
    </Card>
  )
}

/** Says which specimens a purchase became. */
const ArrivedLine = ({ name, specimens }: NonNullable<PurchaseDone['arrived']>) => (
  <Soft>
    {name} is here. Sealed, and ready for the bench:{' '}
    {specimens.map(({ id, label }, at) => (
      <span key={id}>
        {at > 0 && ', '}
        <Link to={href('/bench/:specimen', { specimen: id })}>specimen {label}</Link>
      </span>
    ))}
    .
  </Soft>
)

interface LineProps {
  purchase: StoredPurchase
  today: string
  act: Pick<ReturnType<typeof useAction<unknown>>, 'send' | 'isIdle'>
}

function PurchaseLine({ purchase, today, act: { send, isIdle } }: LineProps) {
  const { id, brand, partNumber, productId, count, reason, shop, priceMinor, currency, expectedOn } = purchase
  const name = `${brand} ${partNumber}`
  const state = purchaseState(purchase)
  const isLate = expectedOn !== null && expectedOn < today
  return (
    <tr>
      <td>
        <Link to={href('/products/:product', { product: productId })}>{name}</Link> <br />
        <Small>{reason || purchase.applicationName}</Small>
      </td>
      <td>{count}</td>
      <td>{shop}</td>
      <td>{priceMinor === null || currency === null ? '' : formatMoney(priceMinor, currency)}</td>
      <td>
        {stateWords[state]}
        {state === 'ordered' && purchase.orderedOn && (
          <>
            {' '}
            <Day of={purchase.orderedOn} />
          </>
        )}
        {expectedOn && (
          <>
            , {isLate ? 'late since' : 'expected'} <Day of={expectedOn} />
          </>
        )}
      </td>
      <td>
        <Row $gap={8}>
          <Link to={href('/purchases/:purchase', { purchase: id })} aria-label={`Order or change ${name}`}>
            {state === 'wanted' ? 'Order …' : 'Change …'}
          </Link>
          <Button isDisabled={!isIdle} aria-label={`${name} arrived`} onPress={() => send({ intent: 'arrived', id })}>
            Arrived
          </Button>
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={`Take off the list: ${name}`}
            onPress={() => send({ intent: 'drop', id })}
          >
            Take off
          </Button>
        </Row>
      </td>
    </tr>
  )
}

function WishForm({ id: newest }: { id: string }) {
  const fresh = useFreshForm(newest)
  return <WishFields key={fresh.id} {...fresh} />
}

function WishFields({ Form, id, refusal }: FreshForm) {
  const [form, fields] = useSchemaForm(wishSchema, { result: refusal, values: { count: '1' } })
  return (
    <Form method="post" {...getFormProps(form)}>
      <Stack $gap={12}>
        {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
        <input type="hidden" name="intent" value="wish" />
        <input type="hidden" name="id" value={id} />
        <FieldLine $columns="4fr 1fr 5fr">
          <TextBox field={fields.filter} label="Filter" placeholder="Norrith N-40" />
          <TextBox field={fields.count} label="How many" inputMode="decimal" />
          <TextBox field={fields.reason} label="What for" optional placeholder="a second one, for the spread" />
        </FieldLine>
        <div>
          <Button type="submit">Put it on the list</Button>
        </div>
      </Stack>
    </Form>
  )
}

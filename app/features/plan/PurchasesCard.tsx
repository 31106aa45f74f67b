import { getFormProps } from '@conform-to/react'
import { useCallback, useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatMoney } from '#core/money/currency.ts'
import { purchaseState, purchaseTotals, type PurchaseState } from '#core/plan/purchase.ts'
import type { StoredPurchase } from '#app/data/purchases.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { wishSchema } from '#app/features/forms/plan-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useFreshForm, type FreshForm } from '#app/features/forms/useFreshForm.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/plan.ts'
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

const stateWords: Record<PurchaseState, string> = { wanted: texts.toOrder, ordered: 'ordered', arrived: 'arrived' }

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
    <Card aria-label={texts.toBuy}>
      <Stack>
        <h2>{texts.toBuy}</h2>
        {purchases.length === 0 ? (
          <Soft>{texts.filtersThatYouMeanToBuy}</Soft>
        ) : (
          <>
            <Purchases>
              <thead>
                <tr>
                  <th>{texts.product}</th>
                  <th>{texts.pieces}</th>
                  <th>{texts.where}</th>
                  <th>{texts.each}</th>
                  <th>{texts.howFar}</th>
                  <th>
                    <Unseen>{texts.act}</Unseen>
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
              {texts.filters(
                purchases.reduce((sum, { count }) => sum + count, 0),
                money && `, ${money}`,
              )}
              {unpriced > 0 && texts.ofNoPriceIsKnown(unpriced)}.
            </Soft>
          </>
        )}
        {act.refusal && <Alert role="alert">{act.refusal}</Alert>}
        <div role="status">
          {done?.arrived && <ArrivedLine {...done.arrived} />}
          {done?.dropped && (
            <UndoToast
              words={texts.isOffTheList(done.dropped.name)}
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
    {texts.isHereSealedAndReadyFor(name)}{' '}
    {specimens.map(({ id, label }, at) => (
      <span key={id}>
        {at > 0 && ', '}
        <Link to={href('/bench/:specimen', { specimen: id })}>{texts.specimen(label)}</Link>
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
            , {isLate ? texts.lateSince : texts.expected} <Day of={expectedOn} />
          </>
        )}
      </td>
      <td>
        <Row $gap={8}>
          <Link to={href('/purchases/:purchase', { purchase: id })} aria-label={texts.orderOrChange(name)}>
            {state === 'wanted' ? texts.order : texts.change}
          </Link>
          <Button
            isDisabled={!isIdle}
            aria-label={texts.arrivedOfName(name)}
            onPress={() => send({ intent: 'arrived', id })}
          >
            {texts.arrived}
          </Button>
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={texts.takeOffTheList(name)}
            onPress={() => send({ intent: 'drop', id })}
          >
            {texts.takeOff}
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
          <TextBox field={fields.filter} label={texts.filter} placeholder={texts.norrithN40} />
          <TextBox field={fields.count} label={texts.howMany} inputMode="decimal" />
          <TextBox field={fields.reason} label={texts.whatFor} optional placeholder={texts.aSecondOneForTheSpread} />
        </FieldLine>
        <div>
          <Button type="submit">{texts.putItOnTheList}</Button>
        </div>
      </Stack>
    </Form>
  )
}

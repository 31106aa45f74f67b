import { useState } from 'react'
import { href, Link } from 'react-router'
import type { ReplacedProduct, Replacements } from '#app/data/replacements.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props extends Replacements {
  /** Numbers for the same engine. */
  others: readonly ReplacedProduct[]
}

/** Which numbers a product takes the place of, and which take its place. */
export function ReplacesCard({ replaces, replacedBy, others }: Props) {
  const { send, isIdle, refusal } = useAction()
  const [chosen, choose] = useState('')
  const free = others.filter(({ id }) => !replaces.some((one) => one.id === id))
  if (others.length === 0 && replaces.length + replacedBy.length === 0) return null
  return (
    <Card aria-label={texts.replaces}>
      <Stack $gap={10}>
        <h2>{texts.replaces}</h2>
        <Soft>{texts.makersWithdrawANumberAndSell}</Soft>
        {replacedBy.map((one) => (
          <span key={one.id}>
            <Small>{texts.replacedBy}</Small> <ProductLink {...one} />
          </span>
        ))}
        {replaces.map((one) => (
          <Row key={one.id} $between>
            <span>
              <Small>{texts.replaces}</Small> <ProductLink {...one} />
            </span>
            <Button
              $kind="quiet"
              isDisabled={!isIdle}
              aria-label={texts.itDoesNotReplace(one.name)}
              onPress={() => send({ intent: 'replaces-no-more', replaces: one.id })}
            >
              {texts.takeOut}
            </Button>
          </Row>
        ))}
        {free.length > 0 && (
          <Row>
            <SelectMenu
              name="Takes the place of"
              value={free.some(({ id }) => id === chosen) ? chosen : ''}
              options={[{ value: '', label: texts.takesThePlaceOf }, ...namedOptions(free)]}
              onPick={choose}
            />
            <Button isDisabled={!isIdle} onPress={() => send({ intent: 'replaces', replaces: chosen })}>
              {texts.keepThatItReplacesIt}
            </Button>
          </Row>
        )}
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}

const ProductLink = ({ id, name }: ReplacedProduct) => (
  <Link to={href('/products/:product', { product: id })}>{name}</Link>
)

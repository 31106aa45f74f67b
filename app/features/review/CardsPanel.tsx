import { useState } from 'react'
import { href } from 'react-router'
import { cardKinds, cardSizes, type CardKind } from '#core/review/card.ts'
import type { MaterialRow } from '#core/review/review-material.ts'
import { byKey } from '#core/by-key.ts'
import * as texts from '#app/texts/review.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  application: string
  review: string
  rows: readonly MaterialRow[]
}

/** Cards of a review as pictures, to look at and to take away. */
export function CardsPanel({ application, review, rows }: Props) {
  const [row, setRow] = useState('')
  const numbers = rows.filter(({ cells }) => cells.some(({ value }) => value !== undefined))
  const [kind, setKind] = useState<CardKind>('verdict')
  const [size, setSize] = useState<string>('wide')
  const { width, height } = byKey(cardSizes, size as (typeof cardSizes)[number]['key'])
  const pathOf = (ending: string) =>
    href('/lineups/:application/review/:review/cards/:card', {
      application,
      review,
      card: `${kind}-${size}.${ending}`,
    }) + (kind === 'figure' && row !== '' ? `?row=${row}` : '')
  return (
    <Card>
      <Stack $gap={12}>
        <Row>
          <SelectMenu
            label={texts.card}
            value={kind}
            options={cardKinds.map(({ key, label }) => ({ value: key, label }))}
            onPick={(key) => setKind(key as CardKind)}
          />
          <SelectMenu
            label={texts.size}
            value={size}
            options={cardSizes.map(({ key, label }) => ({ value: key, label }))}
            onPick={setSize}
          />
          {kind === 'figure' && (
            <SelectMenu
              name="Which figure it shows"
              value={row || (numbers.find(({ differs }) => differs)?.key ?? '')}
              options={numbers.map(({ key, label }) => ({ value: key, label }))}
              onPick={setRow}
            />
          )}
          <a href={pathOf('png')} download>
            {texts.png}
          </a>
          <a href={pathOf('svg')} download>
            {texts.svg}
          </a>
        </Row>
        <img
          key={pathOf('svg')}
          src={pathOf('svg')}
          alt={texts.theCard(byKey(cardKinds, kind).label)}
          width={width}
          height={height}
          style={{ maxWidth: '100%', maxHeight: 620, width: 'auto', height: 'auto', border: '1px solid var(--line)' }}
        />
        <Small>{texts.itsTextsAreOutlinesItNeeds}</Small>
      </Stack>
    </Card>
  )
}

import type { FieldMetadata } from '@conform-to/react'
import { useState, type ReactNode } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/forms.ts'
import { Small } from '#app/ui/layout.tsx'

const Folded = styled.details`
  border-top: 1px solid var(--line);
  > summary {
    min-height: 44px;
    cursor: pointer;
    font: 600 17px/44px var(--label);
    > * {
      font-weight: 400;
    }
  }
  > div {
    display: grid;
    gap: 20px;
    padding-top: 8px;
  }
`

interface Props {
  /** What there is, in a few words. */
  label: string
  fields: readonly FieldMetadata<string>[]
  children: ReactNode
}

/** Fields that are asked for seldom: folded, with how many are filled in, and open while one of them is at fault. */
export function MoreFields({ label, fields, children }: Props) {
  const [isOpen, setOpen] = useState(false)
  const filled = fields.filter(({ initialValue }) => Boolean(initialValue)).length
  const isFaulty = fields.some(({ errors }) => errors !== undefined)
  return (
    <Folded open={isOpen || isFaulty} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>
        {texts.more(label)}
        {filled > 0 && <Small>{` ${texts.filledIn(filled)}`}</Small>}
      </summary>
      <div>{children}</div>
    </Folded>
  )
}

import { useId } from 'react'
import * as texts from '#app/texts/ui.ts'
import { InputBox } from './inputs.tsx'
import { Small } from './layout.tsx'

interface Props {
  value: string
  onChange: (day: string) => void
}

/** A day in a line of words. */
export function DayField({ value, onChange }: Props) {
  const id = useId()
  return (
    <label htmlFor={id}>
      <Small>{`${texts.day} `}</Small>
      <InputBox id={id} type="date" value={value} onChange={(event) => onChange(event.target.value)} />
    </label>
  )
}

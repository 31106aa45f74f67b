import type { ReactNode } from 'react'
import { SelectBox } from './inputs.tsx'
import { Small } from './layout.tsx'

interface Props {
  /** Stands before the list; also its name, unless `name` says more. */
  label?: string
  name?: string
  value: string
  options: readonly { value: string; label: ReactNode; disabled?: boolean }[]
  onPick: (value: string) => void
}

/** A list to pick from in a line of words, acting at once. */
export function SelectMenu({ label, name, value, options, onPick }: Props) {
  const list = (
    <SelectBox aria-label={name} value={value} onChange={(event) => onPick(event.target.value)}>
      {options.map((option) => (
        <option key={option.value} value={option.value} disabled={option.disabled}>
          {option.label}
        </option>
      ))}
    </SelectBox>
  )
  if (!label) return list
  return (
    <label>
      <Small>{label} </Small>
      {list}
    </label>
  )
}

/** Things with an id and a name as options. */
export const namedOptions = (those: readonly { id: string; name: string }[]): { value: string; label: string }[] =>
  those.map(({ id, name }) => ({ value: id, label: name }))

import type { FieldMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import { ErrorText } from './ErrorText.tsx'
import { SelectBox } from './inputs.tsx'
import { SavedMeanwhile } from './SavedMeanwhile.tsx'

const Wrap = styled.div`
  display: grid;
  gap: 6px;
  label {
    font: 600 17px/1.2 var(--label);
  }
`

interface Props {
  field: FieldMetadata<string | undefined>
  label: ReactNode
  options: readonly { value: string; label: string }[]
  onChange?: (value: string) => void
}

/** One of many answers, bound to a Conform field. */
export function SelectField({ field, label, options, onChange }: Props) {
  return (
    <Wrap>
      <label htmlFor={field.id}>{label}</label>
      <SelectBox
        id={field.id}
        name={field.name}
        defaultValue={field.initialValue ?? ''}
        key={field.key}
        aria-invalid={!!field.errors}
        aria-describedby={`${field.id}-fault`}
        onChange={(event) => onChange?.(event.target.value)}
      >
        {options.map(({ value, label: words }) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </SelectBox>
      <SavedMeanwhile
        name={field.name}
        typed={field.value ?? ''}
        wordsOf={(value) => options.find((option) => option.value === value)?.label ?? value}
      />
      <ErrorText id={`${field.id}-fault`}>{field.errors?.join(' ')}</ErrorText>
    </Wrap>
  )
}

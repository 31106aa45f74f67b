import type { FieldMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { FieldError, Input, Label, Radio, RadioGroup, Text, TextArea, TextField } from 'react-aria-components'
import { styled } from 'styled-components'
import * as texts from '#app/texts/ui.ts'
import { ErrorText } from './ErrorText.tsx'
import { SavedMeanwhile } from './SavedMeanwhile.tsx'

const Wrap = styled.div`
  display: grid;
  gap: 6px;

  label,
  [data-label] {
    font: 600 17px/1.2 var(--label);
  }
  [slot='description'] {
    color: var(--ink-soft);
    font-size: 13px;
  }
`

const box = `
  width: 100%;
  min-height: 44px;
  padding: 10px 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
`

const Box = styled(Input)`
  ${box}
  &[data-invalid] {
    border-color: var(--red);
    box-shadow: 0 0 0 1px var(--red);
  }
`

const Area = styled(TextArea)`
  ${box}
  min-height: 96px;
  resize: vertical;
  &[data-invalid] {
    border-color: var(--red);
  }
`

interface CommonProps {
  field: FieldMetadata<string | undefined>
  label: ReactNode
  hint?: ReactNode
}

const Optional = styled.span`
  color: var(--ink-soft);
  font: 400 13px var(--text);
`

interface TypedFieldProps extends CommonProps {
  optional?: boolean | undefined
  /** What it is typed into. */
  children: ReactNode
}

/** A field that is typed into: its label above, its hint and its fault below. */
const TypedField = ({ field, label, hint, optional, children }: TypedFieldProps) => (
  <Wrap
    as={TextField}
    name={field.name}
    defaultValue={field.initialValue ?? ''}
    isInvalid={!!field.errors}
    validationBehavior="aria"
    key={field.key}
  >
    <Label>
      {label}
      {optional && <Optional>{` ${texts.optional}`}</Optional>}
    </Label>
    {children}
    {hint && <Text slot="description">{hint}</Text>}
    <SavedMeanwhile name={field.name} typed={field.value ?? ''} />
    <ErrorText as={FieldError}>{field.errors?.join(' ')}</ErrorText>
  </Wrap>
)

interface TextBoxProps extends CommonProps {
  list?: string
  optional?: boolean
  placeholder?: string
  type?: 'text' | 'date'
  inputMode?: 'decimal' | 'text'
  autoFocus?: boolean
}

/** One line of text, bound to a Conform field; its fault stands below it. */
export const TextBox = ({ field, label, hint, optional, ...input }: TextBoxProps) => (
  <TypedField field={field} label={label} hint={hint} optional={optional}>
    <Box {...input} autoComplete="off" id={field.id} />
  </TypedField>
)

/** Several lines of text, bound to a Conform field. */
export const TextLines = ({ field, label, hint, required }: CommonProps & { required?: boolean }) => (
  <TypedField field={field} label={label} hint={hint} optional={!required}>
    <Area id={field.id} />
  </TypedField>
)

const Choices = styled(RadioGroup)`
  display: grid;
  gap: 6px;
  > div {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
`

const Choice = styled(Radio)`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 6px 14px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  cursor: pointer;
  &[data-selected] {
    background: var(--green);
    border-color: var(--green);
    color: var(--on-green);
    font-weight: 600;
  }
  &::before {
    content: '';
    width: 12px;
    height: 12px;
    margin-right: 8px;
    border: 2px solid currentColor;
    border-radius: 50%;
    box-shadow: inset 0 0 0 2px transparent;
  }
  &[data-selected]::before {
    background: currentColor;
    box-shadow: inset 0 0 0 2px var(--green);
  }
`

/** One of a few answers, bound to a Conform field. */
export function ChoiceBox({
  field,
  label,
  hint,
  options,
  onChange,
}: CommonProps & { options: { value: string; label: string }[]; onChange?: (value: string) => void }) {
  return (
    <Choices
      name={field.name}
      defaultValue={field.initialValue ?? null}
      isInvalid={!!field.errors}
      validationBehavior="aria"
      key={field.key}
      onChange={onChange}
    >
      <Label style={{ font: '600 17px/1.2 var(--label)' }}>{label}</Label>
      <div>
        {options.map((option) => (
          <Choice key={option.value} value={option.value}>
            {option.label}
          </Choice>
        ))}
      </div>
      {hint && <Text slot="description">{hint}</Text>}
      <SavedMeanwhile
        name={field.name}
        typed={field.value ?? ''}
        wordsOf={(value) => options.find((option) => option.value === value)?.label ?? value}
      />
      <ErrorText as={FieldError}>{field.errors?.join(' ')}</ErrorText>
    </Choices>
  )
}

import type { FieldMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/ui.ts'
import { ErrorText } from './ErrorText.tsx'
import { AreaBox, InputBox } from './inputs.tsx'
import { SavedMeanwhile } from './SavedMeanwhile.tsx'

const Wrap = styled.div`
  display: grid;
  gap: 6px;
`

const labelLook = { font: '600 17px/1.2 var(--label)' }

const Hint = styled.span`
  color: var(--ink-soft);
  font-size: 13px;
`

const Box = styled(InputBox)`
  width: 100%;
  padding: 10px 12px;
  &[aria-invalid='true'] {
    box-shadow: 0 0 0 1px var(--red);
  }
`

const Area = styled(AreaBox)`
  min-height: 96px;
  padding: 10px 12px;
`

interface CommonProps {
  field: FieldMetadata<string | undefined>
  label: ReactNode
  hint?: ReactNode
}

type Described = Pick<CommonProps, 'field' | 'hint'>

const Optional = styled.span`
  color: var(--ink-soft);
  font: 400 13px var(--text);
`

/** What a field says below itself, and whether it is at fault, for those who do not see it. */
const spoken = ({ field, hint }: Described) => {
  const by = [hint && field.descriptionId, field.errors && field.errorId].filter(Boolean)
  return { 'aria-invalid': field.errors && true, 'aria-describedby': by.length > 0 ? by.join(' ') : undefined }
}

/** What stands below a field: its hint, what another has saved in it, and its fault. */
const BelowField = ({ field, hint, wordsOf }: Described & { wordsOf?: (value: string) => string }) => (
  <>
    {hint && <Hint id={field.descriptionId}>{hint}</Hint>}
    <SavedMeanwhile name={field.name} typed={field.value ?? ''} {...(wordsOf && { wordsOf })} />
    {field.errors && <ErrorText id={field.errorId}>{field.errors.join(' ')}</ErrorText>}
  </>
)

interface TypedFieldProps extends CommonProps {
  optional?: boolean | undefined
  /** What it is typed into. */
  children: ReactNode
}

/** A field that is typed into: its label above, its hint and its fault below. */
const TypedField = ({ optional, children, ...common }: TypedFieldProps) => (
  <Wrap>
    <label htmlFor={common.field.id} style={labelLook}>
      {common.label}
      {optional && <Optional>{` ${texts.optional}`}</Optional>}
    </label>
    {children}
    <BelowField {...common} />
  </Wrap>
)

/** What binds a box to its field; the key draws it anew with what the field begins with then. */
const bound = ({ field, hint }: Described) => ({
  id: field.id,
  name: field.name,
  defaultValue: field.initialValue ?? '',
  ...spoken({ field, hint }),
})

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
    <Box key={field.key} type="text" {...input} autoComplete="off" {...bound({ field, hint })} />
  </TypedField>
)

/** Several lines of text, bound to a Conform field. */
export const TextLines = ({ required, ...common }: CommonProps & { required?: boolean }) => (
  <TypedField {...common} optional={!required}>
    <Area key={common.field.key} {...bound(common)} />
  </TypedField>
)

const Choices = styled.div`
  display: grid;
  gap: 6px;
`

const Choice = styled.label`
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 6px 14px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  cursor: pointer;
  /* It lies unseen over its label. */
  > input {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    margin: 0;
    opacity: 0;
    cursor: inherit;
  }
  &:has(:focus-visible) {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
  &:has(:checked) {
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
  &:has(:checked)::before {
    background: currentColor;
    box-shadow: inset 0 0 0 2px var(--green);
  }
`

const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`

interface ChoiceBoxProps extends CommonProps {
  options: { value: string; label: string }[]
  onChange?: (value: string) => void
}

/** One of a few answers, bound to a Conform field. */
export function ChoiceBox({ options, onChange, ...common }: ChoiceBoxProps) {
  const { field, label } = common
  const labelId = `${field.id}-label`
  return (
    <Choices role="radiogroup" aria-labelledby={labelId} {...spoken(common)} key={field.key}>
      <span id={labelId} style={labelLook}>
        {label}
      </span>
      <Answers>
        {options.map((option) => (
          <Choice key={option.value}>
            <input
              type="radio"
              name={field.name}
              value={option.value}
              defaultChecked={option.value === field.initialValue}
              onChange={onChange && (() => onChange(option.value))}
            />
            {option.label}
          </Choice>
        ))}
      </Answers>
      <BelowField {...common} wordsOf={(value) => options.find((option) => option.value === value)?.label ?? value} />
    </Choices>
  )
}

import { createContext, useContext, type ReactNode } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/ui.ts'
import { Button } from './Button.tsx'

interface Meanwhile {
  /** What another has saved, by field. */
  values: Record<string, string>
  /** Puts the other's value into a field. */
  take: (name: string) => void
}

const MeanwhileContext = createContext<Meanwhile | undefined>(undefined)

interface ProviderProps {
  /** Undefined while nobody else has saved. */
  values: Record<string, string> | undefined
  take: (name: string) => void
  children: ReactNode
}

/** Tells the fields of a form what another has saved since it was opened. */
export const SavedMeanwhileProvider = ({ values, take, children }: ProviderProps) => (
  <MeanwhileContext value={values && { values, take }}>{children}</MeanwhileContext>
)

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 4px 4px 4px 12px;
  border-left: 4px solid var(--amber);
  background: var(--amber-soft);
  overflow-wrap: anywhere;
  white-space: pre-wrap;
`

interface Props {
  name: string
  /** What stands in the field now. */
  typed: string
  /** A value in words, where the field shows words for it. */
  wordsOf?: (value: string) => string
}

/** Below a field: what another has saved in it, where that differs, and a button to take it. */
export function SavedMeanwhile({ name, typed, wordsOf = (value) => value }: Props) {
  const meanwhile = useContext(MeanwhileContext)
  const there = meanwhile && (meanwhile.values[name] ?? '')
  if (there === undefined || there === typed) return null
  return (
    <Line data-meanwhile={name}>
      <span>
        {texts.savedMeanwhile} <strong>{there === '' ? texts.nothing : wordsOf(there)}</strong>
      </span>
      <Button $kind="quiet" onPress={() => meanwhile?.take(name)}>
        {texts.takeIt}
      </Button>
    </Line>
  )
}

/** What another has saved, for a form whose fields do not show it themselves. */
export const SavedMeanwhileList = ({ values = {} }: { values: Record<string, string> | undefined }) =>
  Object.entries(values).map(([what, value]) => (
    <Line key={what} data-meanwhile={what}>
      <span>
        {texts.savedMeanwhileOfWhat(what)} <strong>{value === '' ? texts.nothing : value}</strong>
      </span>
    </Line>
  ))

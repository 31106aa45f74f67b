import type { FormMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { Alert } from '#app/ui/layout.tsx'
import { SavedMeanwhileProvider } from '#app/ui/SavedMeanwhile.tsx'
import { meanwhileOf, type ActionResult } from './action-result.ts'

interface Props<Fields extends Record<string, string>> {
  form: FormMetadata<Fields>
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version: number | undefined
  result: ActionResult | undefined
  children: ReactNode
}

/** What a form is about, what is wrong with the whole of it, and its fields beside what another has saved meanwhile. */
export function VersionedFields<Fields extends Record<string, string>>(props: Props<Fields>) {
  const { form, id, version, result, children } = props
  const meanwhile = meanwhileOf(result)
  return (
    <>
      <input type="hidden" name="id" value={id} />
      {version !== undefined && <input type="hidden" name="version" value={meanwhile?.version ?? version} />}
      {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
      <SavedMeanwhileProvider
        values={meanwhile?.values}
        take={(name) => form.update({ name, value: meanwhile?.values[name] ?? '' } as never)}
      >
        {children}
      </SavedMeanwhileProvider>
    </>
  )
}

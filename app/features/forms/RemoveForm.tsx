import { Form } from 'react-router'
import { Button } from '#app/ui/Button.tsx'

/** A button below a form that removes what the form is about. */
export function RemoveForm({ label }: { label: string }) {
  return (
    <Form method="post">
      <Button type="submit" name="intent" value="remove" $kind="danger">
        {label}
      </Button>
    </Form>
  )
}

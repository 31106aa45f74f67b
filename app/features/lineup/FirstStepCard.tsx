import type { ReactNode } from 'react'
import * as texts from '#app/texts/line-up.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Stack } from '#app/ui/layout.tsx'
import { leadIn } from './lead-in.ts'
import { useLineup } from './useLineup.ts'

/** What will stand here, and the one step that leads to it, where fewer than two filters have something recorded. */
export function FirstStepCard({ children }: { children: ReactNode }) {
  const { application, firstStep } = useLineup()
  const { title, label, to } = leadIn(firstStep, application.id)
  return (
    <Card aria-label={texts.whatComesFirst}>
      <Stack>
        <h2>{title}</h2>
        <p>{children}</p>
        <div>
          <ButtonLink to={to} $kind="primary">
            {label}
          </ButtonLink>
        </div>
      </Stack>
    </Card>
  )
}

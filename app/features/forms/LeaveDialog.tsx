import { useEffect } from 'react'
import { Dialog, Heading } from 'react-aria-components'
import { useBlocker } from 'react-router'
import { Sheet, Veil } from '#app/features/shortcuts/ShortcutsProvider.tsx'
import * as texts from '#app/texts/forms.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Stack } from '#app/ui/layout.tsx'

/** Asks before a page is left, or the tab closed, on which something was changed and not saved. */
export function LeaveDialog({ isChanged }: { isChanged: boolean }) {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => isChanged && currentLocation.pathname !== nextLocation.pathname,
  )
  useEffect(() => {
    if (!isChanged) return undefined
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [isChanged])
  return (
    <Veil isOpen={blocker.state === 'blocked'} onOpenChange={(isOpen) => !isOpen && blocker.reset?.()}>
      <Sheet>
        <Dialog role="alertdialog">
          <Stack $gap={14}>
            <Heading slot="title">{texts.leaveWithoutSaving}</Heading>
            <p>{texts.whatYouTypedOnThisPage}</p>
            <Row>
              <Button $kind="primary" autoFocus onPress={() => blocker.reset?.()}>
                {texts.stay}
              </Button>
              <Button $kind="danger" onPress={() => blocker.proceed?.()}>
                {texts.leave}
              </Button>
            </Row>
          </Stack>
        </Dialog>
      </Sheet>
    </Veil>
  )
}

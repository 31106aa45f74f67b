import { useCallback, useMemo, useState, type ReactNode } from 'react'
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components'
import { styled } from 'styled-components'
import * as texts from '#app/texts/shell.ts'
import { Button } from '#app/ui/Button.tsx'
import { Key, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { shownKey, type Shortcut } from './shortcut.ts'
import { ShortcutsContext } from './useShortcuts.ts'

export const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
  display: grid;
  justify-items: center;
  align-items: start;
  padding-top: 9vh;
  background: rgb(10 25 20 / 0.45);
`

export const Sheet = styled(Modal)`
  width: min(640px, 94vw);
  max-height: 80vh;
  overflow: auto;
  border: 1px solid var(--line-strong);
  border-radius: 12px;
  background: var(--card);
  box-shadow: 0 12px 40px rgb(0 0 0 / 0.3);
  [role='dialog'] {
    padding: 18px 20px;
    outline: none;
  }
`

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 0;
  dd {
    margin: 0;
  }
`

interface Props {
  isOpen: boolean
  onOpenChange: (isOpen: boolean) => void
  children: ReactNode
}

/** Knows the shortcuts of all that is on the page, and lists them when it is asked. */
export function ShortcutsProvider({ isOpen, onOpenChange, children }: Props) {
  const [tables, setTables] = useState<ReadonlyMap<object, readonly Shortcut[]>>(new Map())
  const tell = useCallback(
    (owner: object, table: readonly Shortcut[] | undefined) =>
      setTables((before) => {
        const next = new Map(before)
        if (table) next.set(owner, table)
        else next.delete(owner)
        return next
      }),
    [],
  )
  const shortcuts = useMemo(() => [...tables.values()].flat().filter(({ isOff }) => !isOff), [tables])
  const { letters } = usePreferences()
  return (
    <ShortcutsContext value={tell}>
      {children}
      <Veil isOpen={isOpen} onOpenChange={onOpenChange} isDismissable>
        <Sheet>
          <Dialog>
            {({ close }) => (
              <Stack $gap={14}>
                <Row $between>
                  <Heading slot="title">{texts.shortcutsOfThisPage}</Heading>
                  <Button onPress={close} autoFocus>
                    {texts.close}
                  </Button>
                </Row>
                <List>
                  {shortcuts.map((shortcut) => (
                    <div key={`${shortcut.key} ${shortcut.does}`} style={{ display: 'contents' }}>
                      <dt>
                        <Key>{shownKey(shortcut, letters === 'off')}</Key>
                      </dt>
                      <dd>{shortcut.does}</dd>
                    </div>
                  ))}
                </List>
                <Soft>{texts.aLetterAloneWorksWhereNothing(letters === 'on')}</Soft>
              </Stack>
            )}
          </Dialog>
        </Sheet>
      </Veil>
    </ShortcutsContext>
  )
}

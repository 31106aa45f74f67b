import { useDeferredValue, useMemo, useState, type KeyboardEvent } from 'react'
import { Autocomplete, Dialog, Input, Menu, SearchField } from 'react-aria-components'
import { href, useMatches, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { z } from 'zod'
import { catalogueFor } from '#core/catalogue/index.ts'
import { find, indexThings, type FindIndex, type Thing } from '#core/find/find.ts'
import { Sheet, Veil } from '#app/features/shortcuts/ShortcutsProvider.tsx'
import * as texts from '#app/texts/shell.ts'
import { useJson } from '#app/ui/useJson.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { MenuLine } from '#app/ui/menu.ts'
import { placesOf } from './places.ts'
import type { Engine } from './useEngine.ts'
import { workshopPages } from './WorkshopMenu.tsx'

const Field = styled(SearchField)`
  display: block;
  padding-bottom: 10px;
  input {
    width: 100%;
    min-height: 50px;
    padding: 8px 14px;
    border: 1px solid var(--line-strong);
    border-radius: 8px;
    background: var(--raised);
    font: 600 22px/1.2 var(--label);
  }
`

const Line = styled(MenuLine)`
  display: grid;
  grid-template-columns: 82px minmax(0, 1fr) auto;
`

interface Props {
  engine: Engine | undefined
  isOpen: boolean
  onOpenChange: (isOpen: boolean) => void
}

/** Goes anywhere and begins anything by a few letters of its name. */
function FindDialog({ isOpen, onOpenChange, engine }: Props) {
  return (
    <Veil isOpen={isOpen} onOpenChange={onOpenChange} isDismissable>
      <Sheet>
        <Dialog aria-label={texts.find}>
          <FindList engine={engine} close={() => onOpenChange(false)} />
        </Dialog>
      </Sheet>
    </Veil>
  )
}

export const drawFindDialog = (props: Props) => <FindDialog {...props} />

const onBench = z.object({
  specimen: z.object({
    id: z.string(),
    label: z.string(),
    brand: z.string(),
    partNumber: z.string(),
    form: z.enum(['spin-on', 'cartridge']),
  }),
})

/** The readings of the specimen that a page is of; its layout and the page may both know it. */
function readingsOfPage(loaded: readonly unknown[]): Thing[] {
  const specimen = loaded.map((data) => onBench.safeParse(data).data?.specimen).findLast((one) => one !== undefined)
  if (!specimen) return []
  const { id, label, brand, partNumber, form } = specimen
  return catalogueFor(form).map((one) => ({
    kind: 'reading',
    label: one.label,
    detail: `${brand} ${partNumber} ${label}`,
    path: `${href('/bench/:specimen', { specimen: id })}?at=${one.key}`,
  }))
}

/** What is there without a library: places, pages of the workshop, and what can be begun. */
const standing = (engine: Engine | undefined): Thing[] => [
  ...(engine
    ? [
        ...placesOf(engine).map(({ label, path }) => ({ kind: 'page', label, detail: engine.name, path })),
        {
          ...{ kind: 'to do', label: texts.addAProduct, detail: engine.name },
          path: href('/lineups/:application/products/new', { application: engine.id }),
        },
        {
          ...{ kind: 'to do', label: texts.pasteAPriceList, detail: engine.name },
          path: href('/lineups/:application/price-list', { application: engine.id }),
        },
        {
          ...{ kind: 'to do', label: texts.bringYourTable, detail: engine.name },
          path: href('/lineups/:application/table', { application: engine.id }),
        },
      ]
    : []),
  ...placesOf(undefined).map(({ label, path }) => ({ kind: 'page', label, detail: texts.allEnginesInLine, path })),
  ...workshopPages.map(({ label, path }) => ({ kind: 'page', label, detail: 'workshop', path })),
  { kind: 'to do', label: texts.newEngine, detail: '', path: href('/lineups/new') },
  { kind: 'page', label: texts.figuresHowEachIsWorkedOut, detail: 'method', path: `${href('/method')}#figures` },
]

const nothing: FindIndex = []

function FindList({ engine, close }: { engine: Engine | undefined; close: () => void }) {
  const { data, isLoading } = useJson<{ things: Thing[] }>(href('/things'))
  const [query, setQuery] = useState('')
  const matches = useMatches()
  const library = useMemo(() => indexThings(data?.things ?? []), [data])
  const index = useMemo(() => {
    const own = readingsOfPage(matches.map(({ loaderData }) => loaderData))
    return [...library, ...indexThings([...standing(engine), ...own])]
  }, [library, engine, matches])
  // The field is there, and each letter in it, before what lies below it has been drawn.
  const searched = useDeferredValue(index, nothing)
  const sought = useDeferredValue(query)
  const found = useMemo(() => find(sought, searched), [sought, searched])
  const navigate = useNavigate()
  /** Whoever is faster than the list, or than its first line is marked, goes to what stands there first. */
  const goBeforeListed = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || event.nativeEvent.isComposing || query.trim() === '') return
    const isMarked = event.target instanceof Element && event.target.hasAttribute('aria-activedescendant')
    if (sought === query && isMarked) return
    event.preventDefault()
    event.stopPropagation()
    const [first] = find(query, index)
    if (!first) return
    close()
    void navigate(first.path)
  }
  return (
    <Autocomplete inputValue={query} onInputChange={setQuery}>
      <div onKeyDownCapture={goBeforeListed}>
        <Field aria-label={texts.find} autoFocus>
          <Input placeholder={texts.wallN40VerdictNewSpecimen} maxLength={120} />
        </Field>
      </div>
      <Menu
        aria-label={texts.found}
        items={found.map((one) => ({ ...one, id: `${one.kind} ${one.path}` }))}
        onAction={close}
        renderEmptyState={() => (
          <Soft>{isLoading || searched !== index ? texts.oneMoment : texts.nothingIsCalledSoTryA}</Soft>
        )}
      >
        {({ id, kind, label, detail, path }) => (
          <Line id={id} href={path} textValue={label}>
            <Small>{kind}</Small>
            <span>{label}</span>
            <Small>{detail}</Small>
          </Line>
        )}
      </Menu>
    </Autocomplete>
  )
}

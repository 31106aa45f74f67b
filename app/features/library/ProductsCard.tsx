import { useCallback, useState } from 'react'
import { href } from 'react-router'
import type { ListedProduct } from '#app/data/library.server.ts'
import type { Thrown } from '#app/data/trash.server.ts'
import { tierLabels, tiers } from '#app/features/forms/labels.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { NameEngine } from '#app/features/lineup/NameEngine.tsx'
import * as texts from '#app/texts/library.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu, namedOptions } from '#app/ui/SelectMenu.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'
import { Pages, type PageOfList } from '#app/ui/Pages.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { LibrarySearch } from './LibrarySearch.tsx'
import { ProductTable } from './ProductTable.tsx'
import { SelectionBar } from './SelectionBar.tsx'

const sorts = [
  { value: '', label: 'name' },
  { value: 'engine', label: 'engine' },
  { value: 'tier', label: 'tier' },
  { value: 'specimens', label: texts.mostSpecimens },
  { value: 'newest', label: 'newest' },
]

interface Props {
  products: ListedProduct[]
  pages: PageOfList
  engines: readonly { id: string; name: string }[]
  tags: readonly string[]
}

/** The products of the library, a page at a time: searched, narrowed, sorted, and dealt with several at once. */
export function ProductsCard({ products, pages, engines, tags }: Props) {
  const { get, set } = useAddress()
  const [ids, choose] = useState<ReadonlySet<string>>(new Set())
  const { send, refusal, isIdle, result } = useAction()
  const [told, tell] = useState<typeof result>()
  const chosen = products.filter(({ id }) => ids.has(id))
  const done = told === result || !result?.ok ? undefined : (result as { thrown?: Thrown }).thrown
  const isNarrowed = ['q', 'tier', 'engine', 'tag'].some((name) => get(name))
  const toggle = (own: readonly string[], isOn: boolean) =>
    choose((before) => new Set(isOn ? [...before, ...own] : [...before].filter((id) => !own.includes(id))))
  const narrowBy = (name: string) => (value: string) => set({ [name]: value, page: '' })
  const [seen, see] = useState<typeof result>()
  if (seen !== result) {
    see(result)
    if (done) choose(new Set())
  }
  const gone = useCallback(() => tell(result), [result])
  return (
    <Card>
      <Stack>
        <h2>{texts.products}</h2>
        <Row $gap={10}>
          <LibrarySearch />
          <SelectMenu
            label={texts.tier}
            value={get('tier') ?? ''}
            options={[{ value: '', label: 'all' }, ...tiers.map((value) => ({ value, label: tierLabels[value] }))]}
            onPick={narrowBy('tier')}
          />
          <SelectMenu
            label={texts.engine}
            value={get('engine') ?? ''}
            options={[{ value: '', label: 'all' }, ...namedOptions(engines)]}
            onPick={narrowBy('engine')}
          />
          {tags.length > 0 && (
            <SelectMenu
              label={texts.tagged}
              value={get('tag') ?? ''}
              options={[{ value: '', label: 'anything' }, ...tags.map((value) => ({ value, label: value }))]}
              onPick={narrowBy('tag')}
            />
          )}
          <SelectMenu label={texts.sortedBy} value={get('sort') ?? ''} options={sorts} onPick={narrowBy('sort')} />
        </Row>
        {products.length === 0 ? (
          <NoProducts isNarrowed={isNarrowed} hasEngine={engines.length > 0} />
        ) : (
          <ProductTable products={products} chosen={ids} onToggle={toggle} />
        )}
        <Pages {...pages} noun="product" />
        {chosen.length > 0 && (
          <SelectionBar
            chosen={chosen}
            tags={tags}
            refusal={refusal}
            isIdle={isIdle}
            onAct={(fields) => send({ ...fields, products: chosen.map(({ id }) => id).join(',') })}
            onClear={() => choose(new Set())}
          />
        )}
      </Stack>
      <div role="status">
        {done && (
          <UndoToast
            words={done.kind === 'merge' ? texts.merged(done.name) : texts.deleted(done.name)}
            onUndo={() => send({ intent: 'bring-back', id: done.id })}
            onGone={gone}
          />
        )}
      </div>
    </Card>
  )
}

function NoProducts({ isNarrowed, hasEngine }: { isNarrowed: boolean; hasEngine: boolean }) {
  if (isNarrowed) return <Soft>{texts.nothingFitsTheseWordsAndChoices}</Soft>
  return (
    <>
      <Soft>{texts.filtersOfAllEnginesWillStand}</Soft>
      {hasEngine ? (
        <div>
          <ButtonLink to={href('/')} $kind="primary">
            {texts.toTheEngines}
          </ButtonLink>
        </div>
      ) : (
        <NameEngine />
      )}
    </>
  )
}

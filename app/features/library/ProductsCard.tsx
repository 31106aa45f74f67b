import { useCallback, useEffect, useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { ListedProduct } from '#app/data/library.server.ts'
import type { Thrown } from '#app/data/trash.server.ts'
import { filterFormLabels, tierLabels, tiers } from '#app/features/forms/labels.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu, namedOptions } from '#app/ui/SelectMenu.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'
import { Pages, type PageOfList } from '#app/ui/Pages.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { SelectionBar } from './SelectionBar.tsx'

const Search = styled(InputBox)`
  width: 100%;
  max-width: 420px;
`

const Listed = styled(Table)`
  th:first-child,
  td:first-child {
    width: 44px;
  }
  th:nth-child(n + 6),
  td:nth-child(n + 6) {
    text-align: right;
  }
`

const Tick = styled.input`
  width: 20px;
  height: 20px;
  margin: 2px 0;
  accent-color: var(--green);
`

const Tag = styled.span`
  display: inline-block;
  margin-right: 4px;
  padding: 1px 8px;
  border: 1px solid var(--line-strong);
  border-radius: 10px;
  color: var(--ink-soft);
  font: 500 13px/1.3 var(--label);
`

/** So long typing may pause before it is searched for, in milliseconds. */
const pause = 200

const sorts = [
  { value: '', label: 'name' },
  { value: 'engine', label: 'engine' },
  { value: 'tier', label: 'tier' },
  { value: 'specimens', label: 'most specimens' },
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
        <h2>Products</h2>
        <Row $gap={10}>
          <SearchField />
          <SelectMenu
            label="Tier"
            value={get('tier') ?? ''}
            options={[{ value: '', label: 'all' }, ...tiers.map((value) => ({ value, label: tierLabels[value] }))]}
            onPick={narrowBy('tier')}
          />
          <SelectMenu
            label="Engine"
            value={get('engine') ?? ''}
            options={[{ value: '', label: 'all' }, ...namedOptions(engines)]}
            onPick={narrowBy('engine')}
          />
          {tags.length > 0 && (
            <SelectMenu
              label="Tagged"
              value={get('tag') ?? ''}
              options={[{ value: '', label: 'anything' }, ...tags.map((value) => ({ value, label: value }))]}
              onPick={narrowBy('tag')}
            />
          )}
          <SelectMenu label="Sorted by" value={get('sort') ?? ''} options={sorts} onPick={narrowBy('sort')} />
        </Row>
        {products.length === 0 ? (
          <Soft>
            {isNarrowed
              ? 'Nothing fits these words and choices.'
              : 'No products yet: name an engine on Today, then add the filters that are sold for it.'}
          </Soft>
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
      {done && (
        <UndoToast
          words={done.kind === 'merge' ? `Merged: ${done.name}.` : `Deleted: ${done.name}.`}
          onUndo={() => send({ intent: 'bring-back', id: done.id })}
          onGone={gone}
        />
      )}
    </Card>
  )
}

/** Searches as one types, once typing pauses. */
function SearchField() {
  const { get, set } = useAddress()
  const asked = get('q') ?? ''
  const [sought, seek] = useState(asked)
  useEffect(() => {
    if (sought === asked) return undefined
    const timer = setTimeout(() => set({ q: sought, page: '' }), pause)
    return () => clearTimeout(timer)
  }, [sought, asked, set])
  return (
    <label htmlFor="search" style={{ display: 'flex', alignItems: 'center', gap: 6, flex: '1 1 240px', maxWidth: 420 }}>
      <Small>Search </Small>
      <Search
        id="search"
        type="search"
        value={sought}
        onChange={(event) => seek(event.target.value)}
        placeholder="brand, number, engine"
      />
    </label>
  )
}

interface TableProps {
  products: ListedProduct[]
  chosen: ReadonlySet<string>
  onToggle: (ids: readonly string[], isOn: boolean) => void
}

function ProductTable({ products, chosen, onToggle }: TableProps) {
  const all = products.map(({ id }) => id)
  return (
    <Listed>
      <thead>
        <tr>
          <th scope="col">
            <Tick
              type="checkbox"
              aria-label="All on this page"
              checked={all.every((id) => chosen.has(id))}
              onChange={(event) => onToggle(all, event.target.checked)}
            />
          </th>
          <th scope="col">Product</th>
          <th scope="col">Engine</th>
          <th scope="col">Form</th>
          <th scope="col">Tier</th>
          <th scope="col">Revisions</th>
          <th scope="col">Specimens</th>
        </tr>
      </thead>
      <tbody>
        {products.map(({ id, brand, partNumber, applicationId, applicationName, form, tier, ...more }) => (
          <tr key={id}>
            <td>
              <Tick
                type="checkbox"
                aria-label={`Choose ${brand} ${partNumber}`}
                checked={chosen.has(id)}
                onChange={(event) => onToggle([id], event.target.checked)}
              />
            </td>
            <td>
              <Link to={href('/products/:product', { product: id })}>
                {brand} {partNumber}
              </Link>{' '}
              {more.tags.map((tag) => (
                <Tag key={tag}>{tag}</Tag>
              ))}
            </td>
            <td>
              <Link to={href('/lineups/:application', { application: applicationId })}>{applicationName}</Link>
            </td>
            <td>{filterFormLabels[form]}</td>
            <td>{tierLabels[tier]}</td>
            <td>{more.revisions.length}</td>
            <td>{more.specimens}</td>
          </tr>
        ))}
      </tbody>
    </Listed>
  )
}

import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { ListedProduct } from '#app/data/library.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import * as texts from '#app/texts/library.ts'
import { Table } from '#app/ui/Table.tsx'

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

interface Props {
  products: ListedProduct[]
  chosen: ReadonlySet<string>
  onToggle: (ids: readonly string[], isOn: boolean) => void
}

/** Products of the library, each to be chosen. */
export function ProductTable({ products, chosen, onToggle }: Props) {
  const all = products.map(({ id }) => id)
  return (
    <Listed>
      <thead>
        <tr>
          <th scope="col">
            <Tick
              type="checkbox"
              aria-label={texts.allOnThisPage}
              checked={all.every((id) => chosen.has(id))}
              onChange={(event) => onToggle(all, event.target.checked)}
            />
          </th>
          <th scope="col">{texts.product}</th>
          <th scope="col">{texts.engine}</th>
          <th scope="col">{texts.form}</th>
          <th scope="col">{texts.tier}</th>
          <th scope="col">{texts.revisions}</th>
          <th scope="col">{texts.specimens}</th>
        </tr>
      </thead>
      <tbody>
        {products.map(({ id, brand, partNumber, applicationId, applicationName, form, tier, ...more }) => (
          <tr key={id}>
            <td>
              <Tick
                type="checkbox"
                aria-label={texts.choose(brand, partNumber)}
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

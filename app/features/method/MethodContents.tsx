import { useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { catalogue, stations } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'
import type { Criterion } from '#core/score/criterion.ts'
import * as texts from '#app/texts/method.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Small } from '#app/ui/layout.tsx'
import { methodAnchor } from './method-anchor.ts'

const Side = styled.nav`
  position: sticky;
  top: 64px;
  display: grid;
  gap: 10px;
  align-content: start;
  max-height: calc(100vh - 76px);
  overflow: auto;
  padding: 2px;
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  ul ul {
    padding-left: 14px;
  }
  a {
    display: block;
    padding: 5px 6px;
    border-radius: 6px;
    font: 600 16px/1.2 var(--label);
    text-decoration: none;
    &:hover {
      background: var(--green-soft);
    }
  }
  ul ul a {
    font-weight: 500;
    font-size: 15px;
  }
  @media (max-width: 900px) {
    position: static;
    max-height: 260px;
  }
  @media print {
    display: none;
  }
`

const sections = [
  { id: 'figures', label: texts.figures },
  { id: 'score', label: texts.constructionScore },
  { id: 'size-classes', label: texts.sizeClasses },
  { id: 'kin', label: texts.kin },
  { id: 'said', label: texts.readingsAsPeopleSayThem },
  { id: 'catalogue', label: texts.whatIsRecorded },
]

/** So many of what is found are listed. */
const mostFound = 40

interface Entry {
  id: string
  label: string
  of: string
  words: string
}

/** What the page holds, at its side; what is sought is found by its name or by what is said of it. */
export function MethodContents({ criteria }: { criteria: readonly Criterion[] }) {
  const [sought, seek] = useState('')
  const all = useMemo(() => entriesOf(criteria), [criteria])
  const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const found = words.length === 0 ? [] : all.filter((entry) => words.every((word) => entry.words.includes(word)))
  return (
    <Side aria-label={texts.contents}>
      <InputBox
        type="search"
        aria-label={texts.findInTheMethod}
        placeholder={texts.findInTheMethod}
        value={sought}
        onChange={(event) => seek(event.target.value)}
      />
      {words.length > 0 ? (
        <>
          <Small role="status">
            {found.length === 0 ? texts.nothingIsCalledOrSaidSo : texts.foundOfFoundCount(found.length)}
          </Small>
          <ul>
            {found.slice(0, mostFound).map(({ id, label, of }) => (
              <li key={id}>
                <a href={`#${id}`}>
                  {label} <Small>{of}</Small>
                </a>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <ul>
          {sections.map(({ id, label }) => (
            <li key={id}>
              <a href={`#${id}`}>{label}</a>
              {id === 'catalogue' && (
                <ul>
                  {stations.map(({ key, label: station }) => (
                    <li key={key}>
                      <a href={`#${methodAnchor('station', key)}`}>{station}</a>
                    </li>
                  ))}
                </ul>
              )}
            </li>
          ))}
        </ul>
      )}
    </Side>
  )
}

const entriesOf = (criteria: readonly Criterion[]): Entry[] =>
  [
    ...figures.map(({ key, label, why, formula }) => ({
      id: methodAnchor('figure', key),
      ...{ label, of: 'figure', words: `${why} ${formula}` },
    })),
    ...criteria.map(({ key, label, rationale }) => ({
      id: methodAnchor('criterion', key),
      ...{ label, of: 'criterion', words: rationale },
    })),
    ...catalogue.map(({ key, label, how, why }) => ({
      id: methodAnchor('recorded', key),
      ...{ label, of: 'recorded', words: `${how} ${why}` },
    })),
  ].map((entry) => ({ ...entry, words: `${entry.label} ${entry.of} ${entry.words}`.toLowerCase() }))

import { href, Link } from 'react-router'
import { formatMadeIn, madeBetween } from '#core/kin/date-code.ts'
import { revisionChanges } from '#core/kin/revision-changes.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import type { RevisionFacts as Facts, SeenCode } from '#app/data/revision-facts.server.ts'
import * as texts from '#app/texts/products.ts'
import { Small, Stack } from '#app/ui/layout.tsx'
import { WordChips } from '#app/ui/WordChips.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** Date codes, country, and what differs from the revision before, as far as readings tell. */
export function RevisionFacts({ revisions, facts }: { revisions: readonly Revision[]; facts: readonly Facts[] }) {
  const { units } = usePreferences()
  const told = facts.map((one, at) => {
    const before = facts[at - 1]
    return { ...one, before, changes: before ? revisionChanges(before.record, one.record, units) : [] }
  })
  if (told.every(({ codes, origins, changes }) => codes.length + origins.length + changes.length === 0)) return null
  const labelOf = (id: string | undefined) => revisionName(revisions.find((one) => one.id === id)?.label ?? '')
  const made = madeBetween(told.flatMap(({ codes }) => codes.map(({ readings }) => readings)))
  return (
    <Stack $gap={8}>
      {made && <Small>{texts.byTheirDateCodesTheOldest(formatMadeIn(made.oldest), formatMadeIn(made.newest))}</Small>}
      {told.map(({ id, codes, origins, before, changes }) => (
        <Stack key={id} $gap={2} as="section" aria-label={texts.whatTells(labelOf(id))}>
          {revisions.length > 1 && <strong>{labelOf(id)}</strong>}
          {codes.length > 0 && <Small>{texts.dateCodes(codes.map(codeText).join('; '))}</Small>}
          {origins.length > 0 && <Small>{formatList(origins, 'conjunction')}.</Small>}
          {changes.length > 0 && (
            <Stack $gap={6}>
              <Small>
                {texts.againstThingsDiffer(labelOf(before?.id), changes.length)}{' '}
                {before && <Link to={href('/kin/:a/:b', { a: before.id, b: id })}>{texts.partByPart}</Link>}
              </Small>
              <WordChips aria-label={texts.whatDiffersFrom(labelOf(before?.id))}>
                {changes.map((change) => (
                  <li key={change}>{change}</li>
                ))}
              </WordChips>
            </Stack>
          )}
        </Stack>
      ))}
    </Stack>
  )
}

function codeText({ specimen, code, readings, shelf }: SeenCode): string {
  const means = readings.map(formatMadeIn)
  if (means.length === 0) return `${code} (${specimen})`
  const said = means.length === 1 ? `made ${means[0]}` : texts.made(formatList(means))
  const age = shelf === undefined ? '' : texts.monthsBeforeItWasLookedAt(shelf)
  return `${code} (${specimen}): ${said}${age}`
}

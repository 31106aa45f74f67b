import { useState } from 'react'
import type { OtherSpecimen } from '#core/compare/beside.ts'
import { formatRelation, relationFieldOf, relationUnit } from '#core/compare/format-relation.ts'
import { onlyTheSameOf, rowOf } from '#core/compare/read-comparison.ts'
import { readRelation } from '#core/compare/said-relation.ts'
import { longestComparison } from '#app/features/forms/comparison-fields.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Bench } from './useBench.ts'

interface Props {
  bench: Bench
  beside: readonly OtherSpecimen[]
  onClose: () => void
}

/** What an other filter is called in a list. */
export const otherName = ({ brand, partNumber, label }: OtherSpecimen): string => `${brand} ${partNumber} ${label}`

/** Says how the characteristic that is up stands beside that of another filter, without a number for either. */
export function CompareLine({ bench, beside, onClose }: Props) {
  const { units: system } = usePreferences()
  const { key, label, kind } = bench.current
  const [other, pick] = useState(beside[0]?.id ?? '')
  const [line, setLine] = useState('')
  const field = relationFieldOf(rowOf(key))
  if (!field) return null
  const read = line.trim() === '' ? undefined : onlyTheSameOf(key, readRelation(line, field))
  const keep = () => {
    if (!read?.ok) return
    bench.compare(key, other, line.trim())
    onClose()
  }
  return (
    <form data-elsewhere onSubmit={(event) => (event.preventDefault(), keep())}>
      <Stack $gap={8}>
        <SelectMenu
          label={texts.beside(label)}
          value={other}
          options={beside.map((one) => ({ value: one.id, label: otherName(one) }))}
          onPick={pick}
        />
        <Row>
          <InputBox
            aria-label={texts.howItCompares}
            value={line}
            maxLength={longestComparison}
            placeholder={kind === 'choice' ? texts.theSame : texts.aHairMore}
            onChange={(event) => setLine(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Escape') return
              event.stopPropagation()
              onClose()
            }}
            autoFocus
            autoComplete="off"
            style={{ flex: 1, minWidth: 180, font: '600 18px/1.2 var(--label)' }}
          />
          <Button type="submit" $kind="primary" isDisabled={!read?.ok}>
            {texts.keep}
          </Button>
          <Button $kind="quiet" onPress={onClose}>
            {texts.close}
          </Button>
        </Row>
        {read?.ok === false ? (
          <Row>
            <ErrorText role="status">{read.problem.message}</ErrorText>
            {read.problem.suggestions?.map(({ text, label: words }) => (
              <Button key={text} onPress={() => setLine(text)}>
                {words}
              </Button>
            ))}
          </Row>
        ) : (
          <Small role="status">
            {!read && texts.thicker8GLighterNearlyTwice}
            {read &&
              'relation' in read.value &&
              `= ${formatRelation(read.value.relation, relationUnit(rowOf(key), system))}`}
            {read && 'readings' in read.value && texts.aReadingOfEachThere(read.value.readings.join(' here, '))}
          </Small>
        )}
      </Stack>
    </form>
  )
}

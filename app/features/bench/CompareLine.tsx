import { useState } from 'react'
import type { OtherSpecimen } from '#core/compare/beside.ts'
import { formatRelation, relationFieldOf, relationUnit } from '#core/compare/format-relation.ts'
import { onlyTheSameOf, rowOf } from '#core/compare/read-comparison.ts'
import { readRelation } from '#core/compare/said-relation.ts'
import { longestComparison } from '#app/features/forms/comparison-fields.ts'
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
          label={`${label}, beside`}
          value={other}
          options={beside.map((one) => ({ value: one.id, label: otherName(one) }))}
          onPick={pick}
        />
        <Row>
          <InputBox
            aria-label="How it compares"
            value={line}
            maxLength={longestComparison}
            placeholder={kind === 'choice' ? 'the same' : 'a hair more'}
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
            Keep
          </Button>
          <Button $kind="quiet" onPress={onClose}>
            Close
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
            {!read && 'thicker, 8 g lighter, nearly twice, within 1 mm of each other, the same'}
            {read &&
              'relation' in read.value &&
              `= ${formatRelation(read.value.relation, relationUnit(rowOf(key), system))}`}
            {read && 'readings' in read.value && `= a reading of each: ${read.value.readings.join(' here, ')} there`}
          </Small>
        )}
      </Stack>
    </form>
  )
}

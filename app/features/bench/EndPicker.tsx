import { endLabel, endsOf } from '#core/teardown/end.ts'
import type { FilterForm } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small } from '#app/ui/layout.tsx'
import { Chip, Chips } from './chips.tsx'
import type { ReadingEntry } from './useReadingEntry.ts'

/** At which end of the element the next answer was found; of both where none is chosen. */
export function EndPicker({ entry, form }: { entry: ReadingEntry; form: FilterForm }) {
  const { end, setEnd } = entry.choices
  const choices = [
    { value: undefined, label: texts.bothEndsAlike },
    ...endsOf(form).map((one) => ({ value: one, label: texts.atThe(endLabel(one)) })),
  ]
  return (
    <Chips role="group" aria-label={texts.atWhichEnd}>
      {choices.map(({ value, label }) => (
        <Chip key={label} type="button" aria-pressed={end === value} onClick={() => setEnd(value)}>
          {label}
        </Chip>
      ))}
      <Small>{texts.theWorseEndDecides}</Small>
    </Chips>
  )
}

import { styled } from 'styled-components'
import type { ResolvedValue } from '#core/teardown/resolve.ts'
import { isSketched, OptionSketch } from '#app/drawing/sketches.tsx'
import { Key } from '#app/ui/layout.tsx'
import { OptionButton } from './chips.tsx'
import type { ReadingEntry } from './useReadingEntry.ts'

const Options = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 8px;
  &[data-grade='true'] {
    grid-template-columns: 1fr;
    gap: 6px;
    button {
      min-height: 46px;
      align-content: center;
    }
  }
`

/** The answers of a reading that is chosen, each with its digit. */
export function OptionPicker({ entry, resolved }: { entry: ReadingEntry; resolved: ResolvedValue | undefined }) {
  const { characteristic, options, submit } = entry
  const isGrade = characteristic.kind === 'grade'
  const { end } = entry.choices
  // Of an end its own latest reading is shown; the value that counts may be of the other.
  const own = end && resolved?.readings.findLast((one) => one.atEnd === end)
  const isAsItStands = (value: string) =>
    end
      ? own?.valueText === value || String(own?.valueNumber) === value
      : resolved?.text === value || String(resolved?.number?.value) === value
  const isWithSketch = isSketched(
    characteristic.key,
    options.map(({ value }) => value),
  )
  return (
    <Options role="group" aria-labelledby="reading-label" data-grade={isGrade}>
      {options.map(({ value, label, description }, index) => (
        <OptionButton key={value} type="button" aria-pressed={isAsItStands(value)} onClick={() => submit(value)}>
          <Key>{isGrade ? index : index + 1}</Key>
          <strong>{isGrade ? description : label}</strong>
          {!isGrade && <small>{description}</small>}
          {isWithSketch && <OptionSketch characteristic={characteristic.key} value={value} />}
        </OptionButton>
      ))}
    </Options>
  )
}

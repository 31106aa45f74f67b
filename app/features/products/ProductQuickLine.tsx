import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { href, Link } from 'react-router'
import type { FilterForm } from '#core/catalogue/index.ts'
import { nameEnds } from '#core/teardown/end.ts'
import { readQuickEntry } from '#core/teardown/quick-entry.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import type { Reviewer } from '#app/data/reviewer.server.ts'
import { newId } from '#app/data/id.ts'
import { chosenCandidate, QuickPieces, type QuickChoices } from '#app/features/bench/QuickPieces.tsx'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  form: FilterForm
  specimens: readonly { id: string; label: string; revisionLabel: string }[]
  lineup: string
  /** What the reviewer calls the top. */
  topEnd: Reviewer['topEnd']
}

const nothingKnown: ResolvedValues = new Map()

/** What was found, typed in a line without the bench: of a specimen that is there, or of the first one. */
export function ProductQuickLine({ form, specimens, lineup, topEnd }: Props) {
  const { send, refusal, isIdle, isTaken, result } = useAction()
  const [line, setLine] = useState('')
  const [choices, setChoices] = useState<QuickChoices>({})
  const [picked, pick] = useState<string>()
  const specimen = picked ?? specimens.at(-1)?.id ?? ''
  const [sent, setSent] = useState<{ count: number; left: string }>()
  const field = useRef<HTMLTextAreaElement>(null)
  const pieces = useMemo(() => readQuickEntry(nameEnds(line, form, topEnd), form, nothingKnown), [line, form, topEnd])
  const clear = pieces.flatMap((piece) => chosenCandidate(piece, choices) ?? [])
  const readings = clear.flatMap(({ characteristic, values }) =>
    values.map((typed) => ({ characteristic: characteristic.key, typed })),
  )
  const take = () => {
    if (readings.length === 0 || !isIdle) return
    const left = pieces.filter((piece) => !chosenCandidate(piece, choices)).map(({ said }) => said)
    setSent({ count: readings.length, left: left.join(' · ') })
    send({ intent: 'quick', id: newId(), specimen, readings: JSON.stringify(readings) })
  }
  useEffect(() => {
    if (isTaken && field.current) field.current.focus()
  }, [isTaken])
  const [taken, setTaken] = useState<typeof result>()
  const isShown = isTaken && taken === result
  if (isTaken && sent && !isShown) {
    setTaken(result)
    setLine(sent.left)
    setChoices({})
    // What comes next is of the one that was just made.
    if (picked === '') pick(undefined)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || event.shiftKey) return
    event.preventDefault()
    take()
  }
  return (
    <Stack $gap={10}>
      <Row $between>
        <label htmlFor="product-line" style={{ font: '600 17px/1.2 var(--label)' }}>
          {texts.whatYouFoundInALine}
        </label>
        {specimens.length > 0 && (
          <SelectMenu
            label={texts.ofSpecimen}
            value={specimen}
            options={[
              ...specimens.map(({ id, label, revisionLabel }) => ({
                value: id,
                label: [label, revisionLabel].filter(Boolean).join(', '),
              })),
              { value: '', label: texts.anotherOne },
            ]}
            onPick={pick}
          />
        )}
      </Row>
      <AreaBox
        id="product-line"
        ref={field}
        rows={2}
        value={line}
        onChange={(event) => setLine(event.target.value)}
        onKeyDown={onKeyDown}
        placeholder={texts.wall495049Turns4}
        maxLength={1000}
        spellCheck={false}
        style={{ font: '600 20px/1.3 var(--label)' }}
      />
      <QuickPieces pieces={pieces} choices={choices} onChoose={setChoices} />
      <ErrorText role="alert">{refusal}</ErrorText>
      <Row>
        <Button $kind="primary" isDisabled={readings.length === 0 || !isIdle} onPress={take}>
          {texts.keepReadings(readings.length)}
        </Button>
        <Small role="status">
          {isShown && sent && line === sent.left ? (
            <>
              {texts.readingsKept(sent.count)}{' '}
              <Link to={href('/lineups/:application', { application: lineup })}>{texts.toTheLineUp}</Link>
            </>
          ) : (
            texts.enterKeepsWhatIsClearThe
          )}
        </Small>
      </Row>
    </Stack>
  )
}

import { useEffect, useMemo, useRef, useState } from 'react'
import { formatRelation, relationFieldOf, relationUnit } from '#core/compare/format-relation.ts'
import { readComparison, type ComparisonCandidate } from '#core/compare/read-comparison.ts'
import { inverted } from '#core/compare/relation.ts'
import type { StoredComparison } from '#app/data/comparisons.server.ts'
import { newId } from '#app/data/id.ts'
import { longestComparison } from '#app/features/forms/comparison-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/face-off.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Caution, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { SpanMark } from './SpanMark.tsx'
import type { Facing } from './useFacing.ts'

interface Props {
  a: Facing
  b: Facing
  /** Of specimens, by their ids. */
  labels: Labels
  comparisons: readonly StoredComparison[]
}

type Labels = Readonly<Record<string, string>>

/** What was said of the two beside each other, and a line to say more of them. */
export function SideBySideCard({ a, b, labels, comparisons }: Props) {
  const isOf = (facing: Facing, specimen: string) => facing.column.specimenIds.includes(specimen)
  const own = comparisons.flatMap((one): SaidOfTwo[] => {
    if (isOf(a, one.specimen) && isOf(b, one.other)) return [{ ...one, isTurned: false }]
    return isOf(b, one.specimen) && isOf(a, one.other) ? [{ ...one, isTurned: true }] : []
  })
  return (
    <Card>
      <Stack $gap={12}>
        <h2>{texts.sideBySide}</h2>
        <Soft>{texts.whatWasComparedWithoutANumber}</Soft>
        {own.length > 0 && <SaidTable a={a} b={b} labels={labels} said={own} />}
        <SayMore key={`${a.column.id} ${b.column.id}`} a={a} b={b} labels={labels} />
      </Stack>
    </Card>
  )
}

/** Said of the first beside the second, or turned: of the second beside the first. */
type SaidOfTwo = StoredComparison & { isTurned: boolean }

interface SaidTableProps extends Omit<Props, 'comparisons'> {
  said: readonly SaidOfTwo[]
}

function SaidTable({ a, b, labels, said }: SaidTableProps) {
  const { rows } = useLineup().evaluation
  const { units: system } = usePreferences()
  const { send, isIdle } = useAction()
  const isOfSeveral = a.column.specimenIds.length + b.column.specimenIds.length > 2
  return (
    <Table aria-label={texts.saidOfTheTwo}>
      <thead>
        <tr>
          <th scope="col">{texts.compared}</th>
          <th scope="col">{texts.is(a.name)}</th>
          <th scope="col">
            <span style={{ display: 'flex', justifyContent: 'space-between', width: 260 }}>
              <span>{texts.less}</span>
              <Soft>{b.name}</Soft>
              <span>{texts.more}</span>
            </span>
          </th>
          <th scope="col">{texts.asTyped}</th>
        </tr>
      </thead>
      <tbody>
        {said.map(({ id, of, relation, evidence, said: words, specimen, other: otherId, isTurned }) => {
          const row = rows.find(({ key }) => key === of)
          const other = row?.cells[b.evaluated.at]
          const seen = isTurned ? inverted(relation) : relation
          const text = formatRelation(seen, relationUnit(of, system))
          const contradicts = row?.relations?.some((known) => known.id === id && known.isContradicted)
          return (
            <tr key={id}>
              <td>{relationFieldOf(of)?.label ?? of}</td>
              <td>
                <EvidenceGlyph evidence={evidence} /> {text}
                {contradicts && <Caution>{texts.theReadingsOfTheTwoSay}</Caution>}
              </td>
              <td>
                <SpanMark
                  relation={seen}
                  other={other?.state === 'number' ? other.value : undefined}
                  title={texts.than(a.name, text, b.name)}
                />
              </td>
              <td>
                <Row>
                  <Small>
                    {isTurned && `${b.name}: `}
                    {words}
                    {isOfSeveral && ` (specimen ${labels[specimen]} beside ${labels[otherId]})`}
                  </Small>
                  <Button
                    $kind="quiet"
                    isDisabled={!isIdle}
                    aria-label={texts.takeBackOfWords(words)}
                    onPress={() => send({ intent: 'remove', id })}
                  >
                    {texts.takeBack}
                  </Button>
                </Row>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Table>
  )
}

function SayMore({ a, b, labels }: Omit<Props, 'comparisons'>) {
  const { application } = useLineup()
  const { send, refusal, isIdle, isTaken, result } = useAction()
  const [line, setLine] = useState('')
  const [picked, pick] = useState('')
  const [specimen, setSpecimen] = useState(a.column.specimenId)
  const [other, setOther] = useState(b.column.specimenId)
  const field = useRef<HTMLInputElement>(null)
  const candidates = useMemo(() => readComparison(line, application.form), [line, application.form])
  const chosen =
    candidates.length === 1 ? candidates[0] : candidates.find(({ of }) => of === picked && candidates.length > 1)
  const keep = () => {
    if (!chosen?.read.ok || !isIdle) return
    send({ intent: 'compare', id: newId(), specimen, other, of: chosen.of, line })
  }
  const [taken, setTaken] = useState<typeof result>()
  if (isTaken && taken !== result) {
    setTaken(result)
    setLine('')
    pick('')
  }
  useEffect(() => {
    if (isTaken) field.current?.focus()
  }, [isTaken])
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <Stack $gap={8}>
        <Row>
          <label htmlFor="comparison-line" style={{ font: '600 17px/1.2 var(--label)' }}>
            {texts.beside(a.name, b.name)}
          </label>
          <SpecimenMenu of={a} labels={labels} value={specimen} onPick={setSpecimen} />
          <SpecimenMenu of={b} labels={labels} value={other} onPick={setOther} />
        </Row>
        <Row>
          <InputBox
            id="comparison-line"
            ref={field}
            value={line}
            maxLength={longestComparison}
            onChange={(event) => setLine(event.target.value)}
            placeholder={application.form === 'spin-on' ? texts.wallAHairThicker : texts.mediaLengthAHairLonger}
            autoComplete="off"
            style={{ flex: 1, minWidth: 220, font: '600 18px/1.2 var(--label)' }}
          />
          {candidates.length > 1 && (
            <SelectMenu
              label={texts.ofLabel}
              value={picked}
              options={[{ value: '', label: 'which?' }, ...candidates.map(({ of, label }) => ({ value: of, label }))]}
              onPick={pick}
            />
          )}
          <Button type="submit" $kind="primary" isDisabled={!chosen?.read.ok || !isIdle}>
            {texts.keep}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
        <Echo line={line} chosen={chosen} candidates={candidates} onTake={setLine} />
      </Stack>
    </form>
  )
}

interface SpecimenMenuProps {
  of: Facing
  labels: Labels
  value: string
  onPick: (specimen: string) => void
}

/** Which of several specimens is meant; nothing to choose where there is one. */
function SpecimenMenu({ of, labels, value, onPick }: SpecimenMenuProps) {
  const { specimenIds } = of.column
  if (specimenIds.length < 2) return null
  return (
    <SelectMenu
      label={texts.specimenOf(of.name)}
      value={value}
      options={specimenIds.map((id) => ({ value: id, label: labels[id] ?? '' }))}
      onPick={onPick}
    />
  )
}

interface EchoProps {
  line: string
  chosen: ComparisonCandidate | undefined
  candidates: readonly ComparisonCandidate[]
  onTake: (line: string) => void
}

/** What the line became, or what is wrong with it. */
function Echo({ line, chosen, candidates, onTake }: EchoProps) {
  const { units: system } = usePreferences()
  if (line.trim() === '') return <Small role="status">{texts.enterKeepsItExamples310Thou}</Small>
  if (!chosen)
    return (
      <Small role="status">
        {candidates.length === 0 ? texts.sayWhatIsComparedWallWeight : texts.thatCanBeSaidOfSeveral}
      </Small>
    )
  const { of, label, read, said } = chosen
  if (!read.ok)
    return (
      <Stack $gap={6}>
        <ErrorText role="status">
          {label}: {read.problem.message}
        </ErrorText>
        <Row>
          {read.problem.suggestions?.map(({ text, label: words }) => (
            <Button key={text} onPress={() => onTake(line.toLowerCase().replace(said, text))}>
              {words}
            </Button>
          ))}
        </Row>
      </Stack>
    )
  const { value } = read
  return (
    <Small role="status">
      {label}:{' '}
      {'readings' in value
        ? texts.aReadingOfEachAnd(value.readings[0], value.readings[1])
        : `${formatRelation(value.relation, relationUnit(of, system))}${
            value.evidence === 'measured' ? '' : `, ${value.evidence}`
          }`}
    </Small>
  )
}

import { useState } from 'react'
import { formatMadeIn, readDateCode, teachDateCode } from '#core/kin/date-code.ts'
import type { DateCodeTemplate } from '#app/data/date-codes.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'

interface Props {
  templates: readonly DateCodeTemplate[]
  today: string
}

/** How the date codes of a brand read, and two codes with what they mean to teach it. */
export function DateCodesCard({ templates, today }: Props) {
  const { send, isIdle } = useAction()
  return (
    <Card aria-label="Date codes">
      <Stack $gap={10}>
        <h2>Date codes</h2>
        <Soft>
          Give two codes of which you know the day, month or year: from these it is worked out how all others read. One
          that reads in several ways is given with all of them.
        </Soft>
        {templates.map(({ template, taught }) => (
          <Row key={template} $between>
            <span>
              <strong>{templateWords(template)}</strong>{' '}
              <Small>taught by {taught.map(({ code, means }) => `${code} (${means})`).join(' and ')}</Small>
            </span>
            <Button
              $kind="quiet"
              isDisabled={!isIdle}
              aria-label={`Forget ${templateWords(template)}`}
              onPress={() => send({ intent: 'forget', template })}
            >
              Forget
            </Button>
          </Row>
        ))}
        <Teach today={today} kept={templates.map(({ template }) => template)} />
      </Stack>
    </Card>
  )
}

const tokenWords: Readonly<Record<string, string>> = {
  YYYY: 'year',
  YY: 'year in two',
  Y: 'year in one',
  MM: 'month',
  M: 'month as a letter',
  DD: 'day',
  DDD: 'day of the year',
  WW: 'week',
  '#': 'a figure',
  '@': 'a letter',
}

/** A template in words: what stands where. */
const templateWords = (template: string): string =>
  template
    .split(/\{([^}]*)\}/)
    .map((piece, at) => (at % 2 === 1 ? (tokenWords[piece] ?? piece) : piece.trim() && `“${piece.trim()}”`))
    .filter(Boolean)
    .join(', ')

const blank = { code: '', means: '', otherCode: '', otherMeans: '' }

function Teach({ today, kept }: { today: string; kept: readonly string[] }) {
  const { send, refusal, isIdle } = useAction()
  const [given, give] = useState(blank)
  const { code, means, otherCode, otherMeans } = given
  const isGiven = Object.values(given).every((text) => text.trim() !== '')
  const taught = teachDateCode(
    [
      { code, means: means.trim() },
      { code: otherCode, means: otherMeans.trim() },
    ],
    today,
  )
  const field = (name: keyof typeof blank, label: string, placeholder: string) => (
    <InputBox
      aria-label={label}
      placeholder={placeholder}
      maxLength={20}
      style={{ width: 150 }}
      value={given[name]}
      onChange={(event) => give({ ...given, [name]: event.target.value })}
    />
  )
  return (
    <Stack $gap={6}>
      <Row style={{ flexWrap: 'wrap' }}>
        {field('code', 'First code', '26061')} <span>means</span>
        {field('means', 'What the first means', '2026-03-02')}
      </Row>
      <Row style={{ flexWrap: 'wrap' }}>
        {field('otherCode', 'Second code', '25360')} <span>means</span>
        {field('otherMeans', 'What the second means', '2025-12')}
      </Row>
      {isGiven && !taught.ok && <ErrorText role="status">{taught.problem.message}</ErrorText>}
      {isGiven &&
        taught.ok &&
        taught.value.map((template) => (
          <Row key={template}>
            <Button
              isDisabled={!isIdle || kept.includes(template)}
              onPress={() => send({ intent: 'teach', ...given, template })}
            >
              {kept.includes(template) ? 'Kept' : 'Keep'}: {templateWords(template)}
            </Button>
            <Small>{[code, otherCode].map((one) => readAs(one, template, today)).join('; ')}</Small>
          </Row>
        ))}
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}

function readAs(code: string, template: string, today: string): string {
  const made = readDateCode(code, template, today)
  return `${code} is ${made ? formatMadeIn(made) : 'not read'}`
}

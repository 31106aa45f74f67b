import { useState } from 'react'
import { formatMadeIn, readDateCode, teachDateCode } from '#core/kin/date-code.ts'
import type { DateCodeTemplate } from '#app/data/date-codes.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/library.ts'
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
    <Card aria-label={texts.dateCodes}>
      <Stack $gap={10}>
        <h2>{texts.dateCodes}</h2>
        <Soft>{texts.giveTwoCodesOfWhichYou}</Soft>
        {templates.map(({ template, taught }) => (
          <Row key={template} $between>
            <span>
              <strong>{templateWords(template)}</strong>{' '}
              <Small>{texts.taughtBy(taught.map(({ code, means }) => `${code} (${means})`).join(' and '))}</Small>
            </span>
            <Button
              $kind="quiet"
              isDisabled={!isIdle}
              aria-label={texts.forgetOfTemplateWords(templateWords(template))}
              onPress={() => send({ intent: 'forget', template })}
            >
              {texts.forget}
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
  YY: texts.yearInTwo,
  Y: texts.yearInOne,
  MM: 'month',
  M: texts.monthAsALetter,
  DD: 'day',
  DDD: texts.dayOfTheYear,
  WW: 'week',
  '#': texts.aFigure,
  '@': texts.aLetter,
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
        {field('code', texts.firstCode, '26061')} <span>{texts.means}</span>
        {field('means', texts.whatTheFirstMeans, '2026-03-02')}
      </Row>
      <Row style={{ flexWrap: 'wrap' }}>
        {field('otherCode', texts.secondCode, '25360')} <span>{texts.means}</span>
        {field('otherMeans', texts.whatTheSecondMeans, '2025-12')}
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
              {kept.includes(template) ? texts.kept : texts.keep}: {templateWords(template)}
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
  return texts.is(code, made ? formatMadeIn(made) : texts.notRead)
}

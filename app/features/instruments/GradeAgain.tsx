import { href } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { GradeQuestion } from '#app/data/grade-studies.server.ts'
import * as texts from '#app/texts/instruments.ts'
import { Key, Row, Small } from '#app/ui/layout.tsx'

const Picture = styled.img`
  flex: 1 1 420px;
  min-width: 0;
  max-height: 60vh;
  object-fit: contain;
  border-radius: 8px;
  background: var(--line);
`

const Anchors = styled.div`
  flex: 1 1 320px;
  display: grid;
  gap: 8px;
  align-content: start;
  button {
    display: flex;
    gap: 12px;
    align-items: baseline;
    min-height: 46px;
    padding: 8px 14px;
    border: 1px solid var(--line-strong);
    border-radius: 8px;
    background: var(--raised);
    color: var(--ink);
    text-align: left;
    cursor: pointer;
    &:hover {
      background: var(--green-soft);
    }
  }
`

/** A picture of a part, and the grades that it can be given. */
export function GradeAgain({ question, onGrade }: { question: GradeQuestion; onGrade: (grade: number) => void }) {
  const characteristic = characteristicOf(question.characteristic)
  const anchors = characteristic.kind === 'grade' ? characteristic.anchors : []
  return (
    <>
      <h2>{characteristic.label}</h2>
      <Small>{characteristic.how}</Small>
      <Row $gap={20} style={{ alignItems: 'flex-start' }}>
        <Picture
          src={href('/photos/:photo', { photo: question.photoId })}
          alt={texts.aPartToGrade(characteristic.label)}
        />
        <Anchors role="group" aria-label={characteristic.label}>
          {anchors.map((anchor, grade) => (
            <button key={anchor} type="button" onClick={() => onGrade(grade)}>
              <Key>{grade}</Key>
              {anchor}
            </button>
          ))}
        </Anchors>
      </Row>
    </>
  )
}

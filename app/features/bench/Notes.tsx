import { X } from 'lucide-react'
import { useState } from 'react'
import { styled } from 'styled-components'
import { partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Note } from '#app/data/notes.server.ts'
import * as texts from '#app/texts/bench.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Small, Stack } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const longest = 2000

/** Id of the field for notes, to which a key leads. */
export const noteField = 'bench-note'

const Item = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 32px;
  gap: 6px;
  font-size: 14px;
  overflow-wrap: anywhere;
  white-space: pre-wrap;
  button {
    height: 32px;
    border: 0;
    background: none;
    cursor: pointer;
    color: var(--ink-soft);
  }
`

/** Words about the part in hand. */
export function Notes({ bench, notes, part }: { bench: Bench; notes: Note[]; part: FilterPartKey }) {
  const [text, setText] = useState('')
  const long = text.trim().length > longest
  return (
    <Stack as="section" $gap={4} aria-label={texts.notes}>
      <h3>{texts.notes}</h3>
      {notes.map((note) => (
        <Item key={note.id}>
          <span>
            <Small>{partLabel(note.part)}: </Small>
            {note.text}
          </span>
          <button
            type="button"
            aria-label={texts.removeTheNoteOn(partLabel(note.part))}
            onClick={() => bench.dropNote(note.id)}
          >
            <X size={16} aria-hidden />
          </button>
        </Item>
      ))}
      <label>
        <Small>{texts.on(partLabel(part).toLowerCase())}</Small>
        <AreaBox
          id={noteField}
          value={text}
          onChange={(event) => setText(event.target.value)}
          aria-invalid={long}
          aria-describedby="note-fault"
          rows={2}
          style={{ minHeight: 0 }}
        />
      </label>
      <ErrorText id="note-fault" role="alert">
        {long && texts.thatNoteHasCharactersFitSplitItIn(text.trim().length, longest)}
      </ErrorText>
      <div>
        <Button
          isDisabled={text.trim() === '' || long}
          onPress={() => {
            bench.addNote(part, text.trim())
            setText('')
          }}
        >
          {texts.keepTheNote}
        </Button>
      </div>
    </Stack>
  )
}

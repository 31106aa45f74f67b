import { useState } from 'react'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/line-up.ts'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { Strip } from './table-style.ts'

interface Props {
  judged: EvaluationView
  /** Rows that nobody has looked at. */
  unread: number
  isArranging: boolean
  onArrange: () => void
}

/** What the table shows: differences only, uncertainty, which columns, which rows. */
export function LineupTools({ judged, unread, isArranging, onArrange }: Props) {
  const { get, set } = useAddress()
  const [sought, seek] = useState(get('find') ?? '')
  const [onlyDifferences, showsUncertainty] = [get('only') === 'differences', get('doubt') === 'shown']
  const showsAll = get('rows') === 'all'
  const find = (words: string) => {
    seek(words)
    set({ find: words })
  }
  return (
    <Strip data-print="no">
      <SchoolBar judged={judged} isTerse />
      <Button
        onPress={() => set({ only: onlyDifferences ? '' : 'differences' })}
        aria-pressed={onlyDifferences}
        $kind={onlyDifferences ? 'primary' : 'plain'}
      >
        {texts.differencesOnly}
      </Button>
      <Button
        onPress={() => set({ doubt: showsUncertainty ? '' : 'shown' })}
        aria-pressed={showsUncertainty}
        $kind={showsUncertainty ? 'primary' : 'plain'}
      >
        {texts.show2}
      </Button>
      {unread > 0 && !onlyDifferences && (
        <Button onPress={() => set({ rows: showsAll ? '' : 'all' })} aria-pressed={showsAll}>
          {texts.rowsNobodyHasLookedAt(unread, showsAll)}
        </Button>
      )}
      <Button onPress={onArrange} aria-expanded={isArranging}>
        {texts.columns}
      </Button>
      <InputBox
        type="search"
        style={{ width: 140 }}
        aria-label={texts.findARow}
        placeholder={texts.findARow}
        value={sought}
        onChange={(event) => find(event.target.value)}
      />
      <Button onPress={() => window.print()}>{texts.print}</Button>
    </Strip>
  )
}

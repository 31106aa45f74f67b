import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import * as texts from '#app/texts/library.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Small } from '#app/ui/layout.tsx'
import { useAddress } from '#app/ui/useAddress.ts'

const Search = styled(InputBox)`
  width: 100%;
  max-width: 420px;
`

/** So long typing may pause before it is searched for, in milliseconds. */
const pause = 200

/** Searches as one types, once typing pauses. */
export function LibrarySearch() {
  const { get, set } = useAddress()
  const asked = get('q') ?? ''
  const [sought, seek] = useState(asked)
  useEffect(() => {
    if (sought === asked) return undefined
    const timer = setTimeout(() => set({ q: sought, page: '' }), pause)
    return () => clearTimeout(timer)
  }, [sought, asked, set])
  return (
    <label htmlFor="search" style={{ display: 'flex', alignItems: 'center', gap: 6, flex: '1 1 240px', maxWidth: 420 }}>
      <Small>{`${texts.search} `}</Small>
      <Search
        id="search"
        type="search"
        value={sought}
        onChange={(event) => seek(event.target.value)}
        placeholder={texts.brandNumberEngine}
      />
    </label>
  )
}

import { X } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { Link, useFetcher } from 'react-router'
import { styled } from 'styled-components'
import { ValueDetail, type OpenedValue } from '#app/features/specimen/ValueDetail.tsx'
import * as texts from '#app/texts/line-up.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft } from '#app/ui/layout.tsx'

const Side = styled.aside`
  flex: 0 0 420px;
  display: grid;
  gap: 12px;
  align-content: start;
  min-width: 0;
  overflow: auto;
  padding: 4px 2px 12px 4px;
  table {
    font-size: 13px;
  }
  td,
  th {
    padding-right: 6px;
    overflow-wrap: normal;
  }
  &:focus {
    outline: none;
  }
  @media (max-width: 900px) {
    flex-basis: 320px;
  }
  @media print {
    display: none;
  }
`

interface Props {
  /** Of the page of the value. */
  address: string
  onClose: () => void
}

/** A cell opened beside the table: what it rests on. Escape closes it. */
export function ValuePanel({ address, onClose }: Props) {
  const { load, data, state } = useFetcher<OpenedValue>({ key: `value ${address}` })
  const side = useRef<HTMLElement>(null)
  useEffect(() => {
    void load(address)
    side.current?.focus()
  }, [load, address])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => event.key === 'Escape' && onClose()
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [onClose])
  return (
    <Side ref={side} tabIndex={-1} aria-label={texts.openedValue} aria-busy={state !== 'idle'}>
      <Row $between style={{ flexWrap: 'nowrap' }}>
        <div>
          <h2>{data?.label ?? '…'}</h2>
          {data && (
            <Small>
              {texts.specimen(data.specimen.brand, data.specimen.partNumber, data.specimen.label)}{' '}
              <Link to={address}>{texts.itsPage}</Link>
            </Small>
          )}
        </div>
        <Button $kind="quiet" aria-label={texts.close} onPress={onClose}>
          <X size={20} aria-hidden />
        </Button>
      </Row>
      {data ? <ValueDetail value={data} /> : <Soft>{texts.opening}</Soft>}
    </Side>
  )
}

import { useEffect, useState } from 'react'
import { href } from 'react-router'
import type { KinSoon } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
import { Card, Row, Small } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { fetchJson } from '#app/ui/useJson.ts'
import { KinView } from './KinView.tsx'

/** So long after an answer is asked again, ms. */
const pause = 200

/** Relatives when they are worked out; until then how far that is. */
export function KinSoonView({ kin: loaded, engine }: { kin: KinSoon; engine?: string }) {
  const [asked, setAsked] = useState<{ for: KinSoon; kin: KinSoon }>()
  const kin = asked?.for === loaded ? asked.kin : loaded
  useEffect(() => {
    if (loaded.overview) return
    const leaving = new AbortController()
    const ask = async (): Promise<void> => {
      const answer = await fetchJson<KinSoon>(href('/kin/overview'), leaving.signal)
      if (leaving.signal.aborted) return
      if (answer) setAsked({ for: loaded, kin: answer })
      if (!answer?.overview) setTimeout(() => void ask(), pause)
    }
    void ask()
    return () => leaving.abort()
  }, [loaded])
  if (kin.overview) return <KinView {...kin.overview} {...(engine !== undefined && { engine })} />
  return (
    <Card role="status">
      <Row>
        <Small>{kin.done > 0 ? texts.eachFilterIsSetBesideEach : texts.whatWasRecordedOfAllFilters}</Small>
        <Meter share={kin.done} />
      </Row>
    </Card>
  )
}

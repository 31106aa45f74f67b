import { styled } from 'styled-components'
import type { Characteristic } from '#core/catalogue/index.ts'
import { isRequested, notApplicableReason } from '#core/teardown/recording-plan.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Caution, Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const Plain = styled.button`
  padding: 4px 0;
  border: 0;
  background: none;
  color: inherit;
  text-decoration: underline;
  cursor: pointer;
`

/** Says when a reading is not asked for on this specimen, or on this one alone, and changes it. */
export function RequestLine({ bench, characteristic }: { bench: Bench; characteristic: Characteristic }) {
  const { values, plan, ask } = bench
  const { key, extra } = characteristic
  const reason = notApplicableReason(characteristic, values)
  if (!isRequested(characteristic, values, plan))
    return (
      <Caution>
        {texts.youCanRecordItAllThe(
          reason
            ? texts.notAskedForHereSince(reason)
            : plan[key] === false
              ? texts.leftOutOfThisSpecimen
              : texts.anExtraRecordedWhenThereIs,
        )}{' '}
        <Plain type="button" onClick={() => ask(key, reason || extra ? 'yes' : 'usual')}>
          {texts.askForItHere}
        </Plain>
        .
      </Caution>
    )
  if (!reason && !extra) return null
  return (
    <Small>
      {texts.askedForOnThisSpecimenAlone}
      {reason && texts.although(reason)}.{' '}
      <Plain type="button" onClick={() => ask(key, 'usual')}>
        {texts.asUsual}
      </Plain>
    </Small>
  )
}

import { Link } from 'react-router'
import type { JudgedLineup } from '#app/data/judged.server.ts'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { namedOptions, Pick } from '#app/ui/Pick.tsx'
import type { JudgedView } from './useJudged.ts'

/** Which school judges, for which driver, and by which rules the driver shifts it. */
export function SchoolBar({
  data: { schools, drivers, method },
  judged: { school, driver, set },
}: {
  data: Pick<JudgedLineup, 'schools' | 'drivers' | 'method'>
  judged: Pick<JudgedView, 'school' | 'driver' | 'set'>
}) {
  return (
    <Stack $gap={6}>
      <Row>
        <Pick label="School" value={school.id} options={namedOptions(schools)} onPick={(id) => set({ school: id })} />
        <Pick
          label="for"
          name="For the driver"
          value={driver?.id ?? ''}
          options={[{ value: '', label: 'anybody' }, ...namedOptions(drivers)]}
          onPick={(id) => set({ driver: id })}
        />
        <Link to="/schools" data-print="no">
          Schools
        </Link>
        <Link to="/drivers" data-print="no">
          Drivers
        </Link>
      </Row>
      <Small>
        {school.says} {driver?.rules.map(({ says }) => says).join(' ')} Method {method.version}
        {method.version > 1 && `: ${method.note}`}.
      </Small>
    </Stack>
  )
}

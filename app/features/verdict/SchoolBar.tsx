import { Link } from 'react-router'
import type { JudgedLineup } from '#app/data/judged.server.ts'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectBox } from '#app/ui/Select.tsx'
import type { JudgedView } from './useJudged.ts'

/** Which school judges, for which driver, and by which rules the driver shifts it. */
export function SchoolBar({ data: { schools, drivers, method }, judged: { school, driver, set } }: { data: Pick<JudgedLineup, 'schools' | 'drivers' | 'method'>; judged: Pick<JudgedView, 'school' | 'driver' | 'set'> }) {
  return (
    <Stack $gap={6}>
      <Row>
        <label>
          <Small>School </Small>
          <SelectBox value={school.id} onChange={(event) => set({ school: event.target.value })}>
            {schools.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectBox>
        </label>
        <label>
          <Small>for </Small>
          <SelectBox aria-label="For the driver" value={driver?.id ?? ''} onChange={(event) => set({ driver: event.target.value })}>
            <option value="">anybody</option>
            {drivers.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectBox>
        </label>
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

import { href, Link } from 'react-router'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** Which school judges, for which driver, and by which rules the driver shifts it. */
export function SchoolBar({ judged: { school, driver, set } }: { judged: EvaluationView }) {
  const { schools, drivers, method } = useLineup().evaluation
  return (
    <Stack $gap={6}>
      <Row>
        <SelectMenu
          label="School"
          value={school.id}
          options={namedOptions(schools)}
          onPick={(id) => set({ school: id })}
        />
        <SelectMenu
          label="for"
          name="For the driver"
          value={driver?.id ?? ''}
          options={[{ value: '', label: 'anybody' }, ...namedOptions(drivers)]}
          onPick={(id) => set({ driver: id })}
        />
        <Link to={href('/schools')} data-print="no">
          Schools
        </Link>
        <Link to={href('/drivers')} data-print="no">
          Drivers
        </Link>
      </Row>
      <Small>
        {school.description} {driver?.rules.map(({ statement }) => statement).join(' ')} Method {method.version}
        {method.version > 1 && `: ${method.note}`}.
      </Small>
    </Stack>
  )
}

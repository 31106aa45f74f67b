import { href, Link } from 'react-router'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/schools.ts'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import type { EvaluationView } from './useEvaluation.ts'

interface Props {
  judged: EvaluationView
  /** On one line: what it stands for is told when one points at it. */
  isTerse?: boolean
}

/** Which school judges, for which driver, and by which rules the driver shifts it. */
export function SchoolBar({ judged: { school, driver, set }, isTerse = false }: Props) {
  const { schools, drivers, method } = useLineup().evaluation
  const grounds = [school.description, ...(driver?.rules ?? []).map(({ statement }) => statement)].join(' ')
  return (
    <Stack $gap={6}>
      <Row title={isTerse ? grounds : undefined}>
        <SelectMenu
          label={texts.school}
          value={school.id}
          options={namedOptions(schools)}
          onPick={(id) => set({ school: id })}
        />
        <SelectMenu
          label={texts.forLabel}
          name="For the driver"
          value={driver?.id ?? ''}
          options={[{ value: '', label: 'anybody' }, ...namedOptions(drivers)]}
          onPick={(id) => set({ driver: id })}
        />
        {!isTerse && (
          <>
            <Link to={href('/schools')} data-print="no">
              {texts.schools}
            </Link>
            <Link to={href('/drivers')} data-print="no">
              {texts.drivers}
            </Link>
          </>
        )}
      </Row>
      {!isTerse && (
        <Small>
          {texts.method(grounds, method.version)}
          {method.version > 1 && `: ${method.note}`}.
        </Small>
      )}
    </Stack>
  )
}

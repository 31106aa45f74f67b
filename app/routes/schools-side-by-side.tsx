import { useMemo } from 'react'
import { href, Link } from 'react-router'
import { formatList } from '#core/quantity/format-list.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { compareSchools } from '#core/score/school-differences.ts'
import type { School } from '#core/score/schools.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { previewLineup } from '#app/data/preview-lineup.server.ts'
import { currentMethod, listSchools } from '#app/data/schools.server.ts'
import { SidesCalls } from '#app/features/method/SidesCalls.tsx'
import { CriterionSidesTable, PartSidesTable } from '#app/features/method/SidesTables.tsx'
import * as texts from '#app/texts/schools.ts'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Route } from './+types/schools-side-by-side'
import { whenAddressNames } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.schoolsSideBySideTitle }]

export async function loader({ request }: Route.LoaderArgs) {
  const [schools, method, applications] = await Promise.all([listSchools(), currentMethod(), listApplications()])
  const asked = new URL(request.url).searchParams.get('in')
  const application = applications.find(({ id }) => id === asked) ?? applications[0]
  return {
    schools,
    method,
    applications: applications.map(({ id, name }) => ({ id, name })),
    preview: await previewLineup(application),
  }
}

/** Only another line-up asks the server; the schools are all here. */
export const shouldRevalidate = whenAddressNames('in')

const most = 4

/** Those that the address names, or the first two of the house. */
function chosenOf(schools: readonly School[], named: string | null): School[] {
  const ids = (named ?? '').split(',')
  const chosen = schools.filter(({ id }) => ids.includes(id)).slice(0, most)
  return chosen.length > 0 ? chosen : schools.slice(0, 2)
}

export default function SchoolsSideBySide({ loaderData }: Route.ComponentProps) {
  const { schools, method, applications, preview } = loaderData
  const { get, set } = useAddress()
  const chosen = chosenOf(schools, get('with'))
  const ids = chosen.map(({ id }) => id)
  const key = ids.join(',')
  const effective = useMemo(
    () => chosen.map((school) => effectiveCriteria(method, school)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key names those that are chosen
    [method, schools, key],
  )
  const { parts, criteria, distances } = useMemo(() => compareSchools(effective), [effective])
  const toggle = (id: string) =>
    set({ with: (ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id]).join(',') })
  const [first, ...others] = chosen
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.schoolsSideBySide}</h1>
        <Soft>
          {texts.whatEachHoldsWeightyWhereThey} <Link to={href('/schools')}>{texts.allSchools}</Link>
        </Soft>
      </Stack>
      <Card>
        <Stack $gap={10}>
          <Row role="group" aria-label={texts.schoolsToCompare}>
            {schools.map(({ id, name }) => {
              const isChosen = ids.includes(id)
              return (
                <label key={id} style={{ display: 'flex', gap: 6, alignItems: 'center', minHeight: 44 }}>
                  <input
                    type="checkbox"
                    checked={isChosen}
                    disabled={isChosen ? ids.length === 1 : ids.length === most}
                    onChange={() => toggle(id)}
                  />
                  {name}
                </label>
              )
            })}
          </Row>
          <Small>{texts.upToAtATime(most)}</Small>
          <p>{formatDistances(chosen, distances)}</p>
        </Stack>
      </Card>
      {preview && first && (
        <Card>
          <Stack $gap={10}>
            <Row $between>
              <h2>{texts.whomTheyNameIn(preview.name)}</h2>
              {applications.length > 1 && (
                <SelectMenu
                  label={texts.lineUp}
                  value={preview.id}
                  options={namedOptions(applications)}
                  onPick={(id) => set({ in: id })}
                />
              )}
            </Row>
            <SidesCalls preview={preview} schools={[first, ...others]} />
          </Stack>
        </Card>
      )}
      <Card>
        <Stack $gap={10}>
          <h2>{texts.weightByPart}</h2>
          <PartSidesTable parts={parts} schools={chosen} />
        </Stack>
      </Card>
      {criteria.length > 0 && (
        <Card>
          <Stack $gap={10}>
            <h2>{texts.whereTheyPartFurthestFirst}</h2>
            <CriterionSidesTable criteria={criteria} schools={chosen} effective={effective} />
          </Stack>
        </Card>
      )}
    </Page>
  )
}

/** How much of the weight lies elsewhere between any two, in a sentence. */
function formatDistances(schools: readonly School[], distances: readonly (readonly number[])[]): string {
  const pairs = schools.flatMap((one, at) =>
    schools.slice(at + 1).map((other, next) => ({ one, other, apart: distances[at]?.[at + 1 + next] ?? 0 })),
  )
  if (pairs.length === 0) return texts.chooseASecondOneToSee
  const said = pairs
    .sort((a, b) => b.apart - a.apart)
    .map(({ one, other, apart }) => texts.andBy(one.name, other.name, formatNumber(apart * 100, 2)))
  return texts.howFarApartTheyAreAs(formatList(said, 'conjunction'))
}

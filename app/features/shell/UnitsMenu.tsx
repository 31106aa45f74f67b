import { Dialog, DialogTrigger, Popover } from 'react-aria-components'
import { styled } from 'styled-components'
import { currencies } from '#core/money/currency.ts'
import { unitChoices, unitKinds, unitsByKind, type UnitHabit } from '#core/quantity/unit-habit.ts'
import * as texts from '#app/texts/shell.ts'
import { Button, TriggerButton } from '#app/ui/Button.tsx'
import { Row, Small, Stack, Unseen } from '#app/ui/layout.tsx'
import type { Preferences } from '#app/ui/preferences.ts'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

const Sheet = styled(Popover)`
  padding: 16px;
  border: 1px solid var(--line-strong);
  border-radius: 10px;
  background: var(--raised);
  box-shadow: 0 6px 24px rgb(0 0 0 / 0.2);
  label {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 20px;
  }
`

interface Props {
  preferences: Preferences
  onChange: (change: Partial<Preferences>) => void
}

/** The units that everything is shown in, kind by kind, and the currency. */
export function UnitsMenu({ preferences: { units, money }, onChange }: Props) {
  const own = unitsByKind(units)
  const choose = (change: Partial<typeof own>) => onChange({ units: { ...own, ...change } as UnitHabit })
  return (
    <DialogTrigger>
      <TriggerButton $kind="quiet">
        <Unseen>{`${texts.unitsLead} `}</Unseen>
        {own.small} · {own.weight}
      </TriggerButton>
      <Sheet placement="bottom end">
        <Dialog aria-label={texts.units} style={{ outline: 'none' }}>
          <Stack $gap={8}>
            <Row>
              <Button onPress={() => onChange({ units: 'metric' })} aria-pressed={units === 'metric'}>
                {texts.allMetric}
              </Button>
              <Button onPress={() => onChange({ units: 'imperial' })} aria-pressed={units === 'imperial'}>
                {texts.allImperial}
              </Button>
            </Row>
            {unitKinds.map(({ key, label }) => (
              <SelectMenu
                key={key}
                label={label}
                value={own[key]}
                options={optionsOf(unitChoices[key])}
                onPick={(unit) => choose({ [key]: unit })}
              />
            ))}
            <SelectMenu
              label={texts.theRest}
              value={own.rest}
              options={optionsOf(['metric', 'imperial'])}
              onPick={(rest) => choose({ rest: rest === 'imperial' ? rest : 'metric' })}
            />
            <SelectMenu
              label={texts.money}
              value={money}
              options={[{ value: '', label: texts.asMostPrices }, ...optionsOf(currencies)]}
              onPick={(picked) => onChange({ money: currencies.find((one) => one === picked) ?? '' })}
            />
            <Small>{texts.whatYouTypeKeepsTheUnit}</Small>
          </Stack>
        </Dialog>
      </Sheet>
    </DialogTrigger>
  )
}

const optionsOf = (all: readonly string[]) => all.map((one) => ({ value: one, label: one }))

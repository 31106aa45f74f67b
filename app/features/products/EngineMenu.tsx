import { ChevronDown } from 'lucide-react'
import { useState } from 'react'
import { href } from 'react-router'
import * as texts from '#app/texts/products.ts'
import { TriggerButton } from '#app/ui/Button.tsx'
import { MenuLine } from '#app/ui/menu.ts'
import { SearchMenu } from '#app/ui/SearchMenu.tsx'
import { useJson } from '#app/ui/useJson.ts'

export interface NamedEngine {
  id: string
  name: string
}

interface Props {
  product: string
  picked: NamedEngine | undefined
  onPick: (engine: NamedEngine) => void
}

/** The engines that a product could be said to fit, asked for when they are to be seen: there may be a thousand. */
export function EngineMenu({ product, picked, onPick }: Props) {
  const [isOpen, open] = useState(false)
  const { data, isLoading } = useJson<{ engines: NamedEngine[] }>(
    isOpen ? `${href('/engines')}?for=${product}` : undefined,
  )
  return (
    <SearchMenu
      trigger={
        <TriggerButton aria-label={texts.itFitsToo(picked?.name ?? texts.anotherEngine)}>
          {picked?.name ?? texts.anotherEngine} <ChevronDown size={16} aria-hidden />
        </TriggerButton>
      }
      label={texts.enginesItCouldFit}
      search={texts.findAnEngine}
      empty={data ? texts.noEngineIsCalledSo : isLoading ? texts.oneMoment : texts.theEnginesDidNotCome}
      onOpenChange={open}
    >
      {data?.engines.map((one) => (
        <MenuLine key={one.id} id={one.id} textValue={one.name} onAction={() => onPick(one)}>
          {one.name}
        </MenuLine>
      ))}
    </SearchMenu>
  )
}

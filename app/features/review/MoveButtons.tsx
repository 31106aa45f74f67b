import { ArrowDown, ArrowUp } from 'lucide-react'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row } from '#app/ui/layout.tsx'

interface Props {
  /** Of all blocks, in their order. */
  ids: readonly string[]
  /** Of the one that is moved. */
  id: string
  onOrder: (ids: string[]) => void
}

/** Moves a block up and down a place. */
export function MoveButtons({ ids, id, onOrder }: Props) {
  const at = ids.indexOf(id)
  const moveTo = (place: number) => {
    const rest = ids.filter((one) => one !== id)
    onOrder([...rest.slice(0, place), id, ...rest.slice(place)])
  }
  return (
    <Row $gap={6} style={{ marginBottom: 8 }}>
      <Button onPress={() => moveTo(at - 1)} isDisabled={at === 0} aria-label={texts.moveTheBlockUp}>
        <ArrowUp size={18} aria-hidden />
      </Button>
      <Button onPress={() => moveTo(at + 1)} isDisabled={at === ids.length - 1} aria-label={texts.moveTheBlockDown}>
        <ArrowDown size={18} aria-hidden />
      </Button>
    </Row>
  )
}

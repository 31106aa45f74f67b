import { Eye, EyeOff, GripVertical, Pin, PinOff } from 'lucide-react'
import { Button, useDragAndDrop } from 'react-aria-components'
import { styled } from 'styled-components'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { DragItem, DragList } from '#app/ui/drag-list.ts'
import { Small } from '#app/ui/layout.tsx'
import type { Columns } from './useColumns.ts'

const List = styled(DragList)`
  max-width: 520px;
  max-height: 420px;
  overflow: auto;
` as typeof DragList

/** Columns to drag into order, pin and hide. */
export function ColumnsPanel({ view }: { view: Columns }) {
  const items = view.order.map(({ column }) => column)
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const moved = new Set([...keys].map(String))
      const rest = items.map(({ id }) => id).filter((id) => !moved.has(id))
      const at = rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0)
      view.putInOrder([...rest.slice(0, at), ...moved, ...rest.slice(at)])
    },
  })
  return (
    <div data-print="no">
      <Small>{texts.dragIntoOrderOrTakeOne}</Small>
      <List aria-label={texts.columnsOfTheLineUp} items={items} dragAndDropHooks={dragAndDropHooks}>
        {(column: ColumnHead) => {
          const name = [column.name, column.revision].filter(Boolean).join(' ')
          const [isHidden, isPinned] = [view.hidden.has(column.id), view.pinned.includes(column.id)]
          return (
            <DragItem id={column.id} textValue={name}>
              <Button slot="drag" aria-label={texts.move(name)}>
                <GripVertical size={18} aria-hidden />
              </Button>
              <span style={isHidden ? { opacity: 0.5, textDecoration: 'line-through' } : undefined}>{name}</span>
              <Button
                aria-label={`${isPinned ? texts.unpin : texts.pin} ${name}`}
                onPress={() => view.toggle('pin', column.id)}
              >
                {isPinned ? <PinOff size={18} aria-hidden /> : <Pin size={18} aria-hidden />}
              </Button>
              <Button
                aria-label={`${isHidden ? texts.show : texts.hide} ${name}`}
                onPress={() => view.toggle('hide', column.id)}
              >
                {isHidden ? <EyeOff size={18} aria-hidden /> : <Eye size={18} aria-hidden />}
              </Button>
            </DragItem>
          )
        }}
      </List>
    </div>
  )
}

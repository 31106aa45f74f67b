import { GripVertical, Plus, X } from 'lucide-react'
import { Button as AriaButton, Menu, MenuTrigger, useDragAndDrop } from 'react-aria-components'
import { styled } from 'styled-components'
import { blockKinds, blockLabel, type Block, type BlockKind } from '#core/review/block.ts'
import * as texts from '#app/texts/review.ts'
import { TriggerButton } from '#app/ui/Button.tsx'
import { Stack } from '#app/ui/layout.tsx'
import { DragItem, DragList } from '#app/ui/drag-list.ts'
import { MenuLine, MenuSheet } from '#app/ui/menu.ts'

const Moved = styled.em`
  padding: 3px 7px;
  border-radius: 5px;
  background: var(--amber-soft);
  color: var(--ink);
  font: 600 13px/1 var(--label);
  white-space: nowrap;
`

interface Props {
  blocks: readonly Block[]
  /** Blocks whose data have moved since they were looked through. */
  moved: ReadonlySet<string>
  picked: string | undefined
  onPick: (id: string) => void
  onOrder: (ids: string[]) => void
  onAdd: (kind: BlockKind) => void
  onRemove: (id: string) => void
}

/** The blocks of a review in their order: dragged or moved by keys, picked, added and taken out. */
export function BlockList({ blocks, moved, picked, onPick, onOrder, onAdd, onRemove }: Props) {
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const taken = new Set([...keys].map(String))
      const rest = blocks.map(({ id }) => id).filter((id) => !taken.has(id))
      const at = rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0)
      onOrder([...rest.slice(0, at), ...taken, ...rest.slice(at)])
    },
  })
  return (
    <Stack $gap={8}>
      <DragList
        aria-label={texts.blocksOfTheReview}
        items={blocks.map((block) => ({ ...block, isMoved: moved.has(block.id) }))}
        dragAndDropHooks={dragAndDropHooks}
        selectionMode="single"
        selectionBehavior="replace"
        selectedKeys={picked === undefined ? [] : [picked]}
        onSelectionChange={(keys) => {
          const [key] = keys === 'all' ? [] : [...keys]
          if (key !== undefined) onPick(String(key))
        }}
      >
        {(block: Block & { isMoved: boolean }) => {
          const name = nameOfBlock(block)
          return (
            <DragItem id={block.id} textValue={name}>
              <AriaButton slot="drag" aria-label={texts.move(name)}>
                <GripVertical size={18} aria-hidden />
              </AriaButton>
              <span style={{ font: '600 17px/1.2 var(--label)' }}>{name}</span>
              {block.isMoved && <Moved>{texts.moved}</Moved>}
              <AriaButton aria-label={texts.takeOut(name)} onPress={() => onRemove(block.id)}>
                <X size={18} aria-hidden />
              </AriaButton>
            </DragItem>
          )
        }}
      </DragList>
      <MenuTrigger>
        <TriggerButton>
          <Plus size={18} aria-hidden /> {texts.addABlock}
        </TriggerButton>
        <MenuSheet placement="bottom start">
          <Menu aria-label={texts.kindsOfBlocks} onAction={(key) => onAdd(key as BlockKind)}>
            {blockKinds.map(({ key, label }) => (
              <MenuLine key={key} id={key} textValue={label}>
                {label}
              </MenuLine>
            ))}
          </Menu>
        </MenuSheet>
      </MenuTrigger>
    </Stack>
  )
}

/** What a block is called in lists. */
export const nameOfBlock = ({ heading, kind }: Pick<Block, 'heading' | 'kind'>): string => heading || blockLabel(kind)

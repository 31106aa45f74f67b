import { useState } from 'react'
import { blockKinds, type Block } from '#core/review/block.ts'
import { byKey } from '#core/by-key.ts'
import { blockChanges, lookedThrough } from '#core/review/compose.ts'
import { insertedValues, valueByName } from '#core/review/inserted-values.ts'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import { longestProse } from '#app/features/forms/review-fields.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { Caution, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { ChangeList } from './ChangeList.tsx'
import type { ReviewDraftView } from './useReviewDraft.ts'

interface Props {
  block: Block
  material: ReviewMaterial
  change: ReviewDraftView['changeBlock']
}

/** The words of a block, and what has moved under them. */
export function BlockEditor({ block, material, change }: Props) {
  const { id, kind, heading, prose } = block
  const { label, description } = byKey(blockKinds, kind)
  const changes = blockChanges(block, material)
  const figures = insertedValues(prose, material, block.values)
  return (
    <Stack $gap={10} as="section" aria-label={texts.theBlock(heading || label)}>
      <Small>{texts.itIsDrawnFromWhatIs(description)}</Small>
      {changes && (
        <Caution as="div">
          {texts.theDataHaveMovedSinceYou}
          <ChangeList changes={[{ ...changes, title: '' }]} />
          <Button onPress={() => change(id, '', lookedThrough(block, material))}>{texts.iHaveLookedItThrough}</Button>
        </Caution>
      )}
      <Stack $gap={4}>
        <label htmlFor={`heading-${id}`}>{texts.heading}</label>
        <InputBox
          id={`heading-${id}`}
          value={heading}
          placeholder={label}
          maxLength={120}
          onChange={(event) => change(id, 'heading', { heading: event.target.value })}
        />
      </Stack>
      {kind === 'oil-way' && (
        <Row>
          <Small>{texts.followedIs}</Small>
          <SelectMenu
            name="Whose oil is followed"
            value={block.a}
            options={[
              { value: '', label: texts.whoIsFirst },
              ...material.products.map((one) => ({ value: one.id, label: one.name })),
            ]}
            onPick={(next) => change(id, '', { a: next })}
          />
        </Row>
      )}
      {kind === 'face-off' && <FaceOffChoice block={block} material={material} change={change} />}
      <Stack $gap={4}>
        <label htmlFor={`prose-${id}`}>{texts.yourWords}</label>
        <AreaBox
          id={`prose-${id}`}
          value={prose}
          rows={7}
          maxLength={longestProse}
          placeholder={texts.markdownAFigureByItsName}
          onChange={(event) => change(id, 'prose', { prose: event.target.value })}
          onBlur={() =>
            figures.some(({ name }) => block.values[name] === undefined) && change(id, 'prose', noted(block, material))
          }
        />
      </Stack>
      {figures.length > 0 && (
        <Small as="ul" style={{ margin: 0, paddingLeft: 18 }}>
          {figures.map(({ name, text, was }) => (
            <li key={name}>
              {`{${name}}`}: {text ?? texts.nothingIsCalledSo}
              {was !== undefined && texts.was(was)}
            </li>
          ))}
        </Small>
      )}
      <InsertLine
        material={material}
        onInsert={(name) => change(id, '', noted({ ...block, prose: `${prose}{${name}}` }, material))}
      />
      {block.seen === null && (
        <Row>
          <Button onPress={() => change(id, '', lookedThrough(block, material))}>{texts.iHaveLookedItThrough}</Button>
          <Small>{texts.fromThenOnYouAreTold}</Small>
        </Row>
      )}
    </Stack>
  )
}

/** A block with its figures noted as they are, those that were noted before as they were then. */
const noted = (block: Block, material: ReviewMaterial): Partial<Block> => ({
  prose: block.prose,
  values: { ...lookedThrough(block, material).values, ...block.values },
})

function FaceOffChoice({ block: { id, a, b }, material: { products }, change }: Props) {
  const options = [
    { value: '', label: texts.whoIsFirst },
    ...products.map((one) => ({ value: one.id, label: one.name })),
  ]
  return (
    <Row>
      <SelectMenu name="The one" value={a} options={options} onPick={(next) => change(id, '', { a: next })} />
      <Small>{texts.against}</Small>
      <SelectMenu
        name="The other"
        value={b}
        options={[{ value: '', label: texts.whoIsNext }, ...options.slice(1)]}
        onPick={(next) => change(id, '', { b: next })}
      />
    </Row>
  )
}

/** Puts a figure into the words by what it is and whose. */
function InsertLine({ material, onInsert }: { material: ReviewMaterial; onInsert: (name: string) => void }) {
  const { products, rows } = material
  const [what, setWhat] = useState(texts.canWall)
  const [whose, setWhose] = useState('')
  const product = products.find(({ id }) => id === whose) ?? products[0]
  if (!product) return null
  const whats = ['price', 'score', ...new Set(rows.map(({ label }) => label.toLowerCase()))]
  const name = texts.ofLabel(what, product.name)
  return (
    <Row $gap={8}>
      <SelectMenu
        name="Which figure"
        value={what}
        options={whats.map((one) => ({ value: one, label: one }))}
        onPick={setWhat}
      />
      <SelectMenu
        name="Of which filter"
        value={product.id}
        options={products.map((one) => ({ value: one.id, label: one.name }))}
        onPick={setWhose}
      />
      <Button onPress={() => onInsert(name)} isDisabled={valueByName(name, material) === undefined}>
        {texts.putIn(valueByName(name, material) ?? '')}
      </Button>
    </Row>
  )
}

import { Redo2, Undo2 } from 'lucide-react'
import { useMemo, useState } from 'react'
import { href, redirect } from 'react-router'
import { styled } from 'styled-components'
import { newBlock, type BlockKind } from '#core/review/block.ts'
import { blockChanges, composeReview } from '#core/review/compose.ts'
import { publishingChecks } from '#core/review/publishing-checks.ts'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import { listFilmed } from '#app/data/film-takes.server.ts'
import { newId } from '#app/data/id.ts'
import { editableReview, publishReview } from '#app/data/review-publication.server.ts'
import { changeReview, findReview, removeReview } from '#app/data/reviews.server.ts'
import { LeaveDialog } from '#app/features/forms/LeaveDialog.tsx'
import { reviewActSchema } from '#app/features/forms/review-fields.ts'
import { ArticlePreview } from '#app/features/review/ArticlePreview.tsx'
import { BlockEditor } from '#app/features/review/BlockEditor.tsx'
import { BlockList, nameOfBlock } from '#app/features/review/BlockList.tsx'
import { CardsPanel } from '#app/features/review/CardsPanel.tsx'
import { ChecksPanel } from '#app/features/review/ChecksPanel.tsx'
import { MoveButtons } from '#app/features/review/MoveButtons.tsx'
import { FilmPanel } from '#app/features/review/FilmPanel.tsx'
import { KeptLine } from '#app/features/review/KeptLine.tsx'
import { PublishPanel } from '#app/features/review/PublishPanel.tsx'
import { RemoveReview } from '#app/features/review/RemoveReview.tsx'
import { TalkingPanel } from '#app/features/review/TalkingPanel.tsx'
import { TakeAwayList } from '#app/features/review/TakeAwayList.tsx'
import { useReviewDraft, type ReviewDraft, type ReviewDraftView } from '#app/features/review/useReviewDraft.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { TabbedPanels } from '#app/ui/TabbedPanels.tsx'
import { UndoToast } from '#app/ui/UndoToast.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Route } from './+types/review'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { changeRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.titleOfTitle(loaderData?.review.title ?? texts.review) },
]

export async function loader({ params, request }: Route.LoaderArgs) {
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const { units } = await readPreferences(request)
  const { productIds, ...edited } = found(await editableReview(review, units), texts.thisReview)
  return { review, filmed: await listFilmed(review.applicationId, productIds, units), ...edited }
}

export const shouldRevalidate = whenPathChanges

export async function action({ params, request }: Route.ActionArgs) {
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const parsed = parseFields(reviewActSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const act = parsed.value
  switch (act.intent) {
    case 'save': {
      const { title, blocks, version } = act
      const changed = await changeReview({ id: review.id, title, blocks }, version)
      const meanwhile = { version: review.version, values: { title: review.title } }
      return changeRefusal(changed, { message: '' }, meanwhile) ?? accepted({ version: version + 1 })
    }
    case 'publish': {
      if (act.version !== review.version) return refused(texts.itWasChangedMeanwhileInAnother)
      const published = await publishReview(review, act, (await readPreferences(request)).units)
      return published.ok ? accepted() : refused(published.problem.message)
    }
    case 'remove':
      if ((await removeReview(params.application, review.id)) === 'published')
        return refused(texts.itWasPublishedOthersMayHave)
      return redirect(href('/lineups/:application/review', { application: params.application }))
  }
}

const Sides = styled.main`
  display: grid;
  grid-template-columns: 220px minmax(0, 5fr) minmax(0, 8fr);
  gap: 12px 20px;
  align-items: start;
  padding: 18px 24px 48px;
  @media (min-width: 1181px) {
    > :nth-child(-n + 2) {
      position: sticky;
      top: 70px;
      max-height: calc(100vh - 86px);
      padding: 2px;
      overflow-y: auto;
    }
  }
  @media (max-width: 1180px) {
    grid-template-columns: 220px minmax(0, 1fr);
    > .react-aria-Tabs {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 640px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

export default function ReviewPage({ loaderData, params }: Route.ComponentProps) {
  const { material, ...loaded } = loaderData
  return <ReviewEditor key={params.review} {...loaded} text={material} />
}

type Loaded = Route.ComponentProps['loaderData']

function ReviewEditor({ review, versions, corrections, filmed, text }: Omit<Loaded, 'material'> & { text: string }) {
  const material = useMemo(() => JSON.parse(text) as ReviewMaterial, [text])
  const view = useReviewDraft(review)
  const { draft, change } = view
  const { get, set } = useAddress()
  const [removed, setRemoved] = useState<string>()
  const moved = new Set(draft.blocks.flatMap((block) => (blockChanges(block, material) ? [block.id] : [])))
  const picked = draft.blocks.find(({ id }) => id === get('block')) ?? draft.blocks[0]
  const pick = (id: string) => {
    set({ block: id })
    document.getElementById(`section-${id}`)?.scrollIntoView({ block: 'start' })
  }
  const add = (kind: BlockKind) => {
    const id = newId()
    change('', ({ blocks, title }) => ({ title, blocks: [...blocks, newBlock(id, kind)] }))
    pick(id)
  }
  const order = (ids: readonly string[]) => change('', inOrder(ids))
  return (
    <Sides>
      <Stack $gap={10}>
        <Row $gap={6}>
          <Button onPress={() => view.undo?.()} isDisabled={!view.undo} aria-label={texts.undo}>
            <Undo2 size={18} aria-hidden />
          </Button>
          <Button onPress={() => view.redo?.()} isDisabled={!view.redo} aria-label={texts.redo}>
            <Redo2 size={18} aria-hidden />
          </Button>
        </Row>
        <BlockList
          blocks={draft.blocks}
          moved={moved}
          picked={picked?.id}
          onPick={pick}
          onOrder={order}
          onAdd={add}
          onRemove={(id) => {
            const block = draft.blocks.find((one) => one.id === id)
            setRemoved(block && nameOfBlock(block))
            change('', ({ blocks, title }) => ({ title, blocks: blocks.filter((one) => one.id !== id) }))
          }}
        />
      </Stack>
      <Stack $gap={12}>
        <InputBox
          aria-label={texts.titleOfTheReview}
          value={draft.title}
          maxLength={160}
          onChange={(event) => change('title', ({ blocks }) => ({ title: event.target.value, blocks }))}
          style={{ font: '600 22px/1.2 var(--label)' }}
        />
        <KeptLine view={view} />
        {picked ? (
          <Card>
            <MoveButtons ids={draft.blocks.map(({ id }) => id)} id={picked.id} onOrder={order} />
            <BlockEditor key={picked.id} block={picked} material={material} change={view.changeBlock} />
          </Card>
        ) : (
          <Soft>{texts.thereIsNoBlockAddThe}</Soft>
        )}
        {versions.length === 0 && <RemoveReview title={draft.title} />}
      </Stack>
      <ReviewPanels {...{ review, versions, corrections, filmed, material, view, pick, add, order }} />
      <div role="status">
        {removed !== undefined && (
          <UndoToast
            words={texts.wasTakenOut(removed)}
            onUndo={() => {
              view.undo?.()
              setRemoved(undefined)
            }}
            onGone={() => setRemoved(undefined)}
          />
        )}
      </div>
      <LeaveDialog isChanged={!view.isKept} />
    </Sides>
  )
}

interface PanelsProps extends Omit<Loaded, 'material'> {
  material: ReviewMaterial
  view: ReviewDraftView
  pick: (id: string) => void
  add: (kind: BlockKind) => void
  order: (ids: readonly string[]) => void
}

/** What the review becomes, and what stands against publishing it. */
function ReviewPanels({ review, versions, corrections, filmed, material, view, pick, add, order }: PanelsProps) {
  const { blocks } = view.draft
  const { get, set } = useAddress()
  const address = { application: review.applicationId, review: review.id }
  const checks = publishingChecks({ blocks, material })
  const ids = blocks.map(({ id }) => id)
  return (
    <TabbedPanels
      label={texts.whatItBecomes}
      selected={get('show') ?? 'article'}
      onSelect={(show) => set({ show })}
      panels={[
        {
          key: 'article',
          label: texts.article,
          content: (
            <Card>
              <ArticlePreview
                document={composeReview(view.draft, material, corrections)}
                chart={href('/lineups/:application/review/:review/chart.svg', address)}
              />
            </Card>
          ),
        },
        { key: 'points', label: texts.talkingPoints, content: <TalkingPanel products={material.products} /> },
        {
          key: 'checks',
          label: checks.length === 0 ? texts.checks : texts.checksOfChecksCount(checks.length),
          content: (
            <ChecksPanel
              checks={checks}
              application={review.applicationId}
              onBlock={pick}
              onAdd={add}
              onFirst={(id) => order(toFirstScreen(ids, id))}
            />
          ),
        },
        {
          key: 'publish',
          label: texts.publish,
          content: (
            <PublishPanel
              {...address}
              version={view.version}
              versions={versions}
              open={checks.length}
              isKept={view.isKept}
            />
          ),
        },
        {
          key: 'film',
          label: texts.film,
          content: <FilmPanel review={review.id} title={view.draft.title} filmed={filmed} material={material} />,
        },
        { key: 'cards', label: texts.cards, content: <CardsPanel {...address} rows={material.rows} /> },
        { key: 'take', label: texts.takeAway, content: <TakeAwayList {...address} /> },
      ]}
    />
  )
}

const inOrder =
  (ids: readonly string[]) =>
  ({ title, blocks }: ReviewDraft): ReviewDraft => ({
    title,
    blocks: ids.flatMap((id) => blocks.find((block) => block.id === id) ?? []),
  })

/** A block put behind the first one, so that it is on the first screen. */
function toFirstScreen(ids: readonly string[], id: string): string[] {
  const [first = id, ...rest] = ids.filter((one) => one !== id)
  return [first, id, ...rest]
}

import { useCallback, useEffect, useState } from 'react'
import { useFetcher } from 'react-router'
import type { Block } from '#core/review/block.ts'
import type { Review } from '#app/data/reviews.server.ts'
import { meanwhileOf, refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import { useHistory } from './useHistory.ts'

/** What is written of a review. */
export interface ReviewDraft {
  title: string
  blocks: Block[]
}

/** So long nothing is typed before what was typed is kept, ms. */
const pause = 600

/** A review as it is written: kept by itself, with steps back and forth; what another has kept meanwhile is said. */
export function useReviewDraft({ title, blocks, version }: Pick<Review, 'title' | 'blocks' | 'version'>) {
  const { present: draft, change, undo, redo } = useHistory<ReviewDraft>({ title, blocks })
  return {
    draft,
    change,
    undo,
    redo,
    ...useKeeping(draft, version),
    changeBlock: (id: string, about: string, next: Partial<Block>) =>
      change(about && `${about} ${id}`, (old) => ({
        ...old,
        blocks: old.blocks.map((block) => (block.id === id ? { ...block, ...next } : block)),
      })),
  }
}

export type ReviewDraftView = ReturnType<typeof useReviewDraft>

/** Keeps a draft by itself once it is left alone for a moment. */
function useKeeping(draft: ReviewDraft, version: number) {
  const { data, state, submit } = useFetcher<ActionResult<{ version: number }>>()
  const [kept, setKept] = useState({ draft, version })
  const [sent, setSent] = useState<ReviewDraft>()
  const [seen, setSeen] = useState(data)
  if (seen !== data) {
    setSeen(data)
    if (data?.ok && sent) setKept({ draft: sent, version: data.version })
  }
  const isIdle = state === 'idle'
  const isKept = draft === kept.draft
  const meanwhile = meanwhileOf(data)
  const isRefused = data?.ok === false && (sent === draft || meanwhile !== undefined)

  const send = useCallback(
    (written: ReviewDraft, of: number) => {
      setSent(written)
      const { title, blocks } = written
      void submit({ intent: 'save', version: String(of), title, blocks: JSON.stringify(blocks) }, { method: 'post' })
    },
    [submit],
  )
  useEffect(() => {
    if (isKept || !isIdle || isRefused) return undefined
    const timer = setTimeout(() => send(draft, kept.version), pause)
    return () => clearTimeout(timer)
  }, [isKept, isIdle, isRefused, draft, kept.version, send])

  return {
    version: kept.version,
    /** All that is written is kept. */
    isKept: isKept && isIdle,
    refusal: isRefused ? refusalText(data) : '',
    /** The version that another has kept meanwhile. */
    meanwhile: isRefused ? meanwhile?.version : undefined,
    /** Keeps what is written here over what another has kept. */
    keepMine: () => meanwhile && send(draft, meanwhile.version),
  }
}

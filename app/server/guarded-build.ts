import { data, type ServerBuild } from 'react-router'
import { log } from './log.ts'
import { limited } from './body-limit.ts'
import { whileWanted } from '#app/storage/request-scope.ts'
import { storageProblemOf } from '#app/storage/storage-problem.ts'

type Handler = (args: { request: Request; context?: unknown }) => unknown

/**
 * The routes of the app, guarded: when the data cannot be used, every page says so in plain words, and what only reads
 * stops when its sender has given it up. What is sent may be so large and no larger.
 */
export function guardedBuild(build: ServerBuild): ServerBuild {
  const routes = Object.entries(build.routes).map(([id, route]) => {
    if (!route) return [id, route] as const
    const { loader, action } = route.module
    const module = {
      ...route.module,
      ...(loader && { loader: guardedLoader(loader as Handler) }),
      ...(action && { action: sayingWhatIsWrong(limited(id, action as Handler)) }),
    }
    return [id, { ...route, module }] as const
  })
  return { ...build, routes: Object.fromEntries(routes) as ServerBuild['routes'] }
}

const guardedLoader = (load: Handler) =>
  sayingWhatIsWrong((args) =>
    whileWanted(args.request.signal, async () => withoutUnreadBody(args.request, await load(args))),
  )

/** A body that nobody will read is let go of, with the files it comes from; of a HEAD request the head is answered. */
async function withoutUnreadBody({ method, signal }: Request, answer: unknown): Promise<unknown> {
  if (!(answer instanceof Response) || !(method === 'HEAD' || signal.aborted)) return answer
  await answer.body?.cancel()
  return new Response(null, answer)
}

const sayingWhatIsWrong =
  (handle: Handler) =>
  async (args: Parameters<Handler>[0]): Promise<unknown> => {
    try {
      return await handle(args)
    } catch (error) {
      const problem = storageProblemOf(error)
      const { requestId = '' } = (args.context ?? {}) as { requestId?: string }
      if (problem) {
        log().error({ id: requestId, problem: problem.title, error: String(error) })
        console.error(`${problem.title}: ${String(error)}`)
        throw data(problem, { status: 503, headers: { 'Retry-After': '2' } })
      }
      if (!(error instanceof Error) || args.request.signal.aborted) throw error
      log().error({ id: requestId, error: String(error), stack: error.stack })
      console.error(error)
      const text = `The fault is ours. Try again; the log of the server says more under ${requestId}.`
      throw data(text, { status: 500 })
    }
  }

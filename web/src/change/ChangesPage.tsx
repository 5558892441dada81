import { useInfiniteQuery } from '@tanstack/react-query'
import { Link, useSearch } from 'wouter'
import { api, ask } from '../api/client'
import { moment } from '../ui/format'
import { Coming, Trouble } from '../ui/Notice'
import { useTitle } from '../ui/useTitle'

function useChanges(tool: string | null) {
  return useInfiniteQuery({
    queryKey: ['changes', tool],
    initialPageParam: null as number | null,
    queryFn: ({ pageParam: before }) =>
      ask(
        api.GET('/api/v1/changes', {
          params: { query: { ...(tool ? { tool } : {}), ...(before ? { before } : {}) } },
        }),
      ),
    getNextPageParam: (last) => (last.more ? (last.changes.at(-1)?.id ?? null) : null),
  })
}

/** What was changed of tools, kit and rules: by whom, when, from what to what. */
export function ChangesPage() {
  useTitle('What was changed')
  const tool = new URLSearchParams(useSearch()).get('tool')
  const pages = useChanges(tool)
  if (pages.isError) return <Trouble error={pages.error} again={() => void pages.refetch()} />
  if (!pages.data) return <Coming />
  const changes = pages.data.pages.flatMap((p) => p.changes)
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">
        What was changed{tool && changes.length > 0 ? ` of ${changes[0]!.name}` : ''}
      </h1>
      <p className="quiet max-w-[46rem]">
        {tool ? 'Of this tool and its own rules' : 'Of tools, kit and rules'}, the newest first. Who did it is
        the name that was picked at the device.
      </p>
      {changes.length === 0 && <p className="py-4">Nothing was changed yet.</p>}
      <ul className="pt-2">
        {changes.map((c) => (
          <li
            key={c.id}
            className="rule-b py-2 grid sm:grid-cols-[12rem_1fr] lg:grid-cols-[20rem_1fr] gap-x-6"
          >
            <span className="quiet">
              {moment(c.at)}
              {c.person && `, ${c.person}`}
            </span>
            <span className="min-w-0 break-words">
              <span className="quiet">{c.kind}</span> <strong>{c.name}</strong> {c.what}
            </span>
          </li>
        ))}
      </ul>
      {pages.hasNextPage && (
        <button
          type="button"
          className="btn btn-outline min-h-12 mt-3"
          disabled={pages.isFetchingNextPage}
          onClick={() => void pages.fetchNextPage()}
        >
          Older ones
        </button>
      )}
      <p className="pt-4">
        <Link
          href={tool ? `/tools/${tool}/log` : '/shop'}
          className="underline underline-offset-4 min-h-11 inline-flex items-center"
        >
          {tool ? 'Back to its log' : 'Back to the shop'}
        </Link>
      </p>
    </>
  )
}

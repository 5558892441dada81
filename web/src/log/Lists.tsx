import { api, ask } from '../api/client'
import { CsvOutIn } from '../ui/CsvOutIn'

/** A tool's history as a list, out and in. */
export function Lists({ toolId }: { toolId: string }) {
  return (
    <CsvOutIn
      out="Export the history as CSV"
      href={`/api/v1/tools/${toolId}/log.csv`}
      read={(text, run) =>
        ask(
          api.POST('/api/v1/tools/{id}/log/import', {
            params: { path: { id: toolId }, query: { run } },
            body: { text },
          }),
        )
      }
      said={(done) => `${done.added} lines added, ${done.known} were there already.`}
    />
  )
}

import { api, ask } from '../api/client'
import { CsvOutIn } from '../ui/CsvOutIn'

/** A tool's history as a list, out and in. */
export function Lists({ toolId }: { toolId: string }) {
  return (
    <CsvOutIn
      out="Export the history as CSV"
      href={`/api/v1/tools/${toolId}/log.csv`}
      read={(text, run, dry) =>
        ask(
          api.POST('/api/v1/tools/{id}/log/import', {
            params: { path: { id: toolId }, query: { run, dry } },
            body: { text },
          }),
        )
      }
      said={(done, dry) =>
        dry
          ? `${done.added} lines would be added, ${done.known} are there already.`
          : `${done.added} lines added, ${done.known} were there already.`
      }
    />
  )
}

import { api, ask } from '../api/client'
import { CsvOutIn } from '../ui/CsvOutIn'

/** The shelf as a list, out and in. */
export function Lists() {
  return (
    <CsvOutIn
      out="Export the shelf as CSV"
      href="/api/v1/kit/abrasives.csv"
      read={(text, run) =>
        ask(api.POST('/api/v1/kit/abrasives/import', { params: { query: { run } }, body: { text } }))
      }
      said={(done) => `${done.added} put on the shelf, ${done.changed} changed.`}
    />
  )
}

import { api, ask } from '../api/client'
import { CsvOutIn } from '../ui/CsvOutIn'

/** The shelf as a list, out and in. */
export function Lists() {
  return (
    <CsvOutIn
      out="Export the shelf as CSV"
      href="/api/v1/kit/abrasives.csv"
      read={(text, run, dry) =>
        ask(api.POST('/api/v1/kit/abrasives/import', { params: { query: { run, dry } }, body: { text } }))
      }
      said={(done, dry) =>
        dry
          ? `${done.added} would be put on the shelf, ${done.changed} changed.`
          : `${done.added} put on the shelf, ${done.changed} changed.`
      }
    />
  )
}

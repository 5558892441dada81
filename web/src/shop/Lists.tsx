import { api, ask } from '../api/client'
import { CsvOutIn } from '../ui/CsvOutIn'
import { Fold } from '../ui/Fold'

const NAMED = 12

/** Tools and people as lists that other programs read and write. */
export function Lists() {
  return (
    <Fold name="Tools and people as lists" says="out to a spreadsheet, in from one; tried first">
      <p className="quiet max-w-[46rem]">
        Of a tool: name, owner, kind, steel, then its dimensions in mm, degrees and counts, as the exported
        list has them. What is there already is passed over; owners who are new are added.
      </p>
      <CsvOutIn
        out="Export the tools as CSV"
        href="/api/v1/tools.csv"
        what="tools as"
        read={(text, run, dry) =>
          ask(api.POST('/api/v1/tools/import', { params: { query: { run, dry } }, body: { text } }))
        }
        said={(done, dry) => {
          const owners = done.newOwners.length > 0 ? ` New owners: ${done.newOwners.join(', ')}.` : ''
          const tools = done.added.length === 1 ? 'tool' : 'tools'
          return `${brought(done, tools, dry ? 'would be taken in' : 'taken in')}${owners}`
        }}
      />
      <CsvOutIn
        out="Export the people as CSV"
        href="/api/v1/people.csv"
        what="people as"
        read={(text, _run, dry) =>
          ask(api.POST('/api/v1/people/import', { params: { query: { dry } }, body: { text } }))
        }
        said={(done, dry) => brought(done, 'people', dry ? 'would be added' : 'added')}
      />
    </Fold>
  )
}

/** What a list brings, a dozen of it by name; what was there already is said where there is any. */
function brought(done: { added: string[]; known: number }, what: string, how: string): string {
  const shown = done.added.slice(0, NAMED).join(', ') + (done.added.length > NAMED ? ', …' : '')
  const names = done.added.length > 0 ? ` (${shown})` : ''
  const known = done.known > 0 ? ` What is there already is passed over: ${done.known}.` : ''
  return `${done.added.length} ${what} ${how}${names}.${known}`
}

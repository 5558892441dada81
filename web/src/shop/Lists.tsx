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
        said={(done, dry) =>
          `${done.added.length} ${done.added.length === 1 ? 'tool' : 'tools'} ${dry ? 'would be taken in' : 'taken in'}${some(done.added)}; ${done.known} ` +
          `${dry ? 'are' : 'were'} there already${done.newOwners.length > 0 ? `; new owners: ${done.newOwners.join(', ')}` : ''}.`
        }
      />
      <CsvOutIn
        out="Export the people as CSV"
        href="/api/v1/people.csv"
        what="people as"
        read={(text, _run, dry) =>
          ask(api.POST('/api/v1/people/import', { params: { query: { dry } }, body: { text } }))
        }
        said={(done, dry) =>
          `${done.added.length} people ${dry ? 'would be added' : 'added'}${some(done.added)}; ${done.known} ` +
          `${dry ? 'are' : 'were'} on the list already.`
        }
      />
    </Fold>
  )
}

function some(names: string[]): string {
  if (names.length === 0) return ''
  const shown = names.slice(0, NAMED).join(', ')
  return ` (${shown}${names.length > NAMED ? ', …' : ''})`
}

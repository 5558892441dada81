import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { Link } from 'wouter'
import { api, ask } from '../api/client'
import { Choice } from '../ui/Field'

/** Everything that can be printed, in one place; each at true scale with a bar to check it by. */
export function Prints() {
  const rack = useQuery({ queryKey: ['rack'], queryFn: () => ask(api.GET('/api/v1/rack')) })
  const [tool, setTool] = useState('')
  const tools = (rack.data?.tools ?? []).filter((t) => t.urgency !== 'RETIRED')
  return (
    <section aria-label="To print" className="pt-6">
      <h2 className="quiet rule-b pb-0.5">To print, at true scale</h2>
      <div className="grid lg:grid-cols-2 gap-x-10 gap-y-4 pt-3">
        <div>
          <Choice
            label="Of a tool"
            value={tool}
            onChange={setTool}
            empty="choose a tool"
            options={tools.map((t) => ({ value: t.toolId, label: `${t.name}, ${t.crew}` }))}
          />
          {tool && (
            <p className="flex flex-wrap gap-3 pt-3">
              <Print href={`/api/v1/print/tools/${tool}/label.pdf`}>Its label</Print>
              <Print href={`/api/v1/print/tools/${tool}/ticket.pdf`}>Its ticket</Print>
              <Print href={`/api/v1/print/tools/${tool}/bench-card.pdf`}>Its plan as a bench card</Print>
              <Link
                href={`/tools/${tool}`}
                className="underline underline-offset-4 min-h-11 inline-flex items-center"
              >
                Set-up card and camber: on its page
              </Link>
            </p>
          )}
        </div>
        <div>
          <p className="flex flex-wrap gap-3">
            {tools.length > 0 && <Print href="/api/v1/print/labels.pdf">Labels of all tools</Print>}
            <Print href="/api/v1/print/protractor.pdf">Protractor card</Print>
            <Link href="/kit" className="underline underline-offset-4 min-h-11 inline-flex items-center">
              Stop board and wedges: beside the guide in the kit
            </Link>
          </p>
          <p className="quiet pt-2">
            A label has a code that opens the tool’s page when a phone looks at it, at the address you use
            now.
          </p>
        </div>
      </div>
    </section>
  )
}

function Print({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a className="btn btn-outline min-h-12" href={href} target="_blank" rel="noreferrer">
      {children}, PDF
    </a>
  )
}

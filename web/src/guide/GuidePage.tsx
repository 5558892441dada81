import { Link } from 'wouter'
import { Act } from '../ui/Act'
import { useTitle } from '../ui/useTitle'
import { CHAPTERS, type Chapter } from './chapters'
import { picture } from './pictures'

/** How one goes about it: the chapters, by the order of the work. */
export function GuidePage() {
  useTitle('Guide')
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Guide</h1>
      <p className="quiet max-w-[44rem]">
        In the order of the work. Everything is also said where it is needed; makers’ manuals, local rules and
        licensed practice come first.{' '}
        <Link href="/guide/all" className="underline underline-offset-4">
          All chapters on one page, to print
        </Link>
      </p>
      <ol className="grid md:grid-cols-2 gap-x-10 pt-2 max-w-[70rem]">
        {CHAPTERS.map((c, i) => (
          <li key={c.id} className="rule-b py-1.5">
            <Link href={`/guide/${c.id}`} className="block min-h-11">
              <span className="font-semibold underline underline-offset-4">
                {i + 1}. {c.title}
              </span>
              <span className="block quiet leading-snug">{c.what}</span>
            </Link>
          </li>
        ))}
      </ol>
    </>
  )
}

/** One chapter. */
export function ChapterPage({ id }: { id: string }) {
  const at = CHAPTERS.findIndex((c) => c.id === id)
  const chapter = CHAPTERS[at]
  useTitle(chapter?.title ?? 'Guide')
  if (!chapter) return <GuidePage />
  const next = CHAPTERS[at + 1]
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">
        {at + 1}. {chapter.title}
      </h1>
      <Told chapter={chapter} />
      <p className="pt-3">
        <Link href="/guide" className="underline underline-offset-4 min-h-11 inline-flex items-center">
          All chapters
        </Link>
      </p>
      {next && <Act href={`/guide/${next.id}`}>Next: {next.title}</Act>}
    </>
  )
}

/** All chapters on one page, to be printed. */
export function WholeGuidePage() {
  useTitle('Guide')
  return (
    <>
      <h1 className="text-[1.4rem] font-semibold pt-3">Guide</h1>
      {CHAPTERS.map((c, i) => (
        <section key={c.id} aria-label={c.title} className="break-inside-avoid pt-4">
          <h2 className="text-[1.2rem] font-semibold">
            {i + 1}. {c.title}
          </h2>
          <Told chapter={c} />
        </section>
      ))}
    </>
  )
}

function Told({ chapter }: { chapter: Chapter }) {
  const src = chapter.picture && picture(chapter.picture)
  return (
    <div className={src ? 'lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(0,36rem)] gap-8' : ''}>
      <div className="max-w-[44rem]">
        <p>{chapter.what}</p>
        <ul className="list-disc pl-6 pt-2 space-y-2">
          {chapter.how.map((h) => (
            <li key={h}>{h}</li>
          ))}
        </ul>
      </div>
      {src && (
        <img
          src={src}
          alt={`${chapter.title}, in the demonstration`}
          className="mt-3 w-full max-w-[36rem] border-2 border-base-300"
          loading="lazy"
        />
      )}
    </div>
  )
}

import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'

const root = dirname(fileURLToPath(import.meta.url))

function files(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? files(join(dir, e.name)) : /\.tsx?$/.test(e.name) ? [join(dir, e.name)] : [],
  )
}

/** What a file imports from beside it, types too. */
function imports(file: string): string[] {
  const text = readFileSync(file, 'utf8')
  return [...text.matchAll(/from '(\.[^']+)'/g)].flatMap((m) => {
    const path = normalize(join(dirname(file), m[1]!))
    return [path + '.ts', path + '.tsx'].filter((p) => existsSync(p))
  })
}

it('no file leads back to itself by its imports', () => {
  const graph = new Map(files(root).map((f) => [f, imports(f)]))
  const done = new Set<string>()
  const loops: string[] = []
  const walk = (file: string, path: string[]) => {
    if (path.includes(file)) {
      loops.push([...path.slice(path.indexOf(file)), file].map((f) => relative(root, f)).join(' > '))
      return
    }
    if (done.has(file)) return
    graph.get(file)?.forEach((next) => walk(next, [...path, file]))
    done.add(file)
  }
  graph.forEach((_, file) => walk(file, []))
  expect(graph.size).toBeGreaterThan(100)
  expect(loops).toEqual([])
})

it('gives every page an address, and fetches it when that is opened', () => {
  const app = readFileSync(join(root, 'App.tsx'), 'utf8')
  const pages = files(root)
    .filter((f) => f.endsWith('Page.tsx'))
    .map((f) => relative(root, f).replace(/\.tsx$/, ''))
  expect(pages.length).toBeGreaterThan(15)
  // The board comes with the first load.
  const fetched = pages.filter((p) => p !== 'board/BoardPage')
  expect(fetched.filter((p) => !app.includes(`import('./${p}')`))).toEqual([])
  const names = pages.map((p) => p.split('/')[1]!)
  expect(
    names.filter((n) => !app.includes(`<${n} `) && !app.includes(`<${n}/`) && !app.includes(`={${n}}`)),
  ).toEqual([])
})

/** Looking for a piece of a sentence, or asking whether something is said in more than one word. */
const BY_WORDS =
  /(includes|startsWith|endsWith|indexOf|match)\(['"`/][^'"`/]*[a-z]{2}|[!=]== ['"`][A-Za-z][a-z]* [a-z]/

it('decides nothing by the words that a person reads', () => {
  const found = files(root)
    .filter((f) => !/\.(test|gen)\.tsx?$/.test(f))
    .flatMap((f) =>
      readFileSync(f, 'utf8')
        .split('\n')
        .filter((line) => BY_WORDS.test(line))
        .map((line) => `${relative(root, f)}: ${line.trim()}`),
    )
  // Parts of forms are named by the service's own names of fields.
  expect(found.filter((line) => !/\bfield\b/.test(line))).toEqual([])
  expect(BY_WORDS.test("reasons.some((r) => r.includes('replace the blade'))")).toBe(true)
  expect(BY_WORDS.test("title === 'every tooth'")).toBe(true)
  expect(BY_WORDS.test("title === 'Test the edge'")).toBe(true)
})

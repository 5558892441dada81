// The pictures of the documentation, as they were taken last.
const FILES: Record<string, string> = import.meta.glob('../../../docs/screenshots/*.png', {
  eager: true,
  query: '?url',
  import: 'default',
})

/** Address of a picture by its name. */
export function picture(name: string): string | undefined {
  return FILES[`../../../docs/screenshots/${name}.png`]
}

/**
 * A fresh id. The browser's own maker is only there where the page came over a safe way; its random numbers always are.
 */
export function freshId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID()
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('')
  return [8, 12, 16, 20, 32].map((end, i, ends) => hex.slice(i === 0 ? 0 : ends[i - 1], end)).join('-')
}

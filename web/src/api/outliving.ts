/** The part of the browser's storage that is used for what must outlive a crash. */
export type Storage = Pick<globalThis.Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

const NAME = 'truekeen'
const KEPT = 'kept'
/** A page does not wait longer for it: where it cannot be had, the ordinary storage is all there is. */
const PATIENCE_MS = 1000

let opening: Promise<IDBDatabase | null> | undefined

function database(): Promise<IDBDatabase | null> {
  opening ??= new Promise((done) => {
    try {
      const asked = indexedDB.open(NAME, 1)
      asked.onupgradeneeded = () => asked.result.createObjectStore(KEPT)
      asked.onsuccess = () => done(asked.result)
      asked.onerror = () => done(null)
      asked.onblocked = () => done(null)
    } catch {
      done(null)
    }
  })
  return opening
}

/**
 * Writes it to the disk at once. The ordinary storage is at hand without waiting, but browsers write it down some seconds late,
 * and what they have not written a crash of the whole browser takes.
 */
export function writeThrough(key: string, value: string | null) {
  void database().then((db) => {
    try {
      const kept = db?.transaction(KEPT, 'readwrite', { durability: 'strict' }).objectStore(KEPT)
      if (value === null) kept?.delete(key)
      else kept?.put(value, key)
    } catch {
      // It may be closed or full: what is in the ordinary storage still holds.
    }
  })
}

/** A storage whose changes are written to the disk at once. */
export function outliving(storage: globalThis.Storage): Storage {
  return {
    get length() {
      return storage.length
    },
    key: (at) => storage.key(at),
    getItem: (key) => storage.getItem(key),
    setItem: (key, value) => {
      storage.setItem(key, value)
      writeThrough(key, value)
    },
    removeItem: (key) => {
      storage.removeItem(key)
      writeThrough(key, null)
    },
  }
}

/** Puts back what a crash took from the ordinary storage; before anything of it is read. */
export async function bringBack(storage: () => globalThis.Storage): Promise<void> {
  const late = new Promise<null>((done) => setTimeout(() => done(null), PATIENCE_MS))
  const db = await Promise.race([database(), late])
  if (!db) return
  const all = new Promise<void>((done) => {
    const cursor = db.transaction(KEPT).objectStore(KEPT).openCursor()
    cursor.onerror = () => done()
    cursor.onsuccess = () => {
      const at = cursor.result
      if (!at) return done()
      try {
        const key = String(at.key)
        if (storage().getItem(key) === null) storage().setItem(key, String(at.value))
      } catch {
        // Storage may be off.
      }
      at.continue()
    }
  })
  await Promise.race([all, late])
}

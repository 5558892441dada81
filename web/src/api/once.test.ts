import { describe, expect, it } from 'vitest'
import { freshId } from './id'
import { once } from './once'

const at = 'http://127.0.0.1/api/v1/tools'
const plan = (body = '{"a":1}') => new Request(at, { method: 'POST', body })
const noWait = () => Promise.resolve()

describe('once', () => {
  it('sends what is pressed three times in one moment once, and tells all three', async () => {
    let seen = 0
    let release = () => {}
    const send = once(async () => {
      seen++
      await new Promise<void>((r) => (release = r))
      return new Response('done')
    }, noWait)
    const all = [send(plan()), send(plan()), send(plan())]
    await new Promise((r) => setTimeout(r, 5))
    release()
    expect(await Promise.all((await Promise.all(all)).map((r) => r.text()))).toEqual(['done', 'done', 'done'])
    expect(seen).toBe(1)
  })

  it('sends what is meant twice twice, under two keys', async () => {
    const keys: (string | null)[] = []
    const send = once((r) => {
      keys.push(r.headers.get('Idempotency-Key'))
      return Promise.resolve(new Response(''))
    }, noWait)
    await send(plan())
    await send(plan())
    await Promise.all([send(plan('{"a":1}')), send(plan('{"a":2}'))])
    expect(new Set(keys).size).toBe(4)
  })

  it('sends it again under the same key after the way broke, and gives up in the end', async () => {
    const keys: (string | null)[] = []
    let broken = 2
    const send = once(async (r) => {
      keys.push(r.headers.get('Idempotency-Key') + (await r.text()))
      if (broken-- > 0) throw new TypeError('no way')
      return new Response('done')
    }, noWait)
    expect(await (await send(plan())).text()).toBe('done')
    expect(keys).toHaveLength(3)
    expect(new Set(keys).size).toBe(1)
    broken = 99
    await expect(send(plan())).rejects.toThrow('no way')
  })

  it('lets questions alone', async () => {
    const send = once((r) => {
      expect(r.headers.has('Idempotency-Key')).toBe(false)
      return Promise.resolve(new Response('read'))
    }, noWait)
    expect(await (await send(new Request(at))).text()).toBe('read')
  })
})

describe('freshId', () => {
  it('has the form of an id without the maker of the browser too', () => {
    const form = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
    expect(freshId()).toMatch(form)
    const own = Object.getOwnPropertyDescriptor(crypto, 'randomUUID')
    Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
    try {
      expect(freshId()).toMatch(form)
      expect(freshId()).not.toBe(freshId())
    } finally {
      if (own) Object.defineProperty(crypto, 'randomUUID', own)
      else Reflect.deleteProperty(crypto, 'randomUUID')
    }
  })
})

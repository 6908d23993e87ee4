import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Problem } from '../src/api/client'
import { useMe } from '../src/stores/me'

describe('who asks', () => {
  beforeEach(() => setActivePinia(createPinia()))
  afterEach(() => vi.restoreAllMocks())

  it('is the owner on the machine itself, and no guest', async () => {
    vi.spyOn(api, 'me').mockResolvedValue({ role: 'OWNER', network: true })
    const me = useMe()
    expect(me.asked).toBe(true)
    await me.open()
    expect([me.owns, me.guest, me.outside, me.watches]).toEqual([true, false, false, false])
  })

  it('stands outside where nobody has let it in', async () => {
    vi.spyOn(api, 'me').mockResolvedValue({ network: true })
    const me = useMe()
    expect(me.outside).toBe(false)
    await me.open()
    expect([me.owns, me.outside, me.watches]).toEqual([false, true, false])
  })

  it('is a guest that may be shown out', async () => {
    vi.spyOn(api, 'me').mockResolvedValue({ role: 'WATCHER', screen: 'Phone', network: true })
    const me = useMe()
    await me.open()
    expect([me.owns, me.guest, me.watches]).toEqual([false, true, true])
  })

  it('knows whose hands are at a screen that several use', async () => {
    vi.spyOn(api, 'me').mockResolvedValue({ role: 'COOK', screen: 'Wall', network: true, shared: true })
    vi.spyOn(api, 'signIn').mockResolvedValue({
      role: 'COOK',
      screen: 'Wall',
      network: true,
      shared: true,
      person: 'Ada',
    })
    const me = useMe()
    await me.open()
    expect([me.shared, me.person]).toEqual([true, null])
    await me.signIn('an-id', '4711')
    expect(me.person).toBe('Ada')
  })

  it('stays whoever it was while the kitchen is away', async () => {
    const answer = vi.spyOn(api, 'me').mockResolvedValue({ role: 'COOK', screen: 'Tablet', network: true })
    const me = useMe()
    await me.open()
    answer.mockRejectedValue(new Problem(0, 'away'))
    await me.open()
    expect(me.who?.role).toBe('COOK')
    expect(me.outside).toBe(false)
  })
})

describe('what is sent', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
    document.cookie = 'XSRF-TOKEN=; max-age=0'
  })

  it('carries the token that its page was given, and none where there is none', async () => {
    const sent: Record<string, string>[] = []
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
      sent.push(init.headers as Record<string, string>)
      return Promise.resolve(new Response('{}', { status: 200 }))
    })
    await api.addOven('Far', 'FAN')
    document.cookie = 'XSRF-TOKEN=abc-1'
    await api.addOven('Far', 'FAN')
    expect(sent.map((headers) => headers['x-xsrf-token'])).toEqual([undefined, 'abc-1'])
  })
})

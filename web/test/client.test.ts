import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api, givenUp, Problem, send } from '../src/api/client'
import type { Oven, Question } from '../src/api/types'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const oven = { id: 3, name: 'Old electric', kind: 'STILL', version: 7 } as unknown as Oven
const question = { piece: {}, dress: {}, programme: [] } as unknown as Question
const never = new AbortController().signal

beforeEach(freshBrowser)

describe('what is asked of the kitchen computer', () => {
  it('goes to the address of its description, in the language and units of the reader', async () => {
    const asked = fakeServer(() => ({ status: 200, body: { id: 'salt crust' } }))
    await api.recipe('a b', 4)
    expect(asked[0]).toMatchObject({ method: 'GET', path: '/api/recipes/a%20b?pieces=4', body: null })
    expect(asked[0]!.reader).toMatch(/^lang=.+&units=\w+$/)
  })

  it('says which version is changed, and only where one is', async () => {
    const asked = fakeServer(() => ({ status: 200, body: oven }))
    await api.describeOven(oven, { fallsCPerHour: 40 })
    await api.takeOvenOut(oven)
    expect(asked.map((one) => one.ifMatch)).toEqual(['"7"', null])
    expect(asked[0]!.body).toEqual({ fallsCPerHour: 40 })
  })

  it('has no answer where there is nothing to say', async () => {
    fakeServer(() => ({ status: 204 }))
    expect(await api.dropPhoto('hake')).toBeUndefined()
    expect(await send('DELETE', '/api/bakes/hake/verdict', null, 'application/json')).toBeUndefined()
  })

  it('is refused field by field', async () => {
    const errors = [{ field: 'name', message: 'A name has 1 to 60 characters.' }]
    fakeServer(() => ({ status: 400, body: { detail: 'One thing is wrong.', errors } }))
    const refused = await api.addOven('', 'STILL').catch((thrown: Problem) => thrown)
    expect(refused).toMatchObject({ status: 400, message: 'One thing is wrong.', errors, reachable: true })
  })

  it('is asked again where another token came while it was on its way, and only then', async () => {
    const tokens: (string | null)[] = []
    const coming = ['between', 'second']
    let comes = ''
    vi.stubGlobal('fetch', async (_: string, { headers }: { headers: Record<string, string> }) => {
      tokens.push(headers['x-xsrf-token'] ?? null)
      comes = coming.shift() ?? comes
      document.cookie = `XSRF-TOKEN=${comes}`
      return new Response('{}', { status: headers['x-xsrf-token'] === 'second' ? 200 : 403 })
    })
    document.cookie = 'XSRF-TOKEN=first'
    await send('POST', '/api/bakes/hake/taps', '{}', 'application/json')
    expect(tokens).toEqual(['first', 'between', 'second'])

    comes = 'other'
    document.cookie = 'XSRF-TOKEN=other'
    tokens.length = 0
    const refused = await send('POST', '/api/bakes/hake/taps', '{}', 'application/json').catch(
      (thrown: Problem) => thrown,
    )
    expect(refused).toMatchObject({ status: 403 })
    expect(tokens).toEqual(['other'])
    document.cookie = 'XSRF-TOKEN=; max-age=0'
  })

  it('meets nobody, which may be otherwise in a while', async () => {
    fakeServer(() => ({ status: 0 }))
    const lost = await api.catalogue().catch((thrown: Problem) => thrown)
    expect(lost).toBeInstanceOf(Problem)
    expect(lost).toMatchObject({ status: 0, reachable: false })
  })

  it('is asked again where a busy kitchen puts it off, four times in all', async () => {
    vi.useFakeTimers()
    const busy = { status: 503, body: { detail: 'Busy.' }, again: 2 }
    const asked = fakeServer(() => (asked.length < 3 ? busy : { status: 200, body: { likelyMin: 11 } }))
    const answer = api.estimate(question, never)
    await vi.runAllTimersAsync()
    expect(await answer).toEqual({ likelyMin: 11 })
    expect(asked).toHaveLength(3)
    const put = fakeServer(() => busy)
    const refused = api.estimate(question, never).catch((thrown: Problem) => thrown)
    await vi.runAllTimersAsync()
    expect(await refused).toMatchObject({ status: 503, againAfterS: 2 })
    expect(put).toHaveLength(4)
    vi.useRealTimers()
  })

  it('is given up by whoever no longer wants to know, and told from a lost network', async () => {
    const giveUp = new AbortController()
    const asked = fakeServer(({ signal }) => {
      return new Promise((_, no) =>
        signal!.addEventListener('abort', () => no(new DOMException('given up', 'AbortError'))),
      )
    })
    const asking = api.estimate(question, giveUp.signal).catch((thrown: unknown) => thrown)
    await vi.waitFor(() => expect(asked).toHaveLength(1))
    giveUp.abort()
    expect(givenUp(await asking)).toBe(true)
  })

  it('is given up too where the network was lost in the same moment', async () => {
    const giveUp = new AbortController()
    fakeServer(() => {
      giveUp.abort()
      return { status: 0 }
    })
    expect(givenUp(await api.estimate(question, giveUp.signal).catch((thrown: unknown) => thrown))).toBe(true)
  })

  it('is lost like any other where the answer breaks off half-said', async () => {
    const broken = () => new ReadableStream({ start: (body) => body.error(new TypeError('Failed to fetch')) })
    vi.stubGlobal('fetch', async () => new Response(broken(), { status: 200 }))
    const lost = { status: 0, reachable: false }
    await expect(api.ovens()).rejects.toMatchObject(lost)
    await expect(send('PUT', '/api/bakes/hake', '{}', 'application/json')).rejects.toMatchObject(lost)
  })
})

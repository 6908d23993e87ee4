import { nextTick } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Bake } from '../src/api/types'
import { useUnits } from '../src/messages/units'
import { forgetKnown, recallKnown } from '../src/composables/recall'
import { useRunning } from '../src/stores/running'
import { emptyApp } from './helpers/app'
import { hake, tapped } from './helpers/bakes'
import { FakeSource, freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const AT_FIVE_PAST = Date.parse('2026-03-01T19:05:00Z')
const stream = (bakes: Partial<Bake>[], now = '2026-03-01T19:05:00Z', more = {}) => ({
  bakes,
  gone: [],
  now,
  speed: 1,
  stored: true,
  ...more,
})

let answers: (asked: { method: string; path: string; body: unknown }) => { status: number; body?: unknown }

/** A screen that follows, and has heard of what is in the oven. */
async function screen(...bakes: Bake[]) {
  answers ??= ({ path }) =>
    path === '/api/bakes' ? { status: 200, body: bakes } : { status: 200, body: bakes[0] }
  const asked = fakeServer((one) => answers(one))
  const app = emptyApp()
  const running = app.runWithContext(() => useRunning())
  running.follow()
  await vi.advanceTimersByTimeAsync(1)
  FakeSource.open[0]!.tell(stream(bakes))
  return { running, asked, source: () => FakeSource.open[0]! }
}

const shown = (running: ReturnType<typeof useRunning>, id = 'hake') => running.bakes.find((b) => b.id === id)

beforeEach(() => {
  freshBrowser()
  vi.useFakeTimers({ now: AT_FIVE_PAST })
  answers = undefined as never
})
afterEach(() => vi.useRealTimers())

describe('a screen that opens with the kitchen computer gone', () => {
  /** The screen is opened anew: it has what it kept, and nothing else. */
  async function gone() {
    const kept = localStorage.getItem('olla.known')!
    freshBrowser()
    localStorage.setItem('olla.known', kept)
    answers = () => ({ status: 0 })
    fakeServer((one) => answers(one))
    const running = emptyApp().runWithContext(() => useRunning())
    running.follow()
    await vi.advanceTimersByTimeAsync(1)
    FakeSource.open.at(-1)!.drop()
    return running
  }

  it('shows what was known last, and lets the clock go on', async () => {
    await screen(hake())
    await vi.advanceTimersByTimeAsync(1500)
    vi.setSystemTime(AT_FIVE_PAST + 300_000)
    const running = await gone()
    expect(shown(running)?.id).toBe('hake')
    expect(running.unreachable).toBe(true)
    expect(running.notice).toContain('This is how it stood')
    expect(Math.abs(running.now - (AT_FIVE_PAST + 300_000))).toBeLessThan(2000)
  })

  it('takes what the line tells in its place as soon as there is one', async () => {
    await screen(hake())
    await vi.advanceTimersByTimeAsync(1500)
    const running = await gone()
    answers = () => ({ status: 200, body: [] })
    FakeSource.open.at(-1)!.tell(stream([]))
    await vi.advanceTimersByTimeAsync(1)
    expect(running.bakes).toEqual([])
  })

  it('tells no other tab what it only remembers', async () => {
    await screen(hake())
    await vi.advanceTimersByTimeAsync(1500)
    await gone()
    const heard: unknown[] = []
    const other = new BroadcastChannel('olla.line')
    other.onmessage = (event) => heard.push(event.data)
    other.postMessage({ kind: 'hello' })
    await vi.advanceTimersByTimeAsync(1)
    expect(heard).not.toContainEqual(expect.objectContaining({ kind: 'news' }))
  })

  it('shows nothing of yesterday, nor what cannot be read, nor after it was shown out', async () => {
    await screen(hake())
    await vi.advanceTimersByTimeAsync(1500)
    const kept = localStorage.getItem('olla.known')!
    expect(recallKnown()?.bakes).toHaveLength(1)
    vi.setSystemTime(AT_FIVE_PAST + 13 * 3600_000)
    expect(recallKnown()).toBeNull()
    vi.setSystemTime(AT_FIVE_PAST)
    localStorage.setItem('olla.known', '{')
    expect(recallKnown()).toBeNull()
    localStorage.setItem('olla.known', kept)
    forgetKnown()
    expect(recallKnown()).toBeNull()
  })
})

describe('a running bake on a screen', () => {
  it('takes over what changed, and drops what is told as null', async () => {
    const { running, source } = await screen(hake({ portions: 2 }))
    source().tell(stream([{ id: 'hake', revision: 2, title: 'Hake, tail', portions: null } as never]))
    expect(shown(running)).toMatchObject({ title: 'Hake, tail', revision: 2 })
    expect(shown(running)).not.toHaveProperty('portions')
  })

  it('is not set back by an answer that comes late', async () => {
    const { running, source } = await screen(hake())
    source().tell(stream([{ id: 'hake', revision: 5, title: 'later' }]))
    running.take(hake({ revision: 3, title: 'earlier' }))
    expect(shown(running)?.title).toBe('later')
  })

  it('is not told against what was answered meanwhile: out and in again between two pushes', async () => {
    const { running, source } = await screen(hake())
    running.take(hake({ revision: 2, outAt: '2026-03-01T19:04:00Z' }))
    expect(shown(running)?.outAt).toBeDefined()
    // The line saw neither the one nor the other: for it nothing has changed but the revision.
    source().tell(stream([{ id: 'hake', revision: 3 }]))
    expect(shown(running)?.outAt).toBeUndefined()
  })

  it('keeps what the line has told of the reckoning when the answer is still at it', async () => {
    const { running, source } = await screen(hake())
    source().tell(stream([{ id: 'hake', revision: 2, title: 'worked out', reckoning: false }]))
    running.take(hake({ revision: 2, title: 'not yet', reckoning: true }))
    expect(shown(running)?.title).toBe('worked out')
  })

  it('shows a tap before it is stored', async () => {
    const { running } = await screen(hake())
    answers = () => ({ status: 503, body: {} })
    const bake = shown(running)!
    void running.tap(bake, 'OUT', 'out', {}, '2026-03-01T19:12:00Z')
    expect(shown(running)).toMatchObject({ outAt: '2026-03-01T19:12:00Z' })
  })

  const coming = () => hake() as never

  it('is not taken away by a list that was asked for before it was put in', async () => {
    const { running } = await screen()
    let sayList: (said: { status: number; body: unknown }) => void
    answers = ({ method, body }) =>
      method === 'GET'
        ? (new Promise((resolve) => (sayList = resolve)) as never)
        : { status: 201, body: hake({ id: (body as Bake).id }) }
    const list = running.refresh()
    const id = running.putIn('Hake', 1, {} as never, coming())
    await vi.advanceTimersByTimeAsync(1)
    expect(running.waiting).toHaveLength(0)
    sayList!({ status: 200, body: [] })
    await list
    expect(shown(running, id)).toBeDefined()
  })

  it('is not taken away by such a list that comes after the line has told of it, and before it is answered', async () => {
    const { running, source } = await screen()
    const say: Record<string, (said: { status: number; body: unknown }) => void> = {}
    answers = ({ method }) => new Promise((resolve) => (say[method] = resolve)) as never
    const list = running.refresh()
    const id = running.putIn('Hake', 1, {} as never, coming())
    await vi.advanceTimersByTimeAsync(1)
    source().tell(stream([hake({ id })]))
    say.GET!({ status: 200, body: [] })
    await list
    expect(shown(running, id)).toBeDefined()
    say.POST!({ status: 201, body: hake({ id }) })
    await vi.advanceTimersByTimeAsync(1)
    expect(running.waiting).toHaveLength(0)
    expect(shown(running, id)).toBeDefined()
  })

  it('is not taken away by a line that began before it was put in, unless the kitchen computer has it no longer', async () => {
    const { running, source } = await screen()
    answers = ({ method }) => ({ status: 200, body: method === 'GET' ? [hake({ id })] : hake({ id }) })
    const id = running.putIn('Hake', 1, {} as never, coming())
    await vi.advanceTimersByTimeAsync(1)
    source().drop()
    source().tell(stream([]))
    expect(shown(running, id)).toBeDefined()
    await vi.advanceTimersByTimeAsync(1)
    expect(shown(running, id)).toBeDefined()
    answers = () => ({ status: 200, body: [] })
    source().drop()
    source().tell(stream([]))
    await vi.advanceTimersByTimeAsync(1)
    expect(shown(running, id)).toBeUndefined()
  })

  it('is gone at once where its being put in was taken back', async () => {
    const { running } = await screen(hake({ taps: [] }))
    answers = () => ({ status: 204 })
    await running.undo(shown(running)!)
    expect(shown(running)).toBeUndefined()
  })

  it('takes the last tap back, and where there is none the fish itself', async () => {
    const { running, asked } = await screen(hake({ taps: [tapped('t2', 'SEEN'), tapped('t1', 'DOOR')] }))
    await running.undo(shown(running)!)
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/bakes/hake/taps/t2' })
    await running.undo(hake({ taps: [] }))
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/bakes/hake' })
  })
})

describe("the kitchen's clock", () => {
  it("goes on evenly between two words of the server's, and is not moved for a trifle", async () => {
    const { running, source } = await screen(hake())
    await vi.advanceTimersByTimeAsync(3000)
    expect(running.now).toBeCloseTo(AT_FIVE_PAST + 3000, -2)
    source().tell(stream([], '2026-03-01T19:05:03.200Z'))
    expect(running.now).toBeCloseTo(AT_FIVE_PAST + 3000, -2)
    source().tell(stream([], '2026-03-01T19:05:10Z'))
    expect(running.now).toBeCloseTo(AT_FIVE_PAST + 10_000, -2)
  })

  it('is kept where this device is set to another time, and that is said', async () => {
    const { running, source } = await screen(hake())
    vi.setSystemTime(AT_FIVE_PAST - 7 * 3600_000)
    await vi.advanceTimersByTimeAsync(300)
    // The line is asked for anew; it begins with everything.
    source().tell(stream([hake()], '2026-03-01T19:05:00.500Z'))
    expect(running.notice).toContain("This device's clock was set")
    expect(running.secondsIn(shown(running)!)).toBeCloseTo(300, -1)
  })

  it('tells a screen that slept what it missed', async () => {
    const { running, source } = await screen(hake())
    vi.setSystemTime(AT_FIVE_PAST + 600_000)
    await vi.advanceTimersByTimeAsync(300)
    source().tell(stream([hake()], '2026-03-01T19:15:00Z'))
    expect(running.notice).toContain('This screen was away for 10:00')
  })

  it('says that the kitchen computer is out of reach after nine silent seconds, and how long it was', async () => {
    const { running, source } = await screen(hake())
    await vi.advanceTimersByTimeAsync(8000)
    expect(running.unreachable).toBe(false)
    await vi.advanceTimersByTimeAsync(1500)
    expect(running.unreachable).toBe(true)
    await vi.advanceTimersByTimeAsync(12_000)
    source().tell(stream([hake()], '2026-03-01T19:05:21Z'))
    expect(running.unreachable).toBe(false)
    expect(running.notice).toContain('The kitchen computer was away for')
  })

  it('does not take a store out of reach for an empty kitchen', async () => {
    const { running, source } = await screen(hake())
    source().tell(stream([], undefined, { stored: false }))
    expect(running.bakes).toHaveLength(1)
    expect(running.unreachable).toBe(true)
  })

  it("is told anew, in the reader's units, when those change", async () => {
    const { running, source } = await screen(hake())
    expect(source().url).toMatch(/lang=en[^&]*&units=metric$/)
    useUnits().toggle()
    await nextTick()
    // Screens of earlier tests follow the units too; this one's line is the last.
    const again = FakeSource.open.at(-1)!
    expect(again.url).toMatch(/&units=imperial$/)
    const hint = [{ ...hake().moments[0]!, hint: 'About 1⅛ in more.' }]
    again.tell(stream([{ ...hake(), moments: hint }]))
    expect(shown(running)!.moments[0]!.hint).toBe('About 1⅛ in more.')
    useUnits().toggle()
  })
})

import { createApp, defineComponent, h } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { personWanted, type Problem } from '../src/api/client'
import type { Bake } from '../src/api/types'
import { allWithWaiting, type Parcel, useOutbox, withWaiting } from '../src/composables/outbox'
import { hake, tapped } from './helpers/bakes'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const AGAIN_MS = 1600

const tap = (id: string, kind = 'SEEN', bakeId = 'hake'): Parcel => ({
  bakeId,
  method: 'POST',
  path: `/api/bakes/${bakeId}/taps`,
  body: tapped(id, kind),
  words: kind,
})

/** A tab of the browser with its own outbox. */
function tab() {
  const arrived: (Bake | undefined)[] = []
  const refused: Problem[] = []
  let box!: ReturnType<typeof useOutbox>
  createApp(
    defineComponent(() => {
      box = useOutbox(
        (bake) => arrived.push(bake),
        (problem) => refused.push(problem),
      )
      return () => h('div')
    }),
  ).mount(document.createElement('div'))
  return { box, arrived, refused, waiting: () => box.waiting.value.map((p) => (p.body as { id: string }).id) }
}

beforeEach(() => {
  freshBrowser()
  vi.useRealTimers()
})

describe('what is tapped', () => {
  it('is sent in the order in which it was tapped, once each', async () => {
    const asked = fakeServer(() => ({ status: 200, body: hake() }))
    const { box, arrived } = tab()
    await Promise.all([box.post(tap('a')), box.post(tap('b')), box.post(tap('c'))])
    await vi.waitFor(() => expect(arrived).toHaveLength(3))
    expect(asked.map((one) => (one.body as { id: string }).id)).toEqual(['a', 'b', 'c'])
    expect(box.waiting.value).toEqual([])
  })

  it('waits until somebody has said who they are, and the screen asks for that', async () => {
    const there = { somebody: false }
    fakeServer(() =>
      there.somebody
        ? { status: 200, body: hake() }
        : { status: 403, body: { detail: 'say who' }, wants: 'person' },
    )
    personWanted.value = false
    const { box, arrived, refused, waiting } = tab()
    await box.post(tap('a'))
    expect(waiting()).toEqual(['a'])
    expect(personWanted.value).toBe(true)
    // The kitchen computer is there, and nothing is wrong.
    expect(box.stuck.value).toBe(false)
    there.somebody = true
    await box.flush()
    expect([arrived.length, refused.length, waiting().length]).toEqual([1, 0, 0])
  })

  it('outlives the network and the page, and is not lost by a server that is not itself', async () => {
    const status = { now: 0 }
    const asked = fakeServer(() => ({
      status: status.now,
      body: status.now === 200 ? hake() : { title: 'no' },
    }))
    const first = tab()
    await first.box.post(tap('a'))
    for (const passing of [500, 503, 504, 408]) {
      status.now = passing
      await first.box.flush()
      expect(first.waiting(), `after ${passing}`).toEqual(['a'])
      expect(first.box.stuck.value).toBe(true)
    }
    status.now = 200
    const reloaded = tab()
    expect(reloaded.waiting()).toEqual(['a'])
    await reloaded.box.flush()
    expect(reloaded.waiting()).toEqual([])
    expect(new Set(asked.map((one) => (one.body as { id: string }).id))).toEqual(new Set(['a']))
    expect(reloaded.box.stuck.value).toBe(false)
  })

  it('that cannot be is said, and costs the others nothing', async () => {
    fakeServer(({ body }) =>
      (body as { id: string }).id === 'bad'
        ? { status: 400, body: { detail: 'No such cue.' } }
        : { status: 200, body: hake() },
    )
    const { box, refused, arrived } = tab()
    await box.post(tap('bad'))
    await box.post(tap('good'))
    expect(refused).toHaveLength(1)
    expect(arrived).toHaveLength(1)
    expect(box.waiting.value).toEqual([])
  })

  it('of another bake does not wait for one that cannot be sent', async () => {
    fakeServer(({ path }) =>
      path.includes('/hake/') ? { status: 503, body: {} } : { status: 200, body: hake({ id: 'cod' }) },
    )
    const { box, arrived, waiting } = tab()
    await box.post(tap('a', 'SEEN', 'hake'))
    await box.post(tap('b', 'SEEN', 'hake'))
    await box.post(tap('c', 'SEEN', 'cod'))
    await vi.waitFor(() => expect(arrived.map((b) => b?.id)).toEqual(['cod']))
    expect(waiting()).toEqual(['a', 'b'])
  })

  it('in one tab is sent by one tab, whichever that is, and dropped by none', async () => {
    let release!: () => void
    const held = new Promise<void>((resolve) => (release = resolve))
    const asked = fakeServer(async () => {
      await held
      return { status: 200, body: hake() }
    })
    const one = tab()
    const two = tab()
    const sending = one.box.post(tap('a'))
    await two.box.post(tap('b'))
    expect(asked).toHaveLength(1)
    release()
    await sending
    await vi.waitFor(
      () => expect(asked.map((x) => (x.body as { id: string }).id)).toEqual(['a', 'b']),
      AGAIN_MS * 2,
    )
    // jsdom tells storage to no other document; a browser does.
    window.dispatchEvent(new StorageEvent('storage', { key: 'olla.out.x' }))
    await vi.waitFor(() => expect([...one.waiting(), ...two.waiting()]).toEqual([]))
  })

  it('is seen to wait in the other tab', async () => {
    fakeServer(() => ({ status: 0 }))
    const one = tab()
    const two = tab()
    await one.box.post(tap('a'))
    // jsdom tells storage to no other document; a browser does.
    window.dispatchEvent(new StorageEvent('storage', { key: 'olla.out.x' }))
    expect(two.waiting()).toEqual(['a'])
  })

  it('unanswered for five seconds is said to be so', async () => {
    vi.useFakeTimers()
    fakeServer(() => new Promise(() => {}))
    const { box } = tab()
    void box.post(tap('a'))
    await vi.advanceTimersByTimeAsync(4900)
    expect(box.stuck.value).toBe(false)
    await vi.advanceTimersByTimeAsync(200)
    expect(box.stuck.value).toBe(true)
  })

  it('before an outbox had a key for each parcel is taken over', async () => {
    localStorage.setItem('olla.outbox', JSON.stringify([tap('old')]))
    fakeServer(() => ({ status: 0 }))
    expect(tab().waiting()).toEqual(['old'])
    expect(localStorage.getItem('olla.outbox')).toBeNull()
  })
})

describe('a bake with what waits for it', () => {
  it('is out as soon as that is tapped, and rests where its coast is enough', () => {
    const late = withWaiting(hake(), [{ ...tap('a', 'OUT') }])
    expect(late.outAt).toBe('2026-03-01T19:12:00Z')
    expect(late.moments[0]).toMatchObject({ phase: 'REST', fromSeconds: 720 })
  })

  it('is never told calmly to rest where it may be raw', () => {
    const soon = { ...tap('a'), body: tapped('a', 'OUT', '2026-03-01T19:04:00Z') }
    expect(withWaiting(hake(), [soon]).moments[0]).toMatchObject({ phase: 'LACKS' })
    const unknown = hake()
    delete (unknown as Partial<Bake>).enoughFromMin
    expect(withWaiting(unknown, [tap('a', 'OUT')]).moments[0]).toMatchObject({ phase: 'LACKS' })
  })

  it('goes back in, and lacks nothing that is not known yet', () => {
    const out = hake({ outAt: '2026-03-01T19:04:00Z', lacks: {} as Bake['lacks'] } as Partial<Bake>)
    const back = withWaiting(out, [tap('a', 'BACK')])
    expect(back.outAt).toBeUndefined()
    expect(back.lacks).toBeUndefined()
    expect(back.moments[0]).toMatchObject({ phase: 'SHUT' })
  })

  it('is in the log as soon as its verdict is said, and out of it again by its undo', () => {
    const said: Parcel = {
      bakeId: 'hake',
      method: 'PUT',
      path: '/api/bakes/hake/verdict',
      body: { at: '2026-03-01T19:40:00Z', verdict: 'RIGHT', probeC: 58 },
      words: 'how it was',
    }
    const logged = withWaiting(hake(), [said])
    expect(logged).toMatchObject({ loggedAt: '2026-03-01T19:40:00Z', verdict: 'RIGHT', probeC: 58 })
    const undone: Parcel = { ...said, method: 'DELETE', body: null, words: 'undo' }
    expect(withWaiting(hake(), [said, undone]).loggedAt).toBeUndefined()
  })

  it('has not got a tap whose undo waits behind it', () => {
    const undo: Parcel = {
      bakeId: 'hake',
      method: 'DELETE',
      path: '/api/bakes/hake/taps/a',
      body: null,
      words: 'undo',
    }
    expect(withWaiting(hake(), [tap('a', 'OUT'), undo]).outAt).toBeUndefined()
    expect(withWaiting(hake({ taps: [tapped('a', 'OUT')] }), [undo]).taps).toEqual([])
  })

  it('is there while it is on its way in, and gone while it is on its way back', () => {
    const cod = hake({ id: 'cod', title: 'Cod' })
    const putIn: Parcel = {
      bakeId: 'cod',
      method: 'POST',
      path: '/api/bakes',
      body: {},
      words: 'in',
      shown: cod,
    }
    expect(allWithWaiting([hake()], [putIn]).map((b) => b.id)).toEqual(['hake', 'cod'])
    expect(allWithWaiting([hake(), cod], [putIn]).map((b) => b.id)).toEqual(['hake', 'cod'])
    const back: Parcel = {
      bakeId: 'cod',
      method: 'DELETE',
      path: '/api/bakes/cod',
      body: null,
      words: 'undo',
    }
    expect(allWithWaiting([hake(), cod], [back]).map((b) => b.id)).toEqual(['hake'])
  })
})

import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mount } from '@vue/test-utils'
import type { Bake } from '../src/api/types'
import ApartLines from '../src/stations/oven/ApartLines.vue'
import { type Busy, useOvenSide } from '../src/stations/oven/ovenSide'
import { useRunning } from '../src/stores/running'
import { emptyApp } from './helpers/app'
import { hake, tapped } from './helpers/bakes'
import { FakeSource, freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const trout = (more: Partial<Bake> = {}) => hake({ id: 'trout', title: 'Trout', ...more })
const tell = (bakes: Partial<Bake>[], gone: string[] = []) =>
  FakeSource.open[0]!.tell({ bakes, gone, now: '2026-03-01T19:05:00Z', speed: 1, stored: true })

/** An Oven side that shows the bake of an id. */
async function shows(id: string, ...bakes: Bake[]) {
  const asked = fakeServer(({ method }) =>
    method === 'GET' ? { status: 200, body: bakes } : { status: 204 },
  )
  const app = emptyApp()
  const at = ref<string | undefined>(id)
  const side = app.runWithContext(() => effectScope().run(() => useOvenSide(() => at.value))!)
  const running = app.runWithContext(() => useRunning())
  running.follow()
  await vi.advanceTimersByTimeAsync(1)
  tell(bakes)
  return { side, running, asked, at }
}

beforeEach(() => {
  freshBrowser()
  vi.useFakeTimers({ now: Date.parse('2026-03-01T19:05:00Z') })
})
afterEach(() => vi.useRealTimers())

describe('the Oven side', () => {
  it('shows no other fish where the one that it shows was taken back elsewhere', async () => {
    const { side, asked } = await shows('hake', trout(), hake())
    expect(side.bake?.id).toBe('hake')
    tell([], ['hake'])
    expect(side.bake).toBeUndefined()
    expect(side.all.map((b) => b.id)).toEqual(['trout'])
    const before = asked.length
    await side.main()
    await side.undo()
    expect(asked).toHaveLength(before)
  })

  it('lets one piece go and keeps the rest; the last one comes out with all', async () => {
    const { side, asked } = await shows('hake', hake())
    expect(side.stillIn).toBe(4)
    void side.takeOneOut()
    await nextTick()
    expect(side.stillIn).toBe(3)
    expect(side.isOut).toBe(false)
    expect(side.bake!.apart[0]!.moments[0]!.phase).toBe('LACKS')
    expect(asked.at(-1)!.body).toMatchObject({ kind: 'SOME_OUT', number: 1 })
    const lines = mount(ApartLines, { props: { side: side as Busy } })
    expect(lines.text()).toContain('Back into the oven')
    expect(lines.text()).toContain('3 pieces are still in')
  })

  it('shows the first where none was asked for', async () => {
    const { side, at } = await shows('none', trout(), hake())
    expect(side.bake).toBeUndefined()
    at.value = undefined
    await nextTick()
    expect(side.bake?.id).toBe('trout')
  })

  it('keeps what was said of the leftovers, to be taken back', async () => {
    const logged = { loggedAt: '2026-03-01T19:00:00Z', verdict: 'JUST_RIGHT', outAt: '2026-03-01T18:50:00Z' }
    const leftovers = { fridgeBy: '2026-03-01T21:00:00Z', words: '' }
    const { side, running } = await shows('hake', hake({ ...logged, leftovers } as Partial<Bake>))
    expect(side.phase).toBe('AFTER')
    await running.tap(side.bake!, 'CHILLED', 'fridge')
    const eaten = { ...leftovers, cleared: 'CHILLED', useBy: '2026-03-03T19:00:00Z' } as const
    running.take({ ...side.bake!, leftovers: eaten, taps: [tapped('t1', 'CHILLED')], revision: 2 })
    tell([], ['hake'])
    expect(side.all).toEqual([])
    expect(side.bake?.leftovers).toEqual(eaten)
    expect(side.bake?.taps[0]?.id).toBe('t1')
  })
})

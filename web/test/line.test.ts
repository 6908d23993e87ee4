import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type News, useLine } from '../src/composables/line'
import { FakeSource, freshBrowser, hideTab } from './helpers/browser'

const news = (revision: number): News => ({
  bakes: [{ id: 'hake', revision }],
  gone: [],
  now: '2026-03-01T19:00:00Z',
  speed: 1,
  stored: true,
})

function tab(known: News | null = null) {
  const heard: { revision: number; whole: boolean }[] = []
  let lost = 0
  const line = useLine({
    heard: (told, whole) => heard.push({ revision: told.bakes[0]!.revision, whole }),
    lost: () => lost++,
    whole: () => known,
  })
  return { line, heard, lost: () => lost }
}

beforeEach(freshBrowser)

describe('the one line of a browser', () => {
  it('is held by one tab, and heard in all', async () => {
    const one = tab()
    const two = tab()
    one.line.follow()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    two.line.follow()
    FakeSource.open[0]!.tell(news(1))
    FakeSource.open[0]!.tell(news(2))
    expect(FakeSource.open).toHaveLength(1)
    for (const heard of [one.heard, two.heard]) {
      expect(heard).toEqual([
        { revision: 1, whole: true },
        { revision: 2, whole: false },
      ])
    }
  })

  it('tells whoever comes later all that is known', async () => {
    const one = tab(news(7))
    one.line.follow()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    const late = tab()
    late.line.follow()
    expect(late.heard).toEqual([{ revision: 7, whole: true }])
  })

  it('goes over to the next tab when the one that holds it leaves', async () => {
    const one = tab()
    const two = tab()
    one.line.follow()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    const first = FakeSource.open[0]!
    two.line.follow()
    one.line.leave()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    expect(first.closed).toBe(true)
    FakeSource.open[0]!.tell(news(3))
    expect(two.heard).toEqual([{ revision: 3, whole: true }])
  })

  it('is not held by a tab that nobody looks at', async () => {
    const one = tab()
    hideTab(true)
    one.line.follow()
    await Promise.resolve()
    expect(FakeSource.open).toHaveLength(0)
  })

  it('that broke is said in every tab, and what comes then is whole', async () => {
    const one = tab()
    const two = tab()
    one.line.follow()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    two.line.follow()
    FakeSource.open[0]!.tell(news(1))
    FakeSource.open[0]!.drop()
    expect([one.lost(), two.lost()]).toEqual([1, 1])
    FakeSource.open[0]!.tell(news(4))
    expect(two.heard.at(-1)).toEqual({ revision: 4, whole: true })
  })

  it('out of reach of the store is not taken for all there is', async () => {
    const one = tab()
    one.line.follow()
    await vi.waitFor(() => expect(FakeSource.open).toHaveLength(1))
    FakeSource.open[0]!.tell({ ...news(1), stored: false })
    FakeSource.open[0]!.tell(news(2))
    expect(one.heard.map((h) => h.whole)).toEqual([false, true])
  })
})

import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { api, Problem } from '../src/api/client'
import type { EveningInput, EveningView, SheetStep } from '../src/api/types'

vi.mock('vue-router', () => ({ useRouter: () => ({ push: () => undefined }) }))
vi.mock('../src/composables/line', () => ({ useLine: () => ({ follow() {}, leave() {}, again() {} }) }))

const { useEvenings } = await import('../src/stores/evenings')

const INPUT: EveningInput = {
  name: 'Friday',
  serveAt: '2026-03-06T19:00:00Z',
  guests: 4,
  fish: [],
  sides: [],
  ovens: [],
  burners: 4,
  hands: [{ name: 'cook' }],
}
const view = (id: string, revision: number, more: Partial<EveningView> = {}): EveningView => ({
  id,
  evening: INPUT,
  version: 0,
  revision,
  searching: false,
  improved: 0,
  moved: [],
  found: [],
  days: [],
  moves: [],
  now: '2026-03-06T17:00:00Z',
  sheet: { steps: [], dishes: [], courses: [], lateMin: 0, kept: true },
  ...more,
})

/** What has been written, as the list has it. */
const written: string[] = []
const line = (id: string) => ({ id, name: id, serveAt: '2999-03-07T19:00:00Z', guests: 2, dishes: 1 })
function writing(answer: (id: string, body: EveningInput) => EveningView) {
  vi.spyOn(api, 'writeEvening').mockImplementation((id, body) => {
    written.push(id)
    return Promise.resolve(answer(id, body))
  })
}

describe('the evenings', () => {
  beforeEach(() => {
    written.length = 0
    localStorage.clear()
    setActivePinia(createPinia())
    vi.restoreAllMocks()
    vi.spyOn(api, 'dials').mockResolvedValue([])
    vi.spyOn(api, 'evenings').mockImplementation(() => Promise.resolve(written.map(line)))
  })

  it('asks for a new evening only once it is written', async () => {
    const asked = vi.spyOn(api, 'evening').mockRejectedValue(new Problem(404, 'not here'))
    writing((id) => view(id, 1))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    await nextTick()
    expect(asked).not.toHaveBeenCalled()
    expect(evenings.view?.evening.name).toBe('Friday')
    expect(evenings.id).toBe(evenings.view?.id)
  })

  it('shows another evening where somebody has thrown this one away', async () => {
    const evenings = useEvenings()
    written.push('other')
    vi.spyOn(api, 'evening').mockImplementation((id) =>
      id === 'other' ? Promise.resolve(view('other', 3)) : Promise.reject(new Problem(404, 'gone')),
    )
    evenings.id = 'gone'
    await vi.waitFor(() => expect(evenings.view?.id).toBe('other'))
  })

  it('has the next three steps of an evening that is on, and of no other', async () => {
    const step = (key: string, kind: string, fromMin: number) => ({
      key,
      kind,
      fromMin,
      untilMin: fromMin + 1,
    })
    const steps = [
      step('a.PREPARE', 'PREPARE', -60),
      step('a.COOK', 'COOK', -50),
      step('b.DRESS', 'DRESS', -40),
      step('a.LOOK', 'LOOK', -30),
      step('0.PLATE', 'PLATE', -2),
    ] as SheetStep[]
    const on = (serveAt: number) => ({ ...INPUT, serveAt: new Date(serveAt).toISOString() })
    const evenings = useEvenings()
    writing((id, body) =>
      view(id, 1, { evening: body, sheet: { steps, dishes: [], courses: [], lateMin: 0, kept: true } }),
    )
    await evenings.begin(on(Date.now() + 45 * 60_000))
    expect(evenings.next.map((s) => s.key)).toEqual(['a.PREPARE', 'b.DRESS', 'a.LOOK'])
    await evenings.begin(on(Date.now() + 30 * 3600_000))
    expect(evenings.next).toEqual([])
  })

  it('never goes back to an earlier state of what is shown', async () => {
    writing((id) => view(id, 5))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    vi.spyOn(api, 'evening').mockImplementation((id) => Promise.resolve(view(id, 4, { improved: 9 })))
    await evenings.open()
    expect(evenings.view?.improved).toBe(0)
  })

  it('loses nothing of what is changed while a change is on its way', async () => {
    writing((id) => view(id, 1))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    const sent: { body: EveningInput; version?: number; answer: (view: EveningView) => void }[] = []
    vi.spyOn(api, 'writeEvening').mockImplementation(
      (_, body, version) => new Promise((answer) => sent.push({ body, version: version!, answer })),
    )
    const lentils = { key: 'l', title: 'Lentils' } as EveningInput['sides'][number]
    const named = evenings.change({ name: 'Saturday' })
    const added = evenings.change({ sides: [...evenings.view!.evening.sides, lentils] })
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    expect(evenings.view?.evening).toMatchObject({ name: 'Saturday', sides: [lentils] })
    sent[0]!.answer(view(evenings.id!, 2, { evening: sent[0]!.body, version: 1 }))
    await named
    expect(evenings.view?.evening.sides).toEqual([lentils])
    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(sent[1]).toMatchObject({ version: 1, body: { name: 'Saturday', sides: [lentils] } })
    sent[1]!.answer(view(evenings.id!, 3, { evening: sent[1]!.body, version: 2 }))
    await added
    expect(evenings.view).toMatchObject({ version: 2, evening: { name: 'Saturday', sides: [lentils] } })
    const back = evenings.undo()
    await vi.waitFor(() => expect(sent).toHaveLength(3))
    expect(sent[2]!.body).toMatchObject({ name: 'Saturday', sides: [] })
    sent[2]!.answer(view(evenings.id!, 4, { evening: sent[2]!.body, version: 3 }))
    await back
  })

  it('throws away what is being written as it is once that is written', async () => {
    const evenings = useEvenings()
    writing((id) => view(id, 1))
    await evenings.begin(INPUT)
    let answer: (view: EveningView) => void = () => {}
    vi.spyOn(api, 'writeEvening').mockImplementation(() => new Promise((go) => (answer = go)))
    const forgotten = vi.spyOn(api, 'forgetEvening').mockResolvedValue(undefined)
    void evenings.change({ name: 'Saturday' })
    const gone = evenings.forget()
    await vi.waitFor(() => expect(api.writeEvening).toHaveBeenCalled())
    answer(view(evenings.id!, 2, { version: 1, evening: { ...INPUT, name: 'Saturday' } }))
    await gone
    expect(forgotten).toHaveBeenCalledWith(expect.anything(), 1)
  })

  it('throws nothing away that somebody else has changed meanwhile', async () => {
    const evenings = useEvenings()
    writing((id) => view(id, 1))
    await evenings.begin(INPUT)
    vi.spyOn(api, 'writeEvening').mockRejectedValue(new Problem(412, 'changed since'))
    vi.spyOn(api, 'evening').mockImplementation((id) =>
      Promise.resolve(view(id, 9, { evening: { ...INPUT, name: 'Theirs' }, version: 7 })),
    )
    const forgotten = vi.spyOn(api, 'forgetEvening').mockResolvedValue(undefined)
    void evenings.change({ name: 'Saturday' })
    await evenings.forget()
    expect(forgotten).not.toHaveBeenCalled()
    expect(evenings.view?.evening.name).toBe('Theirs')
    expect(evenings.trouble).toBe('changed since')
  })

  it('writes what waits over what it was typed upon, and not over what somebody else has written since', async () => {
    writing((id) => view(id, 1))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    const sent: { version?: number; answer: (view: EveningView) => void }[] = []
    vi.spyOn(api, 'writeEvening').mockImplementation(
      (_, __, version) => new Promise((answer) => sent.push({ version: version!, answer })),
    )
    vi.spyOn(api, 'evening').mockImplementation((id) =>
      Promise.resolve(view(id, 9, { evening: { ...INPUT, name: 'Theirs' }, version: 7 })),
    )
    const first = evenings.change({ guests: 5 })
    const second = evenings.change({ burners: 3 })
    await evenings.open()
    expect(evenings.view?.evening).toMatchObject({ guests: 5, burners: 3 })
    sent[0]!.answer(view(evenings.id!, 2, { version: 1 }))
    await first
    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(sent.map((s) => s.version)).toEqual([0, 1])
    sent[1]!.answer(view(evenings.id!, 10, { version: 2 }))
    await second
    expect(evenings.view?.version).toBe(2)
  })

  it('writes nothing over what somebody else has changed meanwhile', async () => {
    writing((id) => view(id, 1))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    const theirs = { ...INPUT, name: 'Theirs' }
    vi.spyOn(api, 'evening').mockImplementation((id) =>
      Promise.resolve(view(id, 9, { evening: theirs, version: 7 })),
    )
    const refused = vi
      .spyOn(api, 'writeEvening')
      .mockClear()
      .mockRejectedValue(new Problem(412, 'changed since'))
    const first = evenings.change({ guests: 5 })
    const second = evenings.change({ guests: 6 })
    await Promise.all([first, second])
    expect(refused).toHaveBeenCalledTimes(1)
    expect(evenings.view?.evening).toEqual(theirs)
    expect(evenings.trouble).not.toBeNull()
  })

  it('keeps a move under its one id until it is answered', async () => {
    vi.useFakeTimers()
    writing((id) => view(id, 1))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    const ids: string[] = []
    let there = false
    vi.spyOn(api, 'moveEvening').mockImplementation((id, move) => {
      ids.push(move.id)
      return there ? Promise.resolve(view(id, 2)) : Promise.reject(new Problem(0, 'nobody'))
    })
    await evenings.move('DONE', 'rice.PREPARE')
    there = true
    await vi.advanceTimersByTimeAsync(3000)
    expect(ids).toHaveLength(2)
    expect(ids[0]).toBe(ids[1])
    expect(evenings.view?.revision).toBe(2)
    vi.useRealTimers()
  })

  it('takes the last thing back, whatever it was', async () => {
    writing((id, body) => view(id, 1, { evening: body }))
    vi.spyOn(api, 'moveEvening').mockImplementation((id) => Promise.resolve(view(id, 1)))
    const unmoved = vi.spyOn(api, 'unmoveEvening').mockImplementation((id) => Promise.resolve(view(id, 1)))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    await evenings.change({ guests: 9 })
    await evenings.move('DONE', 'rice.PREPARE')
    await evenings.undo()
    expect(unmoved).toHaveBeenCalledTimes(1)
    await evenings.undo()
    expect(evenings.view?.evening.guests).toBe(4)
  })

  it('takes back a move that has not arrived yet after it, and never before', async () => {
    const order: string[] = []
    let arrive = (v: EveningView) => void v
    writing((id) => view(id, 1))
    vi.spyOn(api, 'moveEvening').mockImplementation(() => {
      order.push('move')
      return new Promise((resolve) => (arrive = resolve as never))
    })
    vi.spyOn(api, 'unmoveEvening').mockImplementation((id) => {
      order.push('unmove')
      return Promise.resolve(view(id, 3))
    })
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    const moved = evenings.move('DONE', 'hake.DRESS')
    const undone = evenings.undo()
    await nextTick()
    expect(order).toEqual(['move'])
    arrive(view(evenings.id!, 2))
    await Promise.all([moved, undone])
    expect(order).toEqual(['move', 'unmove'])
    expect(evenings.view!.revision).toBe(3)
  })

  it('shows a step again at once that was ticked and taken back off the network', async () => {
    writing((id) =>
      view(id, 1, {
        sheet: {
          steps: [{ key: 'hake.DRESS', kind: 'DRESS' } as SheetStep],
          dishes: [],
          courses: [],
          lateMin: 0,
          kept: true,
        },
      }),
    )
    vi.spyOn(api, 'moveEvening').mockImplementation(() => new Promise(() => undefined))
    const evenings = useEvenings()
    await evenings.begin(INPUT)
    void evenings.move('DONE', 'hake.DRESS')
    expect(evenings.steps).toHaveLength(0)
    void evenings.undo()
    await nextTick()
    expect(evenings.steps).toHaveLength(1)
  })
})

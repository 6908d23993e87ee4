import { describe, expect, it } from 'vitest'
import type { EveningMove, EveningView, SheetDish, SheetStep } from '../src/api/types'
import { counting, soFar, type Waiting } from '../src/stores/onTheWay'

const AT = Date.parse('2026-03-06T19:00:00Z')
const minuteOf = (at: string) => (Date.parse(at) - AT) / 60_000
const at = (minute: number) => new Date(AT + 60_000 * minute).toISOString()

const step = (key: string, fromMin: number, more: Partial<SheetStep> = {}) =>
  ({
    key,
    dish: key.split('.')[0],
    kind: key.split('.')[1],
    fromMin,
    untilMin: fromMin + 5,
    pinned: false,
    ...more,
  }) as SheetStep
const dish = (key: string, inMin: number) =>
  ({
    key,
    inMin,
    checkFromMin: inMin + 10,
    likelyMin: inMin + 12,
    noLaterThanMin: inMin + 15,
    readyMin: inMin + 18,
    started: false,
  }) as SheetDish
const view = (moves: EveningMove[] = []) =>
  ({
    moves,
    sheet: {
      steps: [
        step('hake.DRESS', -40),
        step('hake.PUT_IN', -30),
        step('rice.PUT_IN', -25),
        step('hake.LOOK', -20),
        step('hake.REST', -16),
        step('rice.FINISH', -5),
      ],
      dishes: [dish('hake', -30), dish('rice', -25)],
    },
  }) as unknown as EveningView
const wait = (kind: EveningMove['kind'], key: string, minute = 0, id = `${kind} ${key}`): Waiting => ({
  evening: 'e',
  move: { id, kind, step: key, at: at(minute) },
})
const keys = (waiting: Waiting[], moves: EveningMove[] = []) =>
  soFar(view(moves), waiting, minuteOf).steps.map((s) => s.key)

describe('what is on its way', () => {
  it('is nothing where nothing waits', () => {
    const all = view()
    expect(soFar(all, [], minuteOf)).toEqual({ steps: all.sheet!.steps, dishes: all.sheet!.dishes })
    expect(soFar({ moves: [] } as unknown as EveningView, [], minuteOf)).toEqual({ steps: [], dishes: [] })
  })

  it('takes a ticked and a skipped step away, and nothing else', () => {
    expect(keys([wait('DONE', 'hake.DRESS'), wait('SKIPPED', 'rice.FINISH')])).toEqual([
      'hake.PUT_IN',
      'rice.PUT_IN',
      'hake.LOOK',
      'hake.REST',
    ])
  })

  it('moves a pinned dish with all that follows from it, in order', () => {
    const after = soFar(view(), [wait('PINNED', 'hake.PUT_IN', -18)], minuteOf)
    expect(after.dishes[0]).toMatchObject({ inMin: -18, checkFromMin: -8, readyMin: 0, started: false })
    expect(after.dishes[1]!.inMin).toBe(-25)
    expect(after.steps.map((s) => [s.key, s.fromMin])).toEqual([
      ['hake.DRESS', -40],
      ['rice.PUT_IN', -25],
      ['hake.PUT_IN', -18],
      ['hake.LOOK', -8],
      ['rice.FINISH', -5],
      ['hake.REST', -4],
    ])
    expect(after.steps.filter((s) => s.pinned).map((s) => s.key)).toEqual(['hake.PUT_IN'])
  })

  it('has a side that is not done yet looked at again at the end of its window', () => {
    const all = view()
    Object.assign(
      all.sheet!.steps.find((s) => s.key === 'hake.LOOK')!,
      { latestMin: -12 },
    )
    const look = soFar(all, [wait('NOT_YET', 'hake', -20)], minuteOf).steps.find((s) => s.key === 'hake.LOOK')
    expect(look).toMatchObject({ fromMin: -12, untilMin: -7 })
  })

  it('moves a step before the oven alone', () => {
    const after = soFar(view(), [wait('PINNED', 'hake.DRESS', -60)], minuteOf)
    expect(after.steps[0]).toMatchObject({ key: 'hake.DRESS', fromMin: -60, untilMin: -55, pinned: true })
    expect(after.dishes[0]!.inMin).toBe(-30)
  })

  it('has what went in started then, and what came out no longer to be looked at', () => {
    const after = soFar(view(), [wait('IN', 'hake', -27)], minuteOf)
    expect(after.dishes[0]).toMatchObject({ inMin: -27, likelyMin: -15, started: true })
    expect(after.steps.map((s) => s.key)).not.toContain('hake.DRESS')
    expect(after.steps.map((s) => s.key)).not.toContain('hake.PUT_IN')
    expect(keys([wait('IN', 'hake', -27), wait('OUT', 'hake', -14)])).not.toContain('hake.LOOK')
  })

  it('leaves out what is taken back, here or there', () => {
    const there: EveningMove = { id: 'pin', kind: 'PINNED', step: 'hake.PUT_IN', at: at(-30) }
    const back: Waiting = { evening: 'e', unmove: 'pin' }
    expect(soFar(view([there]), [wait('DONE', 'rice.FINISH')], minuteOf).steps[1]!.pinned).toBe(true)
    expect(soFar(view([there]), [back], minuteOf).steps[1]!.pinned).toBe(false)
    const tick = wait('DONE', 'hake.DRESS', 0, 'tick')
    expect(keys([tick, { evening: 'e', unmove: 'tick' }])).toContain('hake.DRESS')
    expect(counting([there], [back, tick]).map((m) => m.id)).toEqual(['tick'])
  })

  it('counts a move once that has arrived while its answer is on its way', () => {
    const pin: EveningMove = { id: 'p', kind: 'PINNED', step: 'hake.PUT_IN', at: at(-18) }
    const arrived = soFar(view([pin]), [{ evening: 'e', move: pin }], minuteOf)
    expect(arrived.dishes[0]!.inMin).toBe(-30)
    expect(counting([pin], [{ evening: 'e', move: pin }])).toHaveLength(1)
  })
})

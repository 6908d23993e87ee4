import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { DressKind, StageInput } from '../src/api/types'
import DishBar from '../src/stations/bench/DishBar.vue'
import { useLayerLines } from '../src/stations/bench/layerLines'
import { useBench } from '../src/stores/bench'
import { sidesOf, toppingsOf, wayOf, type Way } from '../src/stores/layers'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const LATE_CRUMB = { mix: 'CRUMB', when: 'AFTER', depthMm: 3 } as const

/** A bench with a fish of a kind on it. */
function bench(dress: DressKind, said: Way) {
  freshBrowser()
  fakeServer(() => ({ status: 503 }))
  setActivePinia(createPinia())
  const bench = useBench()
  bench.catalogue = {
    mixes: [],
    vegetables: [],
    liquids: [],
    cuts: [],
    schools: [],
    limits: { mostToppings: 4, mostSides: 3, mostPieces: 100 },
    usuals: { oneMore: LATE_CRUMB, bed: 'CITRUS', side: 'TOMATO', sideMin: 5, splashMl: 15, toppingMm: 6 },
  } as never
  bench.change({ dress, ways: { [dress]: said } })
  return bench
}
type Bar = ReturnType<typeof mount>
const button = (bar: Bar, name: string) =>
  bar.findAll('button').find((b) => (b.attributes('aria-label') ?? b.text()).startsWith(name))!
const lines = (bar: Bar) => bar.findAll('.layers li').map((li) => li.text())

describe('the layers of a dish', () => {
  let bar: Bar
  let on: ReturnType<typeof useBench>
  beforeEach(() => {
    on = bench('TOPPING', { mix: 'PASTE', depthMm: 4, underlay: 'CITRUS' })
    bar = mount(DishBar)
  })
  const lay = async (what: string) => {
    await button(bar, 'Add a layer').trigger('click')
    await button(bar, `+ ${what}`).trigger('click')
  }

  it('stand from above to below, as they used to be said too', () => {
    expect(lines(bar)).toEqual(['nut paste, 4 mm', 'fish, bare', 'citrus slices', 'a tray', '+'])
  })

  it('get another on top, and lose nothing by it', async () => {
    await lay('on top')
    expect(lines(bar).slice(0, 3)).toEqual(['crumb, cheese, 3 mm, after', 'nut paste, 4 mm', 'fish, bare'])
    expect(on.way).toEqual({ underlay: 'CITRUS', toppings: [{ mix: 'PASTE', depthMm: 4 }, LATE_CRUMB] })
    expect(on.layer).toBe('on:1')
  })

  it('lose one by itself, which comes back', async () => {
    await lay('on top')
    await button(bar, 'nut paste').trigger('click')
    await button(bar, 'Take it away').trigger('click')
    expect(on.way.toppings).toEqual([LATE_CRUMB])
    on.undo()
    await nextTick()
    expect(on.way.toppings).toHaveLength(2)
  })

  it('make a bare fish of one whose last topping is taken off', async () => {
    await button(bar, 'nut paste').trigger('click')
    await button(bar, 'Take it away').trigger('click')
    expect(on.on.dress).toBe('OPEN_TRAY')
    expect(lines(bar)[0]).toBe('fish, bare')
  })

  it('end where nobody piles up more', async () => {
    for (let i = 0; i < 3; i++) await lay('on top')
    await button(bar, 'Add a layer').trigger('click')
    expect(bar.text()).not.toContain('+ on top')
  })

  it('stay when the dish starts from another kind', async () => {
    await lay('poured in')
    on.say({ vessel: 'GLASS', underlay: null, vegetables: ['SPINACH'] })
    on.setDress('FOIL')
    await nextTick()
    expect(lines(bar)).toEqual(['foil, seam up', 'fish, bare', 'spinach', 'wine and butter', 'glass', '+'])
    on.setDress('SALT_CRUST')
    await nextTick()
    expect(lines(bar)).toEqual(['salt, wet sand', 'fish', 'glass'])
    on.setDress('OPEN_TRAY')
    await nextTick()
    expect(lines(bar)).toEqual(['fish, bare', 'spinach', 'wine and butter', 'glass', '+'])
  })

  it('are laid between two others, with the one above them', async () => {
    await lay('on top')
    const { layUnder } = useLayerLines()
    layUnder(1)
    expect(on.way.toppings!.map((one) => one.when ?? 'BEFORE')).toEqual(['BEFORE', 'AFTER', 'AFTER'])
    layUnder(0)
    expect(on.way.toppings!.map((one) => one.when ?? 'BEFORE')).toEqual([
      'BEFORE',
      'BEFORE',
      'AFTER',
      'AFTER',
    ])
    expect(on.layer).toBe('on:0')
    expect(useLayerLines().room.value).toBe(false)
  })

  it('change places with those that go on together, and with no others', () => {
    on.spread([{ mix: 'PASTE' }, { mix: 'CITRUS' }, LATE_CRUMB])
    const { moveTopping } = useLayerLines()
    expect(moveTopping(0, 1)).toBe(true)
    expect(on.way.toppings!.map((one) => one.mix)).toEqual(['CITRUS', 'PASTE', 'CRUMB'])
    expect(on.layer).toBe('on:1')
    expect(moveTopping(1, 2)).toBe(false)
    expect(on.way.toppings!.map((one) => one.mix)).toEqual(['CITRUS', 'PASTE', 'CRUMB'])
  })

  it('have each side beside them, with its own minutes, amount and splash', async () => {
    await lay('beside it')
    expect(lines(bar).slice(-2)).toEqual(['tomato, last 5 min', '+'])
    await button(bar, 'With a splash').trigger('click')
    expect(on.way.sides).toEqual([{ of: 'TOMATO', waterMl: 15 }])
    expect(lines(bar).at(-2)).toBe('tomato, a splash, last 5 min')
    await lay('beside it')
    await lay('beside it')
    await button(bar, 'Add a layer').trigger('click')
    expect(bar.text()).not.toContain('+ beside it')
    await button(bar, 'tomato, a splash').trigger('click')
    await button(bar, 'Take it away').trigger('click')
    expect(on.way.sides).toEqual([{ of: 'TOMATO' }, { of: 'TOMATO' }])
  })
})

describe('what is dragged', () => {
  it('comes back with one undo, however slow the hand was, and what was before stays', () => {
    vi.useFakeTimers()
    const on = bench('OPEN_TRAY', {})
    on.change({ thicknessMm: 27 })
    on.beginMove()
    for (const thicknessMm of [26, 24, 22]) {
      on.change({ thicknessMm })
      vi.advanceTimersByTime(3000)
    }
    on.endMove()
    on.change({ thicknessMm: 23 })
    on.undo()
    expect(on.on.thicknessMm).toBe(22)
    on.undo()
    expect(on.on.thicknessMm).toBe(27)
    vi.useRealTimers()
  })
})

describe('the stages of a cook', () => {
  const bake: StageInput = { stage: 'BAKE', tempC: 150 }
  const rest: StageInput = { stage: 'REST', minutes: 3 }
  const topping: StageInput = { stage: 'ADD', what: 'TOPPING' }
  const fitted = { programme: [bake, rest], dropped: [topping], put: [] }

  it('are fitted to a layer that changed, once, and said; what was before comes back whole', async () => {
    const on = bench('TOPPING', {})
    const bar = mount(DishBar)
    const asked = fakeServer(({ path, body }) => {
      if (path !== '/api/estimates') return { status: 503 }
      const more = (body as { fit?: boolean }).fit ? { fitted } : {}
      return { status: 200, body: { bakeMinutes: 9, restMinutes: 3, sections: { layers: [] }, ...more } }
    })
    on.allOvens = [{ id: 1, kind: 'STILL', away: false }] as never
    on.change({ stages: [bake, topping, rest] })
    on.spread([])
    expect(on.question!.fit).toBe(true)
    await vi.waitFor(() => expect(bar.text()).toContain('without topping on'))
    expect(on.on.stages).toEqual([bake, rest])
    expect(on.question!.fit).toBeUndefined()
    await vi.waitFor(() => expect((asked.at(-1)!.body as { fit?: boolean }).fit).toBeUndefined())
    on.undo()
    expect(on.on.stages).toEqual([bake, topping, rest])
    expect(on.on.dress).toBe('TOPPING')
  })
})

describe('the stages of a cook, while the kitchen is slow', () => {
  const bake: StageInput = { stage: 'BAKE', tempC: 150 }
  const rest: StageInput = { stage: 'REST', minutes: 3 }
  const topping: StageInput = { stage: 'ADD', what: 'TOPPING' }
  const hob: StageInput = { stage: 'HOB', minutes: 8 }

  it('are fitted to the layers as they are, and not as they were when it was asked', async () => {
    const on = bench('TOPPING', {})
    let asked = ''
    let letGo: () => void = () => undefined
    const held = new Promise<void>((go) => (letGo = go))
    const fitted = (programme: StageInput[]) => ({ fitted: { programme, dropped: [], put: [] } })
    fakeServer(async ({ path, body }) => {
      if (path !== '/api/estimates') return { status: 503 }
      const { fit, programme, dress } = body as { fit?: boolean; programme: StageInput[]; dress: Way }
      const answer = { bakeMinutes: 9, restMinutes: 3, sections: { layers: [] } }
      // Benches of other tests ask too.
      if (!fit || programme[0]!.stage !== 'HOB') return { status: 200, body: answer }
      asked = dress.vessel ?? 'none'
      if (asked === 'GLASS') return { status: 200, body: { ...answer, ...fitted([bake, rest]) } }
      await held
      return { status: 200, body: { ...answer, ...fitted([hob, bake, rest]) } }
    })
    on.allOvens = [{ id: 1, kind: 'STILL', away: false }] as never
    on.change({ stages: [hob, bake, topping, rest] })
    on.spread([])
    await vi.waitFor(() => expect(asked).toBe('none'))
    on.say({ vessel: 'GLASS' })
    letGo()
    await vi.waitFor(() => expect(asked).toBe('GLASS'))
    await vi.waitFor(() => expect(on.on.stages).toEqual([bake, rest]))
  })
})

describe('how sure an answer is', () => {
  it('is worked out no further once the question is another', async () => {
    const on = bench('OPEN_TRAY', {})
    const signals: AbortSignal[] = []
    fakeServer(({ path, signal }) => {
      if (path === '/api/certainty') {
        signals.push(signal!)
        return new Promise(() => undefined)
      }
      const body = { bakeMinutes: 9, restMinutes: 3, sections: { layers: [] } }
      return path === '/api/estimates' ? { status: 200, body } : { status: 503 }
    })
    on.allOvens = [{ id: 1, kind: 'STILL', away: false }] as never
    on.change({ thicknessMm: 31 })
    await vi.waitFor(() => expect(signals.length).toBeGreaterThan(0))
    const before = signals.at(-1)!
    expect(before.aborted).toBe(false)
    on.change({ thicknessMm: 32 })
    await nextTick()
    expect(before.aborted).toBe(true)
  })
})

describe('what is said of a dish', () => {
  it('is its own before what it shares', () => {
    expect(wayOf('PARCHMENT', { vessel: 'GLASS', sides: [{ of: 'PEAS' }] }, { fold: 'HEART' })).toEqual({
      vessel: 'GLASS',
      fold: 'HEART',
    })
  })

  it('has its sides as they used to be said, too', () => {
    expect(sidesOf({ sides: ['PEAS', { of: 'LEEK', lastMin: 9 }] } as never)).toEqual([
      { of: 'PEAS' },
      { of: 'LEEK', lastMin: 9 },
    ])
    expect(sidesOf({})).toEqual([])
  })

  it('has one topping where only the kind says so', () => {
    expect(toppingsOf('TOPPING', {})).toEqual([{}])
    expect(toppingsOf('FOIL', {})).toEqual([])
  })
})

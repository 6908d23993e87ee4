import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import type { DressKind, StageInput } from '../src/api/types'
import DishBar from '../src/stations/bench/DishBar.vue'
import { useBench } from '../src/stores/bench'
import { refit, toppingsOf, wayOf, type Way } from '../src/stores/layers'
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
    limits: { mostToppings: 4, mostPieces: 100 },
    usuals: { oneMore: LATE_CRUMB, bed: 'CITRUS', side: 'TOMATO', sidesMin: 5, toppingMm: 6 },
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

  it('keep the stages that still go with them, and say what was changed in these', async () => {
    await lay('on top')
    const grill: StageInput = { stage: 'GRILL', minutes: 2 }
    const rest: StageInput = { stage: 'REST', minutes: 3 }
    const topping: StageInput = { stage: 'ADD', what: 'TOPPING' }
    const bake: StageInput = { stage: 'BAKE', tempC: 150 }
    on.change({ stages: [bake, topping, grill, rest] })
    on.say({ vessel: 'GLASS' })
    expect(on.on.stages).toEqual([bake, topping, grill, rest])
    await button(bar, 'Take it away').trigger('click')
    expect(on.on.stages).toEqual([bake, grill, rest])
    expect(bar.text()).toContain('without topping on')
  })
})

describe('a programme fitted to its dish', () => {
  const bake: StageInput = { stage: 'BAKE', tempC: 200 }
  const rest: StageInput = { stage: 'REST', minutes: 3 }

  it('gets the opening that was asked for, and what comes after it', () => {
    expect(refit([bake, rest], 'FOIL', { opened: true })).toEqual({
      stages: [bake, { stage: 'UNCOVER' }, { ...bake, minutes: 3 }, rest],
      dropped: [],
      put: ['UNCOVER'],
    })
  })

  it('loses what nothing on the dish asks for', () => {
    const glaze: StageInput = { stage: 'ADD', what: 'GLAZE' }
    expect(refit([bake, glaze, bake, rest], 'OPEN_TRAY', {}).dropped).toEqual(['GLAZE'])
    expect(refit([bake, glaze, bake, rest], 'OPEN_TRAY', { finish: 'GLAZED' }).dropped).toEqual([])
  })

  it('keeps basting and lemon, which need no layer', () => {
    const all: StageInput[] = [
      bake,
      { stage: 'ADD', what: 'BASTE' },
      bake,
      { stage: 'ADD', what: 'LEMON' },
      bake,
    ]
    expect(refit(all, 'OPEN_TRAY', {}).stages).toEqual(all)
  })
})

describe('what is said of a dish', () => {
  it('is its own before what it shares', () => {
    expect(wayOf('PARCHMENT', { vessel: 'GLASS', sides: ['PEAS'] }, { fold: 'HEART' })).toEqual({
      vessel: 'GLASS',
      fold: 'HEART',
    })
  })

  it('has one topping where only the kind says so', () => {
    expect(toppingsOf('TOPPING', {})).toEqual([{}])
    expect(toppingsOf('FOIL', {})).toEqual([])
  })
})

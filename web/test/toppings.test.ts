import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import OpenQuestions from '../src/stations/bench/OpenQuestions.vue'
import ToppingRows from '../src/stations/bench/ToppingRows.vue'
import { useBench, type Way } from '../src/stores/bench'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const LATE_CRUMB = { mix: 'CRUMB', when: 'AFTER', depthMm: 3 }

/** A bench with a topped fish on it. */
function bench(said: Way) {
  freshBrowser()
  fakeServer(() => ({ status: 503 }))
  setActivePinia(createPinia())
  const bench = useBench()
  bench.catalogue = {
    mixes: [],
    limits: { mostToppings: 4 },
    usuals: { oneMore: LATE_CRUMB, bed: 'SPINACH' },
  } as never
  bench.change({ dress: 'TOPPING', ways: { TOPPING: said } })
  return bench
}
const button = (rows: ReturnType<typeof mount>, name: string) =>
  rows.findAll('button').find((b) => (b.attributes('aria-label') ?? b.text()).includes(name))!

describe('what is spread on a fish', () => {
  let rows: ReturnType<typeof mount>
  let on: ReturnType<typeof useBench>
  beforeEach(() => {
    on = bench({ mix: 'PASTE', depthMm: 4, underlay: 'CITRUS' })
    rows = mount(ToppingRows)
  })

  it('is one layer, as it used to be said, until another goes on it; nothing else is lost', async () => {
    expect(rows.findAll('.row')).toHaveLength(1)
    await button(rows, 'One more on top').trigger('click')
    expect(on.way).toEqual({ underlay: 'CITRUS', toppings: [{ mix: 'PASTE', depthMm: 4 }, LATE_CRUMB] })
    expect(rows.findAll('.row')).toHaveLength(2)
  })

  it('comes off by itself, and comes back', async () => {
    await button(rows, 'One more on top').trigger('click')
    await button(rows, 'Take topping 1 off').trigger('click')
    expect(on.way.toppings).toEqual([LATE_CRUMB])
    expect(rows.text()).not.toContain('×')
    on.beginMove()
    on.undo()
    await nextTick()
    expect(on.way.toppings).toHaveLength(2)
  })

  it('ends where nobody piles up more', async () => {
    for (let i = 0; i < 3; i++) await button(rows, 'One more on top').trigger('click')
    expect(rows.findAll('.row')).toHaveLength(4)
    expect(rows.text()).not.toContain('One more on top')
  })
})

describe('what a fish lies on', () => {
  it('is one thing at a time, and the rest of the dress stays', async () => {
    const on = bench({ underlay: 'CITRUS', toppings: [{ mix: 'PASTE' }], vessel: 'GLASS' })
    const asked = mount(OpenQuestions, { props: { vegetables: [] } })
    const liesOn = asked.findAllComponents({ name: 'ElSelect' })[0]!
    liesOn.vm.$emit('update:modelValue', 'BED')
    await nextTick()
    expect(on.way).toEqual({ vegetables: ['SPINACH'], toppings: [{ mix: 'PASTE' }], vessel: 'GLASS' })
    liesOn.vm.$emit('update:modelValue', 'NONE')
    await nextTick()
    expect(on.way).toEqual({ underlay: 'NONE', toppings: [{ mix: 'PASTE' }], vessel: 'GLASS' })
  })
})

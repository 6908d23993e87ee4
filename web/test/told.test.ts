import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import type { StageInput } from '../src/api/types'
import { asked, useBench } from '../src/stores/bench'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const programme: StageInput[] = [
  { stage: 'BAKE', tempC: 200 },
  { stage: 'ADD', what: 'TOPPING', note: 'rye crumb, pressed down' },
  { stage: 'GRILL', minutes: 2 },
  { stage: 'REST', minutes: 3 },
]

describe('what a recipe says of what goes on', () => {
  freshBrowser()
  fakeServer(() => ({ status: 503 }))
  setActivePinia(createPinia())
  const bench = useBench()
  bench.allOvens = [{ id: 1, kind: 'STILL', away: false }] as never

  it('is asked for with the usual stages, at whatever the dial is set to', () => {
    bench.dressAs({ dress: { kind: 'TOPPING' }, programme, usual: true })
    bench.setDial(180)
    expect(bench.question!.usual).toBe(true)
    expect(bench.question!.programme).toEqual([{ stage: 'BAKE', tempC: 180 }, ...programme.slice(1)])
  })

  it('stays with the bake and the rest, too, wherever the dial is', () => {
    const bake: StageInput = { stage: 'BAKE', tempC: 200, note: 'middle shelf' }
    const rest: StageInput = { stage: 'REST', minutes: 3, note: 'under foil' }
    bench.dressAs({ dress: { kind: 'OPEN_TRAY' }, programme: [bake, rest], usual: true })
    bench.setDial(190)
    expect(bench.question!.programme).toEqual([{ ...bake, tempC: 190 }, rest])
    expect(
      asked({ stage: 'REST', fromMin: 9, toMin: 12, open: false, coldestC: 50, note: 'under foil' }),
    ).toEqual(rest)
  })

  it('rests as the recipe has it until somebody wants it otherwise', () => {
    bench.dressAs({ dress: { kind: 'TOPPING' }, programme, usual: true })
    expect(bench.rest).toBe(3)
    bench.setRest(0)
    expect(bench.question!.usual).toBe(true)
    expect(bench.question!.programme.at(-1)).toEqual({ stage: 'REST', minutes: 0 })
    bench.setRest(null)
    expect(bench.question!.programme.at(-1)).toEqual({ stage: 'REST' })
  })

  it('rests in the cook’s own stages by what stands there', () => {
    const own: StageInput[] = [
      { stage: 'BAKE', tempC: 200, minutes: 9 },
      { stage: 'GRILL', minutes: 1 },
    ]
    bench.dressAs({ dress: { kind: 'OPEN_TRAY' }, programme: own })
    expect(bench.rest).toBe(0)
    bench.setRest(5)
    expect(bench.question!.programme).toEqual([...own, { stage: 'REST', minutes: 5 }])
    expect(bench.rest).toBe(5)
  })

  it('goes when the dish starts from another kind', () => {
    bench.setRest(0)
    bench.setDress('FOIL')
    expect(bench.rest).toBeNull()
    expect(bench.question!.programme).toEqual([{ stage: 'BAKE', tempC: 200 }, { stage: 'REST' }])
  })
})

import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import type { StageInput } from '../src/api/types'
import { useBench } from '../src/stores/bench'
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

  it('goes when the dish starts from another kind', () => {
    bench.setDress('FOIL')
    expect(bench.question!.programme).toEqual([{ stage: 'BAKE', tempC: 180 }, { stage: 'REST' }])
  })
})

import { createPinia, setActivePinia } from 'pinia'
import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { api } from '../src/api/client'
import type { Catalogue, EveningView, Oven } from '../src/api/types'

vi.mock('vue-router', () => ({ useRouter: () => ({ push: () => undefined }) }))
vi.mock('../src/composables/line', () => ({ useLine: () => ({ follow() {}, leave() {}, again() {} }) }))

const { default: SheetStation } = await import('../src/stations/sheet/SheetStation.vue')

const VIEW: EveningView = {
  id: 'friday',
  evening: {
    name: 'Friday',
    serveAt: '2999-03-06T19:00:00Z',
    guests: 4,
    fish: [],
    sides: [],
    ovens: [],
    burners: 4,
    hands: [{ name: 'cook' }],
  },
  version: 0,
  revision: 1,
  searching: false,
  improved: 0,
  moved: [],
  days: [],
  moves: [],
  now: '2999-03-06T17:00:00Z',
}

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  vi.restoreAllMocks()
})

it('begins no other evening before it knows the ovens of the kitchen', async () => {
  let tell: (kitchen: Oven[]) => void = () => undefined
  vi.spyOn(api, 'dials').mockResolvedValue([])
  vi.spyOn(api, 'evenings').mockResolvedValue([
    { id: 'friday', name: 'Friday', serveAt: VIEW.evening.serveAt, guests: 4, dishes: 0 },
  ])
  vi.spyOn(api, 'evening').mockResolvedValue(VIEW)
  vi.spyOn(api, 'catalogue').mockResolvedValue({ species: [] } as unknown as Catalogue)
  vi.spyOn(api, 'ovens').mockReturnValue(new Promise((resolve) => (tell = resolve)))
  const station = mount(SheetStation, { shallow: true })
  await flushPromises()
  const another = station.findAll('button').at(-1)!
  expect(another.text()).toContain('nother evening')
  expect(another.attributes('disabled')).toBeDefined()
  tell([])
  await flushPromises()
  expect(another.attributes('disabled')).toBeUndefined()
})

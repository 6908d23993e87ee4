import { createPinia, setActivePinia } from 'pinia'
import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { api } from '../src/api/client'
import type { Catalogue, EveningInput, EveningView, Oven } from '../src/api/types'
import { minuteOf } from '../src/stations/sheet/hands'

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
  found: [],
  days: [],
  moves: [],
  now: '2999-03-06T17:00:00Z',
}

const CATALOGUE = {
  species: [],
  cuts: [],
  limits: { mostGuests: 500 },
  evening: {
    mostFish: 12,
    mostSides: 24,
    mostCourses: 5,
    betweenCoursesMin: 10,
    usualBetweenMin: 30,
    longestMin: 240,
    mostOvens: 6,
    mostShelves: 3,
    shelves: 2,
    mostBurners: 12,
    burners: 4,
    mostHands: 8,
    side: { prepareMin: 5, cookMin: 20, finishMin: 1, waitsMin: 15, dialC: 200, giveC: 20 },
  },
} as unknown as Catalogue

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
  vi.spyOn(api, 'catalogue').mockResolvedValue(CATALOGUE)
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

/** The station with an evening as the server has it, and what is written to it. */
async function station(evening: Partial<EveningView['evening']> = {}) {
  const view: EveningView = { ...VIEW, evening: { ...VIEW.evening, ...evening } }
  vi.spyOn(api, 'dials').mockResolvedValue([])
  vi.spyOn(api, 'evenings').mockResolvedValue([
    { id: 'friday', name: 'Friday', serveAt: view.evening.serveAt, guests: 4, dishes: 0 },
  ])
  vi.spyOn(api, 'evening').mockResolvedValue(view)
  vi.spyOn(api, 'catalogue').mockResolvedValue(CATALOGUE)
  vi.spyOn(api, 'ovens').mockResolvedValue([
    { id: 1, name: 'Range', kind: 'STILL', away: true } as unknown as Oven,
  ])
  const written: EveningInput[] = []
  vi.spyOn(api, 'writeEvening').mockImplementation((_, input) => {
    written.push(input)
    return Promise.resolve({ ...view, evening: input })
  })
  const page = mount(SheetStation, {
    attachTo: document.body,
    global: { stubs: { SheetWord: true, TimeLanes: true, DialStrip: true, StepList: true } },
  })
  await flushPromises()
  const tap = async (name: string) => {
    await page.find(`button[aria-label="${name}"]`).trigger('click')
    await flushPromises()
  }
  return { page, written, tap }
}

it('counts guests, shelves, hands and courses up and down', async () => {
  const { written, tap, page } = await station({ ovens: [{ ovenId: 1, shelves: 2 }] })
  await tap('One guest more')
  expect(written.at(-1)!.guests).toBe(5)
  await tap('One guest less')
  expect(written.at(-1)!.guests).toBe(4)
  await tap('Range: one shelf more')
  expect(written.at(-1)!.ovens[0]!.shelves).toBe(3)
  expect(page.find('button[aria-label="Range: one shelf more"]').attributes('disabled')).toBeDefined()
  await tap('One pair of hands more')
  expect(written.at(-1)!.hands.map((h) => h.name)).toEqual(['cook', 'helper'])
  await tap('One pair of hands less')
  expect(written.at(-1)!.hands).toHaveLength(1)
})

it('has courses, each later than the one before, and loses no dish with a course', async () => {
  const rice = {
    key: 'rice',
    title: 'Rice',
    where: 'HOB',
    course: 1,
  } as EveningView['evening']['sides'][number]
  const { written, tap } = await station({ coursesMin: [0, 30], sides: [rice] })
  await tap('Course 2 later')
  expect(written.at(-1)!.coursesMin).toEqual([0, 35])
  await tap('One course more')
  expect(written.at(-1)!.coursesMin).toEqual([0, 35, 65])
  await tap('One course less')
  await tap('One course less')
  expect(written.at(-1)!.coursesMin).toEqual([0])
  expect(written.at(-1)!.sides[0]!.course).toBe(0)
})

it('reads the hour at which hands come and go as a minute of the evening', () => {
  const at = new Date(2026, 10, 28, 20, 0)
  expect(minuteOf('19:30', at)).toBe(-30)
  expect(minuteOf('20:45', at)).toBe(45)
  expect(minuteOf('03:00', at)).toBe(-17 * 60)
  expect(minuteOf('01:30', at)).toBe(5.5 * 60)
  expect(minuteOf('', at)).toBeUndefined()
  const late = new Date(2026, 10, 28, 1, 0)
  expect(minuteOf('23:30', late)).toBe(-90)
  expect(minuteOf('02:00', late)).toBe(60)
})

it('raises every dish to the official minimum where a guest is at risk, and those that join later', async () => {
  const hake = {
    key: 'hake',
    title: 'Hake',
    question: { piece: {}, dress: {}, programme: [], doneness: 'FLAKES' },
  } as unknown as EveningInput['fish'][number]
  const { written, page } = await station({ fish: [hake] })
  await page.find('.risk input').setValue(true)
  expect(written.at(-1)!.atRisk).toBe(true)
  expect(written.at(-1)!.fish[0]!.question).toMatchObject({ doneness: 'OFFICIAL' })
  // The evening says it, and not the dish: taken back there, it is taken back.
  expect(written.at(-1)!.fish[0]!.question.atRisk).toBeUndefined()
})

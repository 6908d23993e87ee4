import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick, ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Bake } from '../src/api/types'
import EmphasisedText from '../src/components/EmphasisedText'
import ChoiceRow from '../src/components/ChoiceRow.vue'
import NumberField from '../src/components/NumberField.vue'
import StepButtons from '../src/components/StepButtons.vue'
import { useChart } from '../src/composables/chart'
import { t } from '../src/messages/say'
import { useUnits } from '../src/messages/units'
import { useOvenSide } from '../src/stations/oven/ovenSide'
import { useRunning } from '../src/stores/running'
import { hake } from './helpers/bakes'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

beforeEach(() => {
  freshBrowser()
  setActivePinia(createPinia())
  useUnits().chosen.value = 'metric'
})

describe('an amount that is typed', () => {
  const field = (modelValue: number | null) =>
    mount(NumberField, { props: { label: 'How thick', kind: 'length', modelValue, usual: 12 } })

  it('is held in millimetres whatever the ruler shows', async () => {
    useUnits().chosen.value = 'imperial'
    const thick = field(25.4)
    expect(thick.find('input').element.value).toBe('1')
    await thick.find('input').setValue('1 1/2')
    await thick.find('input').trigger('change')
    expect(thick.emitted('update:modelValue')?.[0]).toEqual([expect.closeTo(38.1, 6)])
  })

  it('stays where it is no figure, and says so', async () => {
    const thick = field(26)
    await thick.find('input').setValue('thumb')
    await thick.find('input').trigger('change')
    expect(thick.emitted('update:modelValue')).toBeUndefined()
    expect(thick.find('input').element.value).toBe('thumb')
    expect(thick.find('[role=alert]').text()).toContain('thumb')
  })

  it('is nothing where nothing is typed, and shows what is usual', async () => {
    const thick = field(26)
    await thick.find('input').setValue('')
    await thick.find('input').trigger('change')
    expect(thick.emitted('update:modelValue')?.[0]).toEqual([null])
    expect(thick.find('input').attributes('placeholder')).toBe('12')
  })
})

it('a sentence is bold where its language has it, and nowhere else', () => {
  const text = mount(EmphasisedText, {
    props: { said: t('ui.folding-steps.cut-a-sheet', { size: '<i>3</i>' }) },
  })
  expect(text.get('b').text()).toBe('<i>3</i>')
  expect(text.element.textContent).toBe('Cut a sheet <i>3</i>.')
})

describe('a row of which one is chosen', () => {
  const choices = ['ice', 'fridge', 'freezer'].map((value) => ({ value, words: value }))

  it('is one stop for the Tab key, at what is chosen', async () => {
    const row = mount(ChoiceRow, { props: { name: 'Kept', choices, chosen: 'fridge' } })
    const stops = () => row.findAll('[role=radio]').map((radio) => radio.attributes('tabindex'))
    expect(stops()).toEqual(['-1', '0', '-1'])
    await row.setProps({ chosen: 'freezer' })
    expect(stops()).toEqual(['-1', '-1', '0'])
    await row.setProps({ chosen: 'none of them' })
    expect(stops()).toEqual(['0', '-1', '-1'])
  })

  it('is chosen from by the arrows, round its ends', async () => {
    const row = mount(ChoiceRow, { props: { name: 'Kept', choices, chosen: 'ice' }, attachTo: document.body })
    await row.findAll('[role=radio]')[0]!.trigger('keydown', { key: 'ArrowLeft' })
    await row.findAll('[role=radio]')[1]!.trigger('keydown', { key: 'ArrowRight' })
    await row.findAll('[role=radio]')[2]!.trigger('keydown', { key: 'ArrowDown' })
    await row.findAll('[role=radio]')[1]!.trigger('keydown', { key: 'a' })
    expect(row.emitted('choose')).toEqual([['freezer'], ['freezer'], ['ice']])
    expect(document.activeElement?.textContent).toContain('ice')
    row.unmount()
  })
})

describe('a value between two buttons', () => {
  it('steps down and up, and not beyond its ends', async () => {
    const names = { value: 'Pieces', less: 'fewer', more: 'more' }
    const steps = mount(StepButtons, { props: { value: 1, names, least: true } })
    await steps.get('[aria-label=more]').trigger('click')
    await steps.get('[aria-label=fewer]').trigger('click')
    expect(steps.emitted('step')).toEqual([[1]])
    expect(steps.get('output').text()).toBe('1')
  })
})

describe('a chart of temperatures', () => {
  const chart = useChart(
    () => ({ width: 120, height: 100, left: 10, right: 10, top: 0, bottom: 0 }),
    () => ({ endMinute: 10, leastC: 0, mostC: 100 }),
  )

  it('has its minutes from left to right and its degrees from below', () => {
    expect(chart.through([0, 5, 10], [0, 50, 100])).toBe('M10,100L60,50L110,0')
  })

  it('is drawn to its edge where the next of a series lies beyond it', () => {
    expect(chart.through([0, 8, 12], [0, 40, 80])).toBe('M10,100L90,60L110,40')
  })

  it('ends where its minutes end, and keeps what is hotter on its edge', () => {
    expect(chart.through([0, 10, 20], [0, 140, 50])).toBe('M10,100L110,0')
    expect(chart.between([0, 10], [0, 40], [20, 60])).toBe('M10,80L110,40L110,60L10,100Z')
  })
})

describe('the oven side', () => {
  /** The side as a screen has it, of one bake. */
  async function side(more: Partial<Bake>) {
    const tapped: string[] = []
    fakeServer(({ method, body }) => {
      if (method === 'POST') tapped.push((body as { kind: string }).kind)
      return { status: 503, body: {} }
    })
    const id = ref('hake')
    let shown!: ReturnType<typeof useOvenSide>
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: '/:any(.*)*', component: { render: () => null } }],
    })
    mount(
      {
        setup() {
          useRunning().take(
            hake({
              asked: [],
              window: { checkFromMin: 9, likelyMin: 11, noLaterThanMin: 13 },
              ...more,
            } as never),
          )
          shown = useOvenSide(() => id.value)
          return () => null
        },
      },
      { global: { plugins: [router] } },
    )
    await nextTick()
    return { shown, tapped }
  }
  const at = (phase: string, more = {}) =>
    ({ phase, say: phase, hint: '', fromSeconds: 0, next: '', ...more }) as Bake['moments'][number]
  const card = (carving: number, cautions: object[] = []) =>
    ({ carving: Array.from({ length: carving }, () => ({})), cautions }) as unknown as Bake['card']

  it.each([
    ['SHUT', {}, 'OUT'],
    ['WAIT', {}, 'IN'],
    ['STEP', { step: 2 }, 'STEP'],
    ['CRACK', {}, 'CRACKED'],
    ['PUT_BACK', {}, 'BACK'],
    ['FORGOTTEN', {}, 'FORGOTTEN'],
  ])('does at %s the one thing that is due', async (phase, more, kind) => {
    const { shown, tapped } = await side({ card: card(1), moments: [at(phase, more)] })
    void shown.main()
    await nextTick()
    expect(tapped).toEqual([kind])
  })

  it('takes nothing out that is out, and nothing that waits outside', async () => {
    const out = await side({ card: card(1), moments: [at('REST')], outAt: '2026-03-01T19:04:00Z' })
    void out.shown.main()
    const held = await side({ card: card(1), moments: [at('SHUT')], held: true })
    void held.shown.main()
    expect([...out.tapped, ...held.tapped]).toEqual([])
  })

  it('asks for cues when it is time, and earlier where somebody wants to look', async () => {
    const shut = await side({ card: card(1), moments: [at('SHUT')] })
    expect(shut.shown.checking).toBe(false)
    shut.shown.look()
    expect(shut.shown.checking).toBe(true)
    const due = await side({ card: card(1), moments: [at('CHECK')] })
    expect(due.shown.checking).toBe(true)
  })

  it('says what can hurt only where it can: the grill when it is on, opening once it is out', async () => {
    const cautions = [{ when: 'GRILL' }, { when: 'OPENING' }, { when: 'BENCH' }]
    const when = async (more: Partial<Bake>) =>
      (await side({ card: card(1, cautions), ...more })).shown.cautions.map((c) => c.when)
    expect(await when({ moments: [at('SHUT')] })).toEqual([])
    expect(await when({ moments: [at('STEP')] })).toEqual(['GRILL'])
    expect(await when({ moments: [at('REST')], outAt: '2026-03-01T19:04:00Z' })).toEqual(['OPENING'])
    expect(await when({ moments: [at('PUT_BACK')], outAt: '2026-03-01T19:04:00Z' })).toEqual([])
  })

  it('asks how a fillet was at once, and how a whole fish was once it is carved', async () => {
    expect((await side({ card: card(1), moments: [at('SERVE')] })).shown.judging).toBe(true)
    const whole = await side({ card: card(8), moments: [at('SERVE')] })
    expect(whole.shown.judging).toBe(false)
    whole.shown.judge(true)
    expect(whole.shown.judging).toBe(true)
  })
})

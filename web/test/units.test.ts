import { beforeEach, describe, expect, it } from 'vitest'
import { parsed, useUnits } from '../src/messages/units'

const units = useUnits()

beforeEach(() => (units.chosen.value = 'metric'))

describe('metric', () => {
  it.each([
    [25, '25 mm'],
    [25.4, '25 mm'],
  ])('%d mm', (mm, words) => expect(units.amount('length', mm)).toBe(words))

  it('weighs in kilos from a thousand grams on', () => {
    expect(units.amount('mass', 999)).toBe('999 g')
    expect(units.amount('mass', 1250)).toBe('1.25 kg')
  })

  it('writes a minus as print does', () => expect(units.amount('heat', -20)).toBe('−20 °C'))
})

describe('imperial', () => {
  beforeEach(() => (units.chosen.value = 'imperial'))

  // A ruler's marks (by definition: 1 in is 25.4 mm).
  it.each([
    [25.4, '1 in'],
    [28.575, '1⅛ in'],
    [12.7, '½ in'],
    [22, '⅞ in'],
    [1, '1/16 in'],
    [200, '7¾ in'],
  ])('%d mm is %s', (mm, words) => expect(units.amount('length', mm)).toBe(words))

  // 1 lb is 16 oz of 28.349523125 g (by definition).
  it.each([
    [453.6, '1 lb'],
    [1200, '2 lb 10 oz'],
    [170, '6.0 oz'],
  ])('%d g is %s', (g, words) => expect(units.amount('mass', g)).toBe(words))

  // What dials have (common practice, no source): steps of 25 °F.
  it.each([
    [230, '450°'],
    [180, '350°'],
    [200, '400°'],
  ])('a dial of %d °C is set to %s', (c, words) => expect(units.dial(c)).toBe(words))

  it('turns the dial from mark to mark and back', () => {
    const up = units.turned(230, 1)
    expect(units.dial(up)).toBe('475°')
    expect(units.dial(units.turned(up, -1))).toBe('450°')
  })
})

describe('gas', () => {
  beforeEach(() => (units.chosen.value = 'gas'))

  // The British scale, from memory: mark 4 is 180 °C, 6 is 200 °C, 8 is 230 °C, each to a few degrees.
  it.each([
    [135, 'gas 1'],
    [180, 'gas 4'],
    [200, 'gas 5½'],
    [230, 'gas 8'],
    [120, 'gas ½'],
    [300, '300°'],
    [100, '100°'],
  ])('a dial of %d °C is %s', (c, words) => expect(units.dial(c)).toBe(words))

  it('turns from half mark to half mark, and no further than there are any', () => {
    expect(units.dial(units.turned(230, 1))).toBe('gas 8½')
    expect(units.dial(units.turned(units.turned(230, 1), -1))).toBe('gas 8')
    expect(units.dial(units.turned(units.turned(255, 9), 1))).toBe('gas 10')
  })

  it('counts everything else in degrees, grams and millimetres', () => {
    expect(units.degrees(57)).toBe('57°')
    expect(units.amount('mass', 165)).toBe('165 g')
    expect(units.label.value).toBe('gas · g · mm')
  })
})

it('is switched round in one place', () => {
  for (const next of ['imperial', 'gas', 'metric']) {
    units.toggle()
    expect(units.chosen.value).toBe(next)
  }
})

it('ticks an axis at round figures of the unit that is shown', () => {
  expect(units.axis('heat', 0, 100, 5).map((t) => t.shown)).toEqual([0, 20, 40, 60, 80, 100])
  units.chosen.value = 'imperial'
  const ticks = units.axis('heat', 0, 100, 5).map((t) => t.shown)
  expect(ticks).toEqual([50, 100, 150, 200])
})

it.each([
  ['25', 25],
  ['1,5', 1.5],
  ['1⅛', 1.125],
  ['1 1/4', 1.25],
  ['3/8', 0.375],
  ['−20', -20],
  ['', null],
  ['an inch', null],
])('reads “%s” as %s', (text, value) => expect(parsed(text)).toBe(value))

import { expect, it } from 'vitest'
import { acrossPx, HALF_HOUR_LABEL_PX, perMinute, quarters, rows } from '../src/drawing/lanes'

const WIDTHS = [360, 620, 1180]

it.each([0, 3, 12, 27, 45, 48, 59])('writes no hour over the edge, served at minute %i', (minute) => {
  for (const width of WIDTHS)
    for (const until of [12, 13.5, 15, 27, 40]) {
      const lanes = { from: -90, until, width }
      const last = quarters(lanes, minute).at(-1)!
      expect(acrossPx(lanes, last) + HALF_HOUR_LABEL_PX).toBeLessThanOrEqual(width)
    }
})

it.each([
  [-60, 12, 15],
  [-120, 12, 30],
  [-300, 12, 60],
])('draws from %i to %i every %i minutes of the clock', (from, until, step) => {
  const drawn = quarters({ from, until, width: 620 }, 50)
  expect(drawn.every((q) => Math.abs((q + 50) % step) === 0)).toBe(true)
  expect(drawn[1]! - drawn[0]!).toBe(step)
  expect(drawn[0]! - from).toBeLessThan(step)
})

it('spreads its minutes over what the names leave', () => {
  const lanes = { from: -60, until: 12, width: 620 }
  expect(acrossPx(lanes, -59) - acrossPx(lanes, -60)).toBeCloseTo(perMinute(lanes))
})

it('lays what is in at once one under the other, and what follows behind', () => {
  const dish = (inMin: number, readyMin: number) => ({ inMin, readyMin })
  expect(rows([dish(-20, -5), dish(-60, -20), dish(-50, -10)])).toEqual([
    [dish(-60, -20), dish(-20, -5)],
    [dish(-50, -10)],
  ])
  expect(rows([])).toEqual([])
})

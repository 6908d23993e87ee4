import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import type { Round } from '../src/api/types'
import { SPEEDS, useRoundClock, usualSpeed } from '../src/stations/drill/roundClock'

const lasting = (likelyMin: number, restMin: number) =>
  ({ slips: [{ window: { checkFromMin: 0, likelyMin, noLaterThanMin: 0 }, restMin }] }) as unknown as Round

beforeEach(() => void vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance'] }))
afterEach(() => void vi.useRealTimers())

it.each([
  [10, 4, 10],
  [45, 12, 30],
  [110, 12, 60],
])('a bake of %i and %i minutes goes at %i times', (likely, rest, speed) => {
  expect(usualSpeed(lasting(likely, rest))).toBe(speed)
  expect(SPEEDS).toContain(speed)
})

it('goes on as fast as it is set, and stands while it is paused or an answer is waited for', () => {
  const scope = effectScope()
  scope.run(() => {
    const time = useRoundClock(2, 30)
    vi.advanceTimersByTime(1000)
    expect(time.minute.value).toBe(2)
    time.start()
    vi.advanceTimersByTime(2000)
    expect(time.minute.value).toBeCloseTo(3, 1)
    time.stands.value = true
    vi.advanceTimersByTime(2000)
    expect(time.minute.value).toBeCloseTo(3, 1)
    time.stands.value = false
    time.speed.value = 60
    vi.advanceTimersByTime(1000)
    expect(time.minute.value).toBeCloseTo(4, 1)
    time.stop()
    vi.advanceTimersByTime(5000)
    expect(time.minute.value).toBeCloseTo(4, 1)
  })
  scope.stop()
})

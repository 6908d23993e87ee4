import { effectScope } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { Problem } from '../src/api/client'
import { latest } from '../src/composables/latest'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it('asks one question at a time, and of those between only the last', async () => {
  const done: (() => void)[] = []
  let asked = 0
  const run = latest(() => {
    asked++
    return new Promise<void>((resolve) => done.push(resolve))
  })
  void run()
  void run()
  void run()
  expect(asked).toBe(1)
  done[0]!()
  await vi.advanceTimersByTimeAsync(0)
  expect(asked).toBe(2)
  done[1]!()
  await vi.advanceTimersByTimeAsync(0)
  expect(asked).toBe(2)
})

it('gives up an answer that never comes for the next question, and waits longer for that', async () => {
  const gaveUp: number[] = []
  const began = performance.now()
  const run = latest(
    (signal) =>
      new Promise<void>((_, reject) =>
        signal.addEventListener('abort', () => {
          gaveUp.push(performance.now() - began)
          reject(new DOMException('given up', 'AbortError'))
        }),
      ),
  )
  void run()
  void run()
  await vi.advanceTimersByTimeAsync(4100)
  expect(gaveUp).toHaveLength(1)
  void run()
  await vi.advanceTimersByTimeAsync(4100)
  expect(gaveUp, 'twice as long the second time').toHaveLength(1)
  await vi.advanceTimersByTimeAsync(4100)
  expect(gaveUp).toHaveLength(2)
})

it('stops what nobody wants any more, and waits no longer for that', async () => {
  let given = 0
  const run = latest(
    (signal) =>
      new Promise<void>((_, reject) =>
        signal.addEventListener('abort', () => {
          given++
          reject(new DOMException('given up', 'AbortError'))
        }),
      ),
  )
  run.leave()
  void run()
  run.leave()
  expect(given, 'at once').toBe(1)
  await vi.advanceTimersByTimeAsync(0)
  expect(given, 'and nothing is asked in its stead').toBe(1)
  void run()
  run.leave()
  void run()
  await vi.advanceTimersByTimeAsync(0)
  void run()
  await vi.advanceTimersByTimeAsync(4100)
  expect(given, 'the next is waited for as long as the first').toBe(3)
})

it('lets a fault through, and asks again afterwards', async () => {
  let asked = 0
  const run = latest(async () => {
    if (asked++ === 0) throw new Error('broken')
  })
  await expect(run()).rejects.toThrow('broken')
  await run()
  expect(asked).toBe(2)
})

it('asks again by itself where nobody was reached, and not where it was refused', async () => {
  const answers = [new Problem(0, 'lost'), new Problem(503, 'busy'), null, new Problem(400, 'no')]
  const told: number[] = []
  let asked = 0
  const run = latest(
    async () => {
      const answer = answers[asked++]
      if (answer) throw answer
    },
    (problem) => told.push(problem.status),
  )
  await run()
  await vi.advanceTimersByTimeAsync(60_000)
  expect([asked, told]).toEqual([3, [0, 503]])
  await run()
  await vi.advanceTimersByTimeAsync(60_000)
  expect([asked, told]).toEqual([4, [0, 503, 400]])
})

it('asks no more once its component is gone', async () => {
  let asked = 0
  const scope = effectScope()
  const run = scope.run(() =>
    latest(async () => {
      asked++
      throw new Problem(0, 'lost')
    }),
  )!
  await run()
  scope.stop()
  await vi.advanceTimersByTimeAsync(60_000)
  expect(asked).toBe(1)
})

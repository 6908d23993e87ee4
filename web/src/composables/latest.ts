import { tryOnScopeDispose } from '@vueuse/core'
import { givenUp, Problem } from '../api/client'

/** An answer that takes longer is no longer waited for once something else is asked, ms; twice as long after each such. */
const WAITS_MS = 4000

/** Nor is any waited for longer than this, ms. */
const WAITS_AT_MOST_MS = 32_000

/** Who is out of reach is asked again after so long, ms. */
const AGAIN_MS = 3000

/** Asks, by being called. */
export interface Latest {
  (): Promise<void>
  /** What is being asked is of no use any more, and whoever works it out may stop. */
  leave(): void
}

/**
 * Asks one question at a time: what has changed while an answer was on its way is asked when that answer is there, and
 * everything between is left out. An answer that takes long is given up for the next question, so that one that never comes
 * holds nothing up; a busy kitchen that answers slowly is given more time at each turn, until it has answered. What is refused
 * is handed to `refused`; where nobody was reached it is asked again by itself, for as long as its component is there.
 */
export function latest(
  ask: (signal: AbortSignal) => Promise<void>,
  refused: (problem: Problem) => void = () => undefined,
): Latest {
  let asking: { since: number; giveUp: AbortController; left: boolean } | null = null
  let again = false
  let waits = WAITS_MS
  let timer: ReturnType<typeof setTimeout> | undefined
  let later: ReturnType<typeof setTimeout> | undefined
  let gone = false
  tryOnScopeDispose(() => {
    gone = true
    clearTimeout(later)
  })
  function leave() {
    again = false
    if (!asking) return
    asking.left = true
    asking.giveUp.abort()
  }
  async function run(): Promise<void> {
    if (asking) {
      again = true
      const left = asking.since + waits - performance.now()
      const { giveUp } = asking
      clearTimeout(timer)
      timer = setTimeout(() => giveUp.abort(), Math.max(0, left))
      return
    }
    clearTimeout(later)
    const turn = { since: performance.now(), giveUp: new AbortController(), left: false }
    asking = turn
    try {
      await ask(turn.giveUp.signal)
      waits = WAITS_MS
    } catch (thrown) {
      if (thrown instanceof Problem) {
        refused(thrown)
        if (!thrown.reachable && !gone) later = setTimeout(() => void run(), AGAIN_MS)
      } else if (givenUp(thrown)) {
        if (!turn.left) waits = Math.min(2 * waits, WAITS_AT_MOST_MS)
      } else {
        throw thrown
      }
    } finally {
      clearTimeout(timer)
      asking = null
      if (again) {
        again = false
        void run()
      }
    }
  }
  return Object.assign(run, { leave })
}

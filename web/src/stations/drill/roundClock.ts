import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Round } from '../../api/types'

/** How much faster than a kitchen's clock a round's can go. */
export const SPEEDS = [1, 5, 10, 30, 60]

/** A round takes about so long, minutes. */
const ROUND_MIN = 1.5

const TICK_MS = 100

/** The speed at which a round takes about a minute and a half. */
export function usualSpeed(round: Round): number {
  const whole = Math.max(...round.slips.map(({ window, restMin }) => window.likelyMin + restMin))
  return SPEEDS.reduce((best, speed) =>
    Math.abs(whole / speed - ROUND_MIN) < Math.abs(whole / best - ROUND_MIN) ? speed : best,
  )
}

/** The clock of a round: it goes on by itself, faster than a kitchen's, and stands while an answer is waited for. */
export function useRoundClock(fromMinute: number, firstSpeed: number) {
  const minute = ref(fromMinute)
  const speed = ref(firstSpeed)
  const stands = ref(false)
  let last = performance.now()
  const { pause, resume, isActive } = useIntervalFn(
    () => {
      const now = performance.now()
      if (!stands.value) minute.value += ((now - last) / 60_000) * speed.value
      last = now
    },
    TICK_MS,
    { immediate: false },
  )
  return {
    minute,
    speed,
    stands,
    goes: computed(() => isActive.value),
    start() {
      last = performance.now()
      resume()
    },
    stop: pause,
  }
}

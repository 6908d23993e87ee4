import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'
import type { Bake, Moment } from '../api/types'
import { strike } from './chime'

/** What each stretch sounds like: strikes by pitch in hertz. What cannot wait climbs and comes again. */
const SOUNDS: Partial<Record<Moment['phase'], number[]>> = {
  STEP: [520, 520],
  CHECK: [660, 880],
  GRILL: [660, 660, 660],
  TAKE_OUT: [660, 880, 1100],
  PUT_BACK: [1100, 660, 1100, 660],
  CRACK: [880, 660],
  SERVE: [880, 660, 520],
}
/** A step of the evening: below all that a bake says. */
const EVENING = [440, 520]
const AGAIN: Moment['phase'][] = ['TAKE_OUT', 'STEP', 'PUT_BACK']
const AGAIN_MS = 20_000
const MOST_TIMES = 4

/**
 * Rings when any bake comes to its next thing, whichever station is shown. A browser stays silent until it was touched
 * once; that is said, not hidden.
 */
export function useChimes() {
  const muted = useLocalStorage('olla.muted', false)
  const silentYet = ref(true)
  const last = new Map<string, { key: string; at: number; times: number }>()

  window.addEventListener('pointerdown', () => (silentYet.value = false), { once: true })
  window.addEventListener('keydown', () => (silentYet.value = false), { once: true })

  function ring(phase: Moment['phase']) {
    const sound = SOUNDS[phase]
    if (sound && !muted.value && !silentYet.value) strike(sound)
  }

  function follow(bakes: Bake[], moment: (bake: Bake) => Moment) {
    for (const bake of bakes) {
      const m = moment(bake)
      const key = `${m.phase} ${m.step ?? ''}`
      const before = last.get(bake.id)
      const time = performance.now()
      if (before?.key !== key) {
        if (before) ring(m.phase)
        last.set(bake.id, { key, at: time, times: 1 })
      } else if (AGAIN.includes(m.phase) && before.times < MOST_TIMES && time - before.at > AGAIN_MS) {
        ring(m.phase)
        last.set(bake.id, { key, at: time, times: before.times + 1 })
      }
    }
  }

  /** Rings once for a step of the evening that has just become due; what was due when it was first seen stays silent. */
  const heard = new Map<string, boolean>()
  function followSteps(steps: { key: string; due: boolean }[]) {
    for (const { key, due } of steps) {
      const before = heard.get(key)
      if (due && before === false && !muted.value && !silentYet.value) strike(EVENING)
      heard.set(key, due)
    }
  }

  return { muted, silentYet, follow, followSteps }
}

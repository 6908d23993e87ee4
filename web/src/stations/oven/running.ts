import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { Bake, Moment } from '../../api/types'

const REFRESH_MS = 5000
const TICK_MS = 250

/**
 * The bakes in an oven or on the board. The server keeps the moments; this keeps a copy, the server's clock, and what
 * could not be reached.
 */
export const useRunning = defineStore('running', () => {
  const bakes = ref<Bake[]>([])
  const unreachable = ref(false)
  const loaded = ref(false)
  /** The server's clock less this screen's, ms. */
  const ahead = ref(0)
  const now = ref(Date.now())
  let following = false

  function take(bake: Bake) {
    ahead.value = Date.parse(bake.now) - Date.now()
    now.value = Date.now() + ahead.value
    const others = bakes.value.filter((b) => b.id !== bake.id)
    bakes.value = bake.loggedAt
      ? others
      : [...others, bake].sort((a, b) => a.startedAt.localeCompare(b.startedAt))
    return bake
  }

  async function refresh() {
    try {
      const all = await api.running()
      if (all[0]) ahead.value = Date.parse(all[0].now) - Date.now()
      bakes.value = all
      unreachable.value = false
      loaded.value = true
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      unreachable.value = true
    }
  }

  /** Keeps the copy fresh and the clock running from now on. */
  function follow() {
    if (following) return
    following = true
    void refresh()
    setInterval(() => void refresh(), REFRESH_MS)
    setInterval(() => (now.value = Date.now() + ahead.value), TICK_MS)
    document.addEventListener('visibilitychange', () => document.hidden || void refresh())
  }

  /** Seconds a bake has been going. */
  const secondsIn = (bake: Bake) => (now.value - Date.parse(bake.startedAt)) / 1000

  /** What to do now. */
  function moment(bake: Bake): Moment {
    const seconds = secondsIn(bake)
    const found = bake.moments.find((m) => m.untilSeconds === undefined || seconds < m.untilSeconds)
    return found ?? bake.moments[bake.moments.length - 1]!
  }

  return {
    bakes,
    unreachable,
    loaded,
    now: computed(() => now.value),
    take,
    refresh,
    follow,
    secondsIn,
    moment,
  }
})

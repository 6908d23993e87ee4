import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'
import { Problem, send } from '../../api/client'
import type { Bake, HowItWas, Moment, Tap } from '../../api/types'

/** Something tapped that has to reach the kitchen computer, once. */
export interface Parcel {
  /** Whose it is. */
  bakeId: string
  /** Sent again it is the same tap: the server knows its id or its address. */
  method: 'POST' | 'PUT' | 'DELETE'
  path: string
  body: unknown
  /** What was tapped, in words, for whoever waits for it. */
  words: string
}

const AGAIN_MS = 1500

function out(bake: Bake, at: string): Partial<Bake> {
  const seconds = (Date.parse(at) - Date.parse(bake.startedAt)) / 1000
  const shifted = (m: Moment) => ({
    ...m,
    fromSeconds: m.fromSeconds + seconds,
    ...(m.untilSeconds === undefined ? {} : { untilSeconds: m.untilSeconds + seconds }),
  })
  return { outAt: at, actualMin: seconds / 60, moments: bake.onceOut.map(shifted) }
}

/** A bake as it will be once what waits for it has arrived, as far as a screen can tell by itself. */
export function withWaiting(bake: Bake, waiting: Parcel[]): Bake {
  const own = waiting.filter((parcel) => parcel.bakeId === bake.id)
  if (!own.length) return bake
  const undone = new Set(own.filter((p) => p.method === 'DELETE').map((p) => p.path.split('/').pop()))
  const told = { ...bake, taps: bake.taps.filter((tap) => !undone.has(tap.id)) }
  return own.reduce((b, parcel) => {
    if (parcel.method === 'PUT') {
      const how = parcel.body as HowItWas
      return { ...b, loggedAt: how.at!, verdict: how.verdict }
    }
    const tap = parcel.body as Tap
    if (parcel.method !== 'POST' || undone.has(tap.id)) return b
    const more = tap.kind === 'OUT' ? out(b, tap.at) : tap.kind === 'PORTIONS' ? { portions: tap.number } : {}
    return { ...b, ...more, taps: [tap, ...b.taps.filter((t) => t.id !== tap.id)] }
  }, told)
}

/**
 * What was tapped and is not stored yet, in order. It outlives a reload and a lost network; each parcel leaves once the
 * server has answered for it, whether it took it or refused it.
 */
export function useOutbox(arrived: (bake: Bake | undefined) => void, refused: (problem: Problem) => void) {
  const waiting = useLocalStorage<Parcel[]>('olla.outbox', [])
  const sending = ref(false)
  /** The last try met nobody. */
  const stuck = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined

  async function flush() {
    if (sending.value) return
    sending.value = true
    clearTimeout(timer)
    try {
      while (waiting.value[0]) {
        const first = waiting.value[0]
        const bake = await send<Bake | undefined>(
          first.method,
          first.path,
          first.body === null ? null : JSON.stringify(first.body),
          'application/json',
        )
        waiting.value = waiting.value.slice(1)
        stuck.value = false
        arrived(bake)
      }
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      if (failure.reachable) {
        stuck.value = false
        waiting.value = waiting.value.slice(1)
        refused(failure)
        timer = setTimeout(() => void flush(), 0)
      } else {
        stuck.value = true
        timer = setTimeout(() => void flush(), AGAIN_MS)
      }
    } finally {
      sending.value = false
    }
  }

  /** Puts something in and sends all that waits. */
  function post(parcel: Parcel) {
    waiting.value = [...waiting.value, parcel]
    return flush()
  }

  return { waiting, stuck, post, flush }
}

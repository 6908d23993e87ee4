import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'
import { Problem, send } from '../../api/client'
import type { Bake } from '../../api/types'

/** Something tapped that has to reach the kitchen computer, once. */
export interface Parcel {
  /** Sent again it is the same tap: the server knows its id or its address. */
  method: 'POST' | 'PUT' | 'DELETE'
  path: string
  body: unknown
  /** What was tapped, in words, for whoever waits for it. */
  words: string
}

const AGAIN_MS = 1500

/**
 * What was tapped and is not stored yet, in order. It outlives a reload and a lost network; each parcel leaves once the
 * server has answered for it, whether it took it or refused it.
 */
export function useOutbox(arrived: (bake: Bake | undefined) => void, refused: (problem: Problem) => void) {
  const waiting = useLocalStorage<Parcel[]>('olla.outbox', [])
  const sending = ref(false)
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
        arrived(bake)
      }
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      if (failure.reachable) {
        waiting.value = waiting.value.slice(1)
        refused(failure)
        timer = setTimeout(() => void flush(), 0)
      } else {
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

  return { waiting, post, flush }
}

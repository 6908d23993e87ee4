import type { Bake } from '../api/types'

/** What this screen knew of the running bakes when it last heard of them, for when it opens with the kitchen computer gone. */
const KEY = 'olla.known'
/** So old, and nobody waits for it any longer, ms. */
const TOO_OLD_MS = 12 * 3600_000

export interface Known {
  bakes: Bake[]
  /** The kitchen's clock then, and this device's, ms. */
  server: number
  here: number
  speed: number
}

export function keepKnown(known: Known): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(known))
  } catch {
    // No room: then it is not there after a reload, as before.
    localStorage.removeItem(KEY)
  }
}

export function recallKnown(): Known | null {
  try {
    const known = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Known | null
    return known && Date.now() - known.here < TOO_OLD_MS ? known : null
  } catch {
    return null
  }
}

/** Whoever was shown out keeps nothing. */
export function forgetKnown(): void {
  localStorage.removeItem(KEY)
}

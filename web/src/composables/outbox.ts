import { t } from '../messages/say'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { Problem, send } from '../api/client'
import type { Bake, HowItWas, Moment, Tap } from '../api/types'
import { newId } from '../api/id'
import { without } from '../api/without'

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
  /** A bake that is put in: as it is shown until the server has heard of it. */
  shown?: Bake
}

/** A parcel in the store that all tabs share, under a key of its own that sorts by when it was tapped. */
interface Kept extends Parcel {
  key: string
}

const PREFIX = 'olla.out.'
/** Before an outbox had a key for each parcel. */
const OLD_KEY = 'olla.outbox'
const AGAIN_MS = 1500
/** So long without an answer is said, ms. */
const SAID_MS = 5000
const LOCK = 'olla.outbox'

const isKept = (key: string | null): key is string => Boolean(key?.startsWith(PREFIX))

function read(key: string): Kept[] {
  try {
    return [{ ...(JSON.parse(localStorage.getItem(key)!) as Parcel), key }]
  } catch {
    localStorage.removeItem(key)
    return []
  }
}

/** All that waits, in the order in which it was tapped, whichever tab it was tapped in. */
function all(): Kept[] {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)).filter(isKept)
  return keys.sort().flatMap(read)
}

let count = 0
function keep(parcel: Parcel): void {
  const order = `${String(Date.now()).padStart(14, '0')}.${String(count++).padStart(6, '0')}`
  localStorage.setItem(`${PREFIX}${order}.${newId()}`, JSON.stringify(parcel))
}

function takeOver(): void {
  const old = localStorage.getItem(OLD_KEY)
  if (old === null) return
  localStorage.removeItem(OLD_KEY)
  try {
    ;(JSON.parse(old) as Parcel[]).forEach(keep)
  } catch {
    // What cannot be read was never whole.
  }
}

const secondsBetween = (from: string, to: string) => Math.max(0, (Date.parse(to) - Date.parse(from)) / 1000)

/** What follows where it comes out then, in seconds since. */
function follows(bake: Bake, seconds: number): Moment[] {
  const seen = bake.look?.advice !== undefined && bake.look.advice !== 'GIVE_IT'
  // Never a calm sentence over raw fish, not even until the server has heard of it.
  const tooSoon = !seen && (bake.enoughFromMin === undefined || seconds / 60 < bake.enoughFromMin)
  return tooSoon ? bake.onceOutTooSoon : bake.onceOut
}

function out(bake: Bake, at: string): Partial<Bake> {
  const seconds = secondsBetween(bake.startedAt, at)
  const shifted = (m: Moment) => ({
    ...m,
    fromSeconds: m.fromSeconds + seconds,
    ...(m.untilSeconds === undefined ? {} : { untilSeconds: m.untilSeconds + seconds }),
  })
  return { outAt: at, actualMin: seconds / 60, moments: follows(bake, seconds).map(shifted) }
}

function withPosted(bake: Bake, tap: Tap): Bake {
  const told = { ...bake, taps: [tap, ...bake.taps.filter((t) => t.id !== tap.id)] }
  switch (tap.kind) {
    case 'OUT':
      return { ...told, ...out(bake, tap.at) }
    case 'SOME_OUT': {
      const moments = follows(bake, secondsBetween(bake.startedAt, tap.at))
      const some = { id: tap.id, number: tap.number ?? 1, at: tap.at, moments }
      return { ...told, apart: [...bake.apart.filter((a) => a.id !== tap.id), some] }
    }
    case 'BACK':
      return { ...without(told, 'outAt', 'actualMin', 'lacks'), moments: [shutAgain(bake, tap.at)] }
    case 'PORTIONS':
      return { ...told, ...(tap.number === undefined ? {} : { portions: tap.number }) }
    case 'CHILLED':
    case 'NONE_LEFT':
    case 'BINNED':
      return { ...told, ...(bake.leftovers ? { leftovers: { ...bake.leftovers, cleared: tap.kind } } : {}) }
    case 'FORGOTTEN':
      return { ...told, loggedAt: tap.at }
    default:
      return told
  }
}

/** Until the server has reckoned how long it takes now. */
function shutAgain(bake: Bake, at: string): Moment {
  return {
    phase: 'SHUT',
    say: t('moment.shut'),
    hint: t('ui.outbox.how-long-it-takes-now'),
    fromSeconds: secondsBetween(bake.startedAt, at),
    next: t('ui.outbox.in-again'),
  }
}

/** A bake as it will be once what waits for it has arrived, as far as a screen can tell by itself. */
export function withWaiting(bake: Bake, waiting: Parcel[]): Bake {
  const own = waiting.filter((parcel) => parcel.bakeId === bake.id)
  if (!own.length) return bake
  const undone = new Set(
    own.filter((p) => p.method === 'DELETE' && p.path.includes('/taps/')).map((p) => p.path.split('/').pop()),
  )
  const told = { ...bake, taps: bake.taps.filter((tap) => !undone.has(tap.id)) }
  return own.reduce((b, parcel) => {
    if (parcel.method === 'PUT') {
      const { at, verdict, probeC, note } = parcel.body as HowItWas
      return {
        ...without(b, 'probeC', 'note'),
        loggedAt: at!,
        verdict,
        ...(probeC === undefined ? {} : { probeC }),
        ...(note === undefined ? {} : { note }),
      }
    }
    if (parcel.method === 'DELETE' && parcel.path.endsWith('/verdict')) return without(b, 'loggedAt')
    if (parcel.method !== 'POST' || parcel.shown) return b
    const tap = parcel.body as Tap
    return undone.has(tap.id) ? b : withPosted(b, tap)
  }, told)
}

/** All bakes as they will be: what is put in is there already, and what is taken back is not. */
export function allWithWaiting(bakes: Bake[], waiting: Parcel[]): Bake[] {
  const back = new Set(
    waiting.filter((p) => p.method === 'DELETE' && p.path === `/api/bakes/${p.bakeId}`).map((p) => p.bakeId),
  )
  const there = new Set(bakes.map((b) => b.id))
  const coming = waiting.flatMap((p) => (p.shown && !there.has(p.bakeId) ? [p.shown] : []))
  return [...bakes, ...coming].filter((b) => !back.has(b.id)).map((b) => withWaiting(b, waiting))
}

/**
 * What was tapped and is not stored yet, in order. It outlives a reload and a lost network, and all tabs of a browser share
 * it: each parcel has a key of its own, one tab sends at a time, and a parcel leaves once the server has answered for it. What
 * may pass is kept; what cannot is said, and costs the others nothing.
 */
export function useOutbox(
  arrived: (bake: Bake | undefined, parcel: Parcel) => void,
  refused: (problem: Problem) => void,
) {
  takeOver()
  const waiting = ref<Kept[]>(all())
  /** The last try met nobody, or met nobody yet. */
  const stuck = ref(false)
  let sending = false
  let timer: ReturnType<typeof setTimeout> | undefined

  const look = () => (waiting.value = all())
  useEventListener(window, 'storage', (event) => {
    if (event.key === null || isKept(event.key)) look()
  })

  function later() {
    clearTimeout(timer)
    timer = setTimeout(() => void flush(), AGAIN_MS)
  }

  /** Sends one parcel; says whether the next of its bake may follow. */
  async function deliver(parcel: Kept): Promise<boolean> {
    const slow = setTimeout(() => (stuck.value = true), SAID_MS)
    try {
      const bake = await send<Bake | undefined>(
        parcel.method,
        parcel.path,
        parcel.body === null ? null : JSON.stringify(parcel.body),
        'application/json',
      )
      stuck.value = false
      arrived(bake, parcel)
      localStorage.removeItem(parcel.key)
      return true
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      stuck.value = !failure.reachable && !failure.wantsPerson
      if (!failure.reachable) return false
      localStorage.removeItem(parcel.key)
      refused(failure)
      return true
    } finally {
      clearTimeout(slow)
      look()
    }
  }

  async function sendAll() {
    const held = new Set<string>()
    for (let next = all()[0]; next; next = all().find((p) => !held.has(p.bakeId))) {
      // What cannot be sent now holds up what comes after it for the same bake, and nothing else.
      if (!(await deliver(next))) held.add(next.bakeId)
    }
    if (held.size) later()
  }

  async function flush() {
    if (sending || !all().length) return
    sending = true
    clearTimeout(timer)
    try {
      if (!navigator.locks) return await sendAll()
      await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
        // Another tab is at it; whatever it leaves is looked at again.
        if (lock) await sendAll()
        else later()
      })
    } finally {
      sending = false
    }
  }

  /** Puts something in and sends all that waits. */
  function post(parcel: Parcel) {
    keep(parcel)
    look()
    return flush()
  }

  return { waiting, stuck, post, flush }
}

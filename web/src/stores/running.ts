import { t } from '../messages/say'
import { newId } from '../api/id'
import { useLocalStorage, watchDebounced } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../api/client'
import type { Bake, HowItWas, Moment, Question, TapDetail, TapKind } from '../api/types'
import { clock, runningClock } from '../messages/time'
import { useChimes } from '../composables/chimes'
import { type News, useLine } from '../composables/line'
import { reader } from '../messages/asked'
import { keepKnown, recallKnown } from '../composables/recall'
import { allWithWaiting, useOutbox } from '../composables/outbox'

const TICK_MS = 250
/** The stream beats every three seconds; after so long without a beat the line is taken for dead, ms. */
const DEAD_MS = 9000
/** A screen that has not ticked for so long was asleep, hidden or closed, ms. */
const AWAY_MS = 30_000
/** A clock that has moved so much against the time that passed was set, ms. */
const SET_MS = 3000
/** How far the server's word on the time may differ before the clock is moved, ms. */
const STEADY_MS = 400

/** How often it is noted that this screen was there, ms: as finely as its absence is told. */
const SEEN_MS = 10_000

/** How often what is known is kept, ms. */
const KEEP_MS = 1000

/** Which of a bake's moments holds after so many seconds. */
export function momentAt(moments: Moment[], seconds: number): Moment {
  const found = moments.find((m) => m.untilSeconds === undefined || seconds < m.untilSeconds)
  return found ?? moments[moments.length - 1]!
}

/**
 * The bakes in an oven, on the board, or lately in the log with their leftovers. The server keeps the moments; this keeps a
 * copy, the server's clock, what could not be reached and what could not be sent.
 */
export const useRunning = defineStore('running', () => {
  const router = useRouter()
  const followed = ref<Bake[]>([])
  const loaded = ref(false)
  const connected = ref(true)
  const stored = ref(true)
  /** How much room the kitchen computer has left, MB, where that is little. */
  const roomMb = ref<number | null>(null)
  /** Why the last tap was refused. */
  const trouble = ref<string | null>(null)
  /** What happened while nobody looked. */
  const notice = ref<string | null>(null)
  const lastSeen = useLocalStorage('olla.lastSeen', 0)
  const now = ref(Date.now())
  let base = { server: Date.now(), here: performance.now(), speed: 1 }
  let heard = performance.now()
  let lostAt: number | null = null
  /** A tick came late, or this device's clock leapt: how long passed by the page's own clock, ms. */
  let leapt: { here: number } | null = null
  let following = false

  const shown = computed(() => allWithWaiting(followed.value, outbox.waiting.value))
  /** In an oven or on the board. */
  const bakes = computed(() => shown.value.filter((b) => !b.loggedAt))
  /** In the log, and nobody has said what became of the leftovers. */
  const leftOver = computed(() => shown.value.filter((b) => b.loggedAt && b.verdict && !b.leftovers?.cleared))
  /** In the log as far as this screen can tell, whether the kitchen computer has heard of it yet or not. */
  const logged = computed(() => shown.value.filter((b) => b.loggedAt))
  /** Bakes whose way back into the oven, off the board or out of the log was tapped here and has not arrived. */
  const reopened = computed(
    () =>
      new Set(
        outbox.waiting.value
          .filter((p) => p.method === 'DELETE' && p.path.endsWith('/verdict'))
          .map((p) => p.bakeId),
      ),
  )
  /** Evenings of which the line has told that something changed; a new list each time. */
  const eveningNews = ref<string[]>([])
  /** Counts up whenever the log may read otherwise than before. */
  const logTurn = ref(0)

  const clockNow = () => base.server + (performance.now() - base.here) * base.speed

  function setClock(server: string, speed = base.speed) {
    const told = Date.parse(server)
    if (speed !== base.speed || Math.abs(told - clockNow()) > STEADY_MS * speed || !loaded.value) {
      base = { server: told, here: performance.now(), speed }
      now.value = clockNow()
    }
  }

  /** Each bake as the line has told it: what it tells next is told against that, whatever was answered meanwhile. */
  const asTold = new Map<string, Bake>()

  /** Takes over what the line tells of a bake: all of it, or what changed; null stands for a field that is there no longer. */
  function hear(news: Partial<Bake> & Pick<Bake, 'id' | 'revision'>) {
    const entries = Object.entries({ ...asTold.get(news.id), ...news }).filter(([, value]) => value !== null)
    const bake = Object.fromEntries(entries) as Bake
    if (!bake.card) {
      void api.bake(bake.id).then(hear).catch(later)
      return
    }
    asTold.set(bake.id, bake)
    heardIn.set(bake.id, ++turns)
    put(bake)
  }

  /** Shows a bake, unless a later state of it is shown. */
  function put(bake: Bake) {
    const had = followed.value.find((b) => b.id === bake.id)
    if (had && had.revision > bake.revision) return
    if (had?.loggedAt !== bake.loggedAt || bake.loggedAt) logTurn.value++
    const all = [...followed.value.filter((b) => b.id !== bake.id), bake]
    followed.value = all.sort((a, b) => a.startedAt.localeCompare(b.startedAt))
  }

  /**
   * Takes over a bake that was answered, unless the line has told as much: an answer does not wait for all that follows from a
   * tap, the line tells it, and which of both comes first is chance.
   */
  function take(bake: Bake) {
    setClock(bake.now)
    const told = connected.value ? asTold.get(bake.id) : undefined
    const asMuch = told && told.revision >= bake.revision && (bake.reckoning || !told.reckoning)
    if (!asMuch || !followed.value.some((b) => b.id === bake.id)) put(bake)
    logTurn.value++
    return bake
  }

  function forget(id: string) {
    followed.value = followed.value.filter((b) => b.id !== id)
    logTurn.value++
  }

  /** What cannot be reached now is tried again by whatever wanted it. */
  function later(failure: unknown) {
    if (!(failure instanceof Problem)) throw failure
  }

  /** When a bake was last heard of, from the line or as a tap's answer, counted: what was asked for before cannot know of it. */
  const heardIn = new Map<string, number>()
  let turns = 0
  /** Bakes of which a tap was answered. */
  const answered = new Set<string>()

  const outbox = useOutbox(
    (bake, parcel) => {
      answered.add(parcel.bakeId)
      heardIn.set(parcel.bakeId, ++turns)
      if (bake) take(bake)
      else if (parcel.path === `/api/bakes/${parcel.bakeId}`) forget(parcel.bakeId)
    },
    (problem) => {
      trouble.value = problem.message
      void refresh()
    },
  )

  const unreachable = computed(() => !connected.value || !stored.value || outbox.stuck.value)

  async function refresh() {
    const asked = turns
    const since = (id: string) => (heardIn.get(id) ?? 0) > asked
    try {
      const all = await api.running()
      if (all[0]) setClock(all[0].now)
      const there = new Set(all.map((b) => b.id))
      followed.value = followed.value.filter((b) => there.has(b.id) || since(b.id))
      all.filter((b) => !since(b.id)).forEach(take)
      loaded.value = true
    } catch (failure) {
      later(failure)
    }
  }

  const line = useLine({
    heard(news, whole) {
      heard = performance.now()
      if (leapt) told(news)
      setClock(news.now, news.speed)
      // Everything, whole: it takes the place of what was known. What was answered and no line has told yet is asked for.
      if (whole) {
        const told = new Set([...asTold.keys(), ...news.bakes.map((b) => b.id)])
        followed.value = followed.value.filter((b) => !told.has(b.id) && answered.has(b.id))
        if (followed.value.length) void refresh()
        asTold.clear()
      }
      news.bakes.forEach(hear)
      news.gone.forEach((id) => {
        asTold.delete(id)
        forget(id)
      })
      // A line that is new says nothing of what changed before it.
      if (whole || news.evenings?.length) eveningNews.value = news.evenings ?? []
      loaded.value = true
      roomMb.value = news.roomMb ?? null
      back(news.stored)
    },
    lost: () => lost(),
    // What is only remembered, or was heard before the line was lost, is no news.
    whole: () =>
      loaded.value && connected.value
        ? {
            bakes: JSON.parse(JSON.stringify([...asTold.values()])),
            gone: [],
            now: new Date(clockNow()).toISOString(),
            speed: base.speed,
            stored: stored.value,
            ...(roomMb.value === null ? {} : { roomMb: roomMb.value }),
          }
        : null,
  })

  function lost() {
    if (lostAt === null) lostAt = performance.now()
    connected.value = false
    if (!loaded.value) recall()
  }

  /** Opened with the kitchen computer gone: the bakes as they were known last go on by this device's clock. */
  function recall() {
    const known = recallKnown()
    if (!known) return
    base = {
      server: known.server + (Date.now() - known.here) * known.speed,
      here: performance.now(),
      speed: known.speed,
    }
    now.value = clockNow()
    followed.value = known.bakes
    notice.value = t('ui.running.as-known-at', { time: clock(new Date(known.server)) })
    loaded.value = true
  }

  /** What the line tells lies ready for the next time this screen is opened. */
  function keep() {
    if (!connected.value) return
    keepKnown({ bakes: followed.value, server: clockNow(), here: Date.now(), speed: base.speed })
  }

  function back(isStored: boolean) {
    stored.value = isStored
    if (lostAt !== null && performance.now() - lostAt > DEAD_MS) {
      const seconds = (performance.now() - lostAt) / 1000
      notice.value = t('ui.running.the-kitchen-computer-was-away', { clock: runningClock(seconds) })
    }
    lostAt = null
    connected.value = true
    if (outbox.waiting.value.length) void outbox.flush()
  }

  const away = (ms: number) => t('ui.running.this-screen-was-away-for', { clock: runningClock(ms / 1000) })

  /** A device that slept and one whose clock was set look alike from inside: the kitchen's clock tells them apart. */
  function told(news: News) {
    const passed = (Date.parse(news.now) - clockNow()) / base.speed
    const missed = Math.max(passed, leapt!.here)
    leapt = null
    if (!bakes.value.length) return
    notice.value = missed > AWAY_MS ? away(missed) : t('ui.running.this-devices-clock-was-set')
  }

  /** Keeps the copy fresh and the clock running from now on. */
  function follow() {
    if (following) return
    following = true
    const before = lastSeen.value
    void refresh().then(() => {
      const gone = Date.now() - before
      if (before && gone > AWAY_MS && bakes.value.length) notice.value = away(gone)
    })
    heard = performance.now()
    line.follow()
    void outbox.flush()
    let lastDate = Date.now()
    let lastHere = performance.now()
    setInterval(() => {
      const date = Date.now() - lastDate
      const here = performance.now() - lastHere
      lastDate += date
      lastHere += here
      now.value = clockNow()
      if (Math.abs(date - here) > SET_MS || here > AWAY_MS) {
        leapt = { here }
        line.again()
      }
      if (!document.hidden && performance.now() - heard > DEAD_MS) {
        lost()
        heard = performance.now()
        line.again()
      }
      if (Math.abs(Date.now() - lastSeen.value) > SEEN_MS) lastSeen.value = Date.now()
      chimes.follow(bakes.value, moment)
    }, TICK_MS)
    // A hidden tab, or one that is kept for the way back, must not keep a line: a browser has few for one address.
    // In another language, or other units, all is told anew.
    watch(reader, line.again)
    watchDebounced(followed, keep, { debounce: KEEP_MS, maxWait: KEEP_MS })
    document.addEventListener('visibilitychange', () => (document.hidden ? line.leave() : returned()))
    window.addEventListener('online', line.again)
    window.addEventListener('pagehide', line.leave)
    window.addEventListener('pageshow', (event) => event.persisted && returned())
  }

  function returned() {
    heard = performance.now()
    line.follow()
    void refresh()
    void outbox.flush()
  }

  const chimes = useChimes()

  /** Seconds a bake has been going. */
  const secondsIn = (bake: Bake) => (now.value - Date.parse(bake.startedAt)) / 1000

  /** What to do now. */
  const moment = (bake: Bake): Moment => momentAt(bake.moments, secondsIn(bake))

  /** How long until something else is to be said, seconds; null where this stands until somebody taps. */
  function left(bake: Bake): number | null {
    const m = moment(bake)
    if (m.untilSeconds === undefined) return null
    const next = bake.moments[bake.moments.indexOf(m) + 1]
    return next?.phase === 'FORGOTTEN' ? null : m.untilSeconds - secondsIn(bake)
  }

  const stamp = () => new Date(Math.round(clockNow())).toISOString()

  /**
   * A tap: shown at once where that can be, sent now or when the network is back, counted once.
   *
   * @param at when it was, where that is not now
   */
  function tap(bake: Bake, kind: TapKind, words: string, detail: TapDetail = {}, at = stamp()) {
    trouble.value = null
    const id = newId()
    const path = `/api/bakes/${bake.id}/taps`
    return outbox.post({ bakeId: bake.id, method: 'POST', path, body: { id, kind, at, ...detail }, words })
  }

  /** What is shown of a bake that is put in until the kitchen computer has heard of it. */
  type Coming = Omit<Bake, 'id' | 'title' | 'startedAt' | 'now'>

  /** A fish goes in: an id made now, and kept until it is answered. Says under which. */
  function putIn(title: string, ovenId: number, question: Question, coming: Coming): string {
    trouble.value = null
    const id = newId()
    const at = stamp()
    void outbox.post({
      bakeId: id,
      method: 'POST',
      path: '/api/bakes',
      body: { id, title, ovenId, question, at },
      words: t('ui.running.in', { title }),
      shown: { ...coming, id, title, startedAt: at, now: at },
    })
    return id
  }

  /** Takes the last tap back; where nothing was tapped yet, the fish itself. */
  async function undo(bake: Bake) {
    trouble.value = null
    const last = bake.taps[0]
    if (last) {
      const path = `/api/bakes/${bake.id}/taps/${last.id}`
      await outbox.post({ bakeId: bake.id, method: 'DELETE', path, body: null, words: t('ui.undo') })
      return
    }
    const gone = outbox.post({
      bakeId: bake.id,
      method: 'DELETE',
      path: `/api/bakes/${bake.id}`,
      body: null,
      words: t('ui.undo'),
    })
    await router.push('/bench')
    await gone
  }

  /** Says how it was. */
  function log(bake: Bake, how: HowItWas) {
    const at = stamp()
    const path = `/api/bakes/${bake.id}/verdict`
    return outbox.post({
      bakeId: bake.id,
      method: 'PUT',
      path,
      body: { ...how, at },
      words: t('ui.running.how-it-was'),
    })
  }

  /** Takes that back. */
  const reopen = (bake: Pick<Bake, 'id'>) =>
    outbox.post({
      bakeId: bake.id,
      method: 'DELETE',
      path: `/api/bakes/${bake.id}/verdict`,
      body: null,
      words: t('ui.undo'),
    })

  return {
    bakes,
    leftOver,
    logged,
    reopened,
    logTurn,
    eveningNews,
    putIn,
    loaded,
    unreachable,
    roomMb,
    stored,
    trouble,
    notice,
    waiting: outbox.waiting,
    chimes,
    now: computed(() => now.value),
    take,
    refresh,
    follow,
    secondsIn,
    moment,
    left,
    tap,
    undo,
    log,
    reopen,
  }
})

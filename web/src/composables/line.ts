import type { Bake } from '../api/types'
import { asked } from '../messages/asked'

/** An event of the stream. */
export interface News {
  /** All of them in the first event of a line, then the changed fields of those that changed. */
  bakes: (Partial<Bake> & Pick<Bake, 'id' | 'revision'>)[]
  gone: string[]
  /** Evenings of which something has changed. */
  evenings?: string[]
  now: string
  speed: number
  stored: boolean
  /** How much room is left for the log, MB, where that is little. */
  roomMb?: number
}

/** What one tab tells the others. */
type Told =
  | { kind: 'news'; news: News; whole: boolean }
  | { kind: 'lost' }
  /** Somebody has just come and knows nothing. */
  | { kind: 'hello' }

const LOCK = 'olla.line'

/**
 * One stream for a whole browser, which gives one address few connections: the tab that holds a lock listens, and shares what
 * it hears with the others. A hidden tab neither listens nor holds the lock.
 */
export function useLine(on: {
  heard: (news: News, whole: boolean) => void
  lost: () => void
  /** All that is known, for a tab that has just come. */
  whole: () => News | null
}) {
  const channel = new BroadcastChannel(LOCK)
  let source: EventSource | null = null
  let giveUp: AbortController | null = null
  let release: (() => void) | null = null

  channel.onmessage = (event: MessageEvent<Told>) => {
    const told = event.data
    if (told.kind === 'hello') {
      const news = source && on.whole()
      if (news) channel.postMessage({ kind: 'news', news, whole: true } satisfies Told)
    } else if (!source && !document.hidden) {
      if (told.kind === 'news') on.heard(told.news, told.whole)
      else on.lost()
    }
  }

  function listen() {
    source?.close()
    source = new EventSource(asked('/api/bakes/stream'))
    let first = true
    source.addEventListener('bakes', (event) => {
      const news: News = JSON.parse((event as MessageEvent<string>).data)
      const whole = first && news.stored
      if (whole) first = false
      on.heard(news, whole)
      channel.postMessage({ kind: 'news', news, whole } satisfies Told)
    })
    source.addEventListener('error', () => {
      first = true
      on.lost()
      channel.postMessage({ kind: 'lost' } satisfies Told)
    })
  }

  /** Listens from now on, by itself or through another tab. */
  function follow() {
    if (document.hidden || giveUp) return
    giveUp = new AbortController()
    channel.postMessage({ kind: 'hello' } satisfies Told)
    if (!navigator.locks) return listen()
    void navigator.locks
      .request(LOCK, { signal: giveUp.signal }, () => {
        listen()
        return new Promise<void>((resolve) => (release = resolve))
      })
      .catch((left: unknown) => {
        if (!(left instanceof DOMException)) throw left
      })
  }

  /** Gives the line back. */
  function leave() {
    giveUp?.abort()
    giveUp = null
    source?.close()
    source = null
    release?.()
    release = null
  }

  /** The line has been silent for too long: a new one where it is this tab's own, or a question to whoever has it. */
  function again() {
    if (document.hidden) return
    if (source) listen()
    else if (giveUp) channel.postMessage({ kind: 'hello' } satisfies Told)
    else follow()
  }

  return { follow, leave, again }
}

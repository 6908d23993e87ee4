import { vi } from 'vitest'

/** What a browser shares between its tabs and jsdom has not got: locks and channels. */

interface Waiting {
  run: () => void
  signal?: AbortSignal
}

/** One lock of each name, given in the order in which it was asked for, as the Web Locks API does. */
export class FakeLocks {
  private readonly held = new Set<string>()
  private readonly queues = new Map<string, Waiting[]>()

  request = async (
    name: string,
    options: { ifAvailable?: boolean; signal?: AbortSignal },
    work: (lock: object | null) => unknown,
  ): Promise<unknown> => {
    if (this.held.has(name)) {
      if (options.ifAvailable) return work(null)
      await new Promise<void>((resolve, reject) => {
        const waiting = { run: resolve, ...(options.signal ? { signal: options.signal } : {}) }
        this.queues.set(name, [...(this.queues.get(name) ?? []), waiting])
        options.signal?.addEventListener('abort', () => {
          this.queues.set(
            name,
            (this.queues.get(name) ?? []).filter((w) => w !== waiting),
          )
          reject(new DOMException('given up', 'AbortError'))
        })
      })
    }
    this.held.add(name)
    try {
      return await work({ name })
    } finally {
      this.held.delete(name)
      const [next, ...rest] = this.queues.get(name) ?? []
      this.queues.set(name, rest)
      next?.run()
    }
  }
}

/** Tells all others of its name, at once. */
export class FakeChannel {
  private static all: FakeChannel[] = []
  onmessage: ((event: MessageEvent) => void) | null = null

  constructor(private readonly name: string) {
    FakeChannel.all.push(this)
  }

  postMessage(data: unknown) {
    FakeChannel.all
      .filter((c) => c !== this && c.name === this.name)
      .forEach((c) => c.onmessage?.(new MessageEvent('message', { data: structuredClone(data) })))
  }

  static closeAll() {
    FakeChannel.all = []
  }
}

/** A server's stream that a test speaks through. */
export class FakeSource extends EventTarget {
  static open: FakeSource[] = []
  closed = false

  constructor(readonly url: string) {
    super()
    FakeSource.open.push(this)
  }

  close() {
    this.closed = true
    FakeSource.open = FakeSource.open.filter((s) => s !== this)
  }

  /** An event of the stream. */
  tell(news: unknown) {
    this.dispatchEvent(new MessageEvent('bakes', { data: JSON.stringify(news) }))
  }

  drop() {
    this.dispatchEvent(new Event('error'))
  }
}

/** A browser with one tab or more, nothing stored, and no server yet. */
export function freshBrowser() {
  localStorage.clear()
  FakeChannel.closeAll()
  FakeSource.open = []
  vi.stubGlobal('BroadcastChannel', FakeChannel)
  vi.stubGlobal('EventSource', FakeSource)
  Object.defineProperty(navigator, 'locks', { value: new FakeLocks(), configurable: true })
  Object.defineProperty(document, 'hidden', { value: false, configurable: true })
}

/** The tab is shown or hidden. */
export function hideTab(hidden: boolean) {
  Object.defineProperty(document, 'hidden', { value: hidden, configurable: true })
  document.dispatchEvent(new Event('visibilitychange'))
}

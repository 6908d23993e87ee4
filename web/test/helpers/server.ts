import { vi } from 'vitest'

export interface Asked {
  method: string
  path: string
  /** The language and units it was asked for in. */
  reader: string
  body: unknown
  ifMatch: string | null
  signal: AbortSignal | null
}

/** What every address ends with. */
const READER = /[?&](lang=[^&]*&units=\w+)$/

interface Said {
  status: number
  body?: unknown
  /** After how many seconds it may be asked again. */
  again?: number
  /** What it wants first, as a header says it. */
  wants?: string
}
type Answer = Said | Promise<Said>

/** A kitchen computer that answers as a test says, and notes what it was asked. */
export function fakeServer(answer: (asked: Asked) => Answer) {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (path: string, init: RequestInit = {}) => {
    const one = {
      method: init.method ?? 'GET',
      path: String(path).replace(READER, ''),
      reader: READER.exec(String(path))?.[1] ?? '',
      body: typeof init.body === 'string' ? JSON.parse(init.body) : (init.body ?? null),
      ifMatch: new Headers(init.headers).get('if-match'),
      signal: init.signal ?? null,
    }
    asked.push(one)
    const { status, body, again, wants } = await answer(one)
    if (status === 0) throw new TypeError('Failed to fetch')
    const empty = body === undefined
    return new Response(empty ? null : JSON.stringify(body), {
      status,
      headers: {
        ...(empty ? {} : { 'content-type': `application/${status < 400 ? '' : 'problem+'}json` }),
        ...(again === undefined ? {} : { 'retry-after': String(again) }),
        ...(wants === undefined ? {} : { 'olla-wants': wants }),
      },
    })
  })
  return asked
}

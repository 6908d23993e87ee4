import { t } from '../messages/say'
import { promiseTimeout } from '@vueuse/core'
import { asked } from '../messages/asked'
import type {
  Alternatives,
  Answer,
  Bake,
  Catalogue,
  Certainty,
  CounterAnswer,
  CounterQuestion,
  DishTurn,
  Ingredient,
  Inside,
  LogLine,
  DeviceReading,
  Oven,
  OvenWords,
  Question,
  RecipeInput,
  RecipeView,
  ShoppingList,
} from './types'

/** A line of a problem: the field as the server names it, and what is wrong with it in words. */
export interface FieldError {
  field: string
  message: string
}

const TOO_LARGE = 413
/** Nobody waits longer for an answer, ms. */
const PATIENCE_MS = 15_000
/** What may go through later as it is: too early, too many, or a server that is not itself. */
const MAY_PASS = new Set([0, 408, 425, 429])
const SERVER_FAULT = 500
/** What is put off because too much is asked at once. */
const PUT_OFF = new Set([429, 503])
/** How often a question is asked in all. */
const TURNS = 4

/** What the server refused, or that it could not be reached (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    words: string,
    readonly errors: FieldError[] = [],
    /** After how many seconds it may be asked again, where it was only put off. */
    readonly againAfterS: number | null = null,
  ) {
    super(words)
  }

  /** Whether the server has made up its mind; otherwise the same may work in a while. */
  get reachable() {
    return !MAY_PASS.has(this.status) && this.status < SERVER_FAULT
  }
}

/** Whether something was thrown because whoever asked no longer wants to know. */
export const givenUp = (thrown: unknown) => thrown instanceof DOMException && thrown.name === 'AbortError'

/** What a call may want besides its body. */
interface Extras {
  /** Ends it. */
  signal?: AbortSignal
  /** The version of what is changed, as it was answered. */
  version?: number | undefined
}

function call<T>(method: string, path: string, body?: unknown, extras?: Extras): Promise<T> {
  return send(method, path, body === undefined ? null : JSON.stringify(body), 'application/json', extras)
}

/**
 * Sends a body as it is and reads the answer. Throws a {@link Problem} where it is refused or nobody answers in time, and an
 * AbortError where it was given up.
 */
export async function send<T>(
  method: string,
  path: string,
  body: BodyInit | null,
  type: string,
  extras: Extras = {},
): Promise<T> {
  const timeout = AbortSignal.timeout(PATIENCE_MS)
  const signal = extras.signal ? AbortSignal.any([extras.signal, timeout]) : timeout
  const headers: Record<string, string> = body === null ? {} : { 'content-type': type }
  if (extras.version !== undefined) headers['if-match'] = `"${extras.version}"`
  try {
    const response = await fetch(asked(path), { method, headers, body, signal })
    if (!response.ok) {
      const problem = await response.json().catch(() => ({}))
      const plain =
        response.status === TOO_LARGE
          ? t('ui.client.this-is-larger-than-64')
          : t('ui.client.that-did-not-work')
      const after = PUT_OFF.has(response.status) ? Number(response.headers.get('retry-after')) : NaN
      throw new Problem(
        response.status,
        problem.detail ?? plain,
        problem.errors ?? [],
        after > 0 ? after : null,
      )
    }
    return response.status === 204 ? (undefined as T) : await response.json()
  } catch (failure) {
    if (failure instanceof Problem || extras.signal?.aborted) throw failure
    throw new Problem(0, t('ui.client.the-kitchen-computer-does-not'))
  }
}

/** Asks what changes nothing; asked again a few times where a busy kitchen puts it off. */
async function ask<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  for (let turn = 1; ; turn++) {
    try {
      return await call<T>(method, path, body, signal ? { signal } : {})
    } catch (failure) {
      if (!(failure instanceof Problem) || failure.againAfterS === null || turn === TURNS) throw failure
      await promiseTimeout(turn * 1000 * failure.againAfterS)
      signal?.throwIfAborted()
    }
  }
}

/** The server's API, call by call. Every call throws a {@link Problem} where it is refused. */
export const api = {
  catalogue: () => call<Catalogue>('GET', '/api/catalogue'),
  ovens: () => call<Oven[]>('GET', '/api/ovens'),
  putOvenAway: (oven: Oven) =>
    call<Oven>('PUT', `/api/ovens/${oven.id}/away`, undefined, { version: oven.version }),
  takeOvenOut: (oven: Oven) => call<Oven>('DELETE', `/api/ovens/${oven.id}/away`),
  addOven: (name: string, kind: Oven['kind']) => call<Oven>('POST', '/api/ovens', { name, kind }),
  estimate: (question: Question, signal: AbortSignal) =>
    ask<Answer>('POST', '/api/estimates', question, signal),
  alternatives: (question: Question) => ask<Alternatives>('POST', '/api/alternatives', question),
  certainty: (question: Question, ovenId: number, signal: AbortSignal) =>
    ask<Certainty>('POST', '/api/certainty', { question, ovenId }, signal),
  tray: (dishes: Question[], signal: AbortSignal) =>
    ask<DishTurn[]>('POST', '/api/trays', { dishes }, signal),
  recipes: () => call<RecipeView[]>('GET', '/api/recipes'),
  recipe: (id: string, pieces: number, signal?: AbortSignal) =>
    call<RecipeView>('GET', `/api/recipes/${id}?pieces=${pieces}`, undefined, signal ? { signal } : {}),
  writeRecipe: (id: string, recipe: RecipeInput, version?: number) =>
    call<RecipeView>('PUT', `/api/recipes/${id}`, recipe, { version }),
  forgetRecipe: (id: string, version: number) =>
    call<void>('DELETE', `/api/recipes/${id}`, undefined, { version }),
  recipeFile: (id: string) => `/api/recipes/${id}/file`,
  takeRecipe: (id: string, text: string) =>
    send<RecipeView>('POST', `/api/recipes/${id}/file`, text, 'application/ld+json'),
  shopping: (lines: Ingredient[]) => call<ShoppingList>('POST', '/api/shopping', { lines }),
  counter: (found: CounterQuestion, signal: AbortSignal) =>
    ask<CounterAnswer>('POST', '/api/counter', found, signal),
  running: () => call<Bake[]>('GET', '/api/bakes'),
  logged: (signal: AbortSignal) => ask<LogLine[]>('GET', '/api/log', undefined, signal),
  bake: (id: string) => call<Bake>('GET', `/api/bakes/${id}`),
  inside: (id: string, signal: AbortSignal) =>
    ask<Inside>('GET', `/api/bakes/${id}/inside`, undefined, signal),
  rest: (id: string) => ask<Answer>('GET', `/api/bakes/${id}/rest`),
  devices: () => call<DeviceReading[]>('GET', '/api/devices'),
  probe: (id: string, device: string) => call<Bake>('PUT', `/api/bakes/${id}/probe`, { device }),
  unprobe: (id: string) => call<Bake>('DELETE', `/api/bakes/${id}/probe`),
  describeOven: (oven: Oven, words: OvenWords) =>
    call<Oven>('PUT', `/api/ovens/${oven.id}`, words, { version: oven.version }),
  photo: (id: string) => `/api/bakes/${id}/photo`,
  keepPhoto: (id: string, file: File) => send<void>('PUT', `/api/bakes/${id}/photo`, file, file.type),
  dropPhoto: (id: string) => call<void>('DELETE', `/api/bakes/${id}/photo`),
}

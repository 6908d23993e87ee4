import { t } from '../messages/say'
import { promiseTimeout } from '@vueuse/core'
import createClient from 'openapi-fetch'
import { ref } from 'vue'
import { asked } from '../messages/asked'
import type { paths } from './generated'
import type {
  ArchiveHow,
  ArchivePreview,
  CounterQuestion,
  EveningInput,
  EveningMove,
  HabitFound,
  Ingredient,
  Note,
  Oven,
  OvenTaught,
  OvenWords,
  OwnFish,
  OwnVessel,
  Person,
  Question,
  RecipeInput,
  RecipeView,
  Role,
  RoundMove,
  Score,
  Skill,
  TestReads,
} from './types'

/** What of the log is asked for. */
export type LogAsked = NonNullable<paths['/api/log']['get']['parameters']['query']>

/** A line of a problem: the field as the server names it, and what is wrong with it in words. */
export interface FieldError {
  field: string
  message: string
}

const EMPTY = 204
const TOO_LARGE = 413
const NOT_LET_IN = 401
const FORBIDDEN = 403
/** Where a screen out on the network is let in. */
export const DOOR = '/pair'
/** Nobody waits longer for an answer, ms. */
const PATIENCE_MS = 15_000
/** But for a whole kitchen on its way in. */
const ARCHIVE_MS = 600_000
const ZIP = 'application/zip'
/** What may go through later as it is: too early, too many, or a server that is not itself. */
const MAY_PASS = new Set([0, 408, 425, 429])
const SERVER_FAULT = 500
/** What is put off because too much is asked at once. */
const PUT_OFF = new Set([429, 503])
/** How often a question is asked in all. */
const TURNS = 4

/** At a screen that several hands use: something was to be changed, and nobody has said who they are. */
export const personWanted = ref(false)

/** What the server refused, or that it could not be reached (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    words: string,
    readonly errors: FieldError[] = [],
    /** After how many seconds it may be asked again, where it was only put off. */
    readonly againAfterS: number | null = null,
    /** Whether somebody has to say who they are first. */
    readonly wantsPerson = false,
  ) {
    super(words)
  }

  /** Whether the server has made up its mind; otherwise the same may work in a while. */
  get reachable() {
    return !this.wantsPerson && !MAY_PASS.has(this.status) && this.status < SERVER_FAULT
  }
}

/** Whether something was thrown because whoever asked no longer wants to know. */
export const givenUp = (thrown: unknown) => (thrown as { name?: unknown } | null)?.name === 'AbortError'

/** What a call may want besides its body. */
interface Extras {
  /** Ends it. */
  signal?: AbortSignal
  /** The version of what is changed, as a header has it. */
  version?: string
  /** How long it is waited for, ms. */
  patience?: number
}

/** What tells our own pages from a forged one. */
const pageToken = () => /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]

/**
 * Sends a body as it is, in the reader's language and units, and reads the answer whole. Throws a {@link Problem} where it is
 * refused or nobody answers in time, and an AbortError where it was given up.
 */
async function exchange(
  method: string,
  path: string,
  body: BodyInit | null,
  type: string,
  extras: Extras = {},
): Promise<Response> {
  const timeout = AbortSignal.timeout(extras.patience ?? PATIENCE_MS)
  const signal = extras.signal ? AbortSignal.any([extras.signal, timeout]) : timeout
  const headers: Record<string, string> = body === null ? {} : { 'content-type': type }
  if (extras.version !== undefined) headers['if-match'] = extras.version
  const asks = (token: string | undefined) =>
    fetch(asked(path), {
      method,
      headers: token ? { ...headers, 'x-xsrf-token': token } : headers,
      body,
      signal,
    })
  try {
    let token = pageToken()
    let response = await asks(token)
    // Answers to something else may have brought another token while this was on its way: it was not said by a stranger.
    for (let turn = 1; response.status === FORBIDDEN && pageToken() !== token && turn < TURNS; turn++) {
      token = pageToken()
      response = await asks(token)
    }
    if (!response.ok) {
      if (response.status === NOT_LET_IN && location.pathname !== DOOR) location.assign(DOOR)
      const wantsPerson = response.headers.get('olla-wants') === 'person'
      if (wantsPerson) personWanted.value = true
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
        wantsPerson,
      )
    }
    // Read to its end here, so that an answer that breaks off is lost like one that never came.
    const whole = await response.arrayBuffer()
    return new Response(whole.byteLength ? whole : null, response)
  } catch (failure) {
    if (failure instanceof Problem) throw failure
    // The network may be lost in the moment an answer is given up: the first to know must not decide what is said.
    extras.signal?.throwIfAborted()
    throw new Problem(0, t('ui.client.the-kitchen-computer-does-not'))
  }
}

/** The same for what is not described call by call: what waits in the outbox, a photo, a file. Reads the answer. */
export async function send<T>(
  method: string,
  path: string,
  body: BodyInit | null,
  type: string,
  extras: Extras = {},
): Promise<T> {
  const response = await exchange(method, path, body, type, extras)
  return response.status === EMPTY ? (undefined as T) : await response.json()
}

/** The server's API as its own description has it: a path, a field or a type that is not there does not build. */
const server = createClient<paths>({
  baseUrl: location.origin,
  fetch: async (request) => {
    const { pathname, search } = new URL(request.url)
    const version = request.headers.get('if-match')
    return exchange(request.method, pathname + search, (await request.text()) || null, 'application/json', {
      signal: request.signal,
      ...(version === null ? {} : { version }),
    })
  },
})

/** What was answered; whatever was refused has been thrown by then. */
const said = async <T>(answer: Promise<{ data?: T }>): Promise<T> => (await answer).data as T

/** The version of what is changed, as it was answered: whoever changed it meanwhile is told. */
const ifMatch = (version: number | undefined) =>
  version === undefined ? {} : { headers: { 'If-Match': `"${version}"` } }

const withSignal = (signal: AbortSignal | undefined) => (signal ? { signal } : {})

/** Asks what changes nothing; asked again a few times where a busy kitchen puts it off. */
async function ask<T>(call: () => Promise<{ data?: T }>, signal?: AbortSignal): Promise<T> {
  for (let turn = 1; ; turn++) {
    try {
      return await said(call())
    } catch (failure) {
      if (!(failure instanceof Problem) || failure.againAfterS === null || turn === TURNS) throw failure
      await promiseTimeout(turn * 1000 * failure.againAfterS)
      signal?.throwIfAborted()
    }
  }
}

const of = (id: string) => ({ params: { path: { id } } })
const ofOven = (oven: Oven) => ({ params: { path: { id: oven.id } } })

/** The server's API, call by call. Every call throws a {@link Problem} where it is refused. */
export const api = {
  catalogue: () => said(server.GET('/api/catalogue')),
  ovens: () => said(server.GET('/api/ovens')),
  putOvenAway: (oven: Oven) =>
    said(server.PUT('/api/ovens/{id}/away', { ...ofOven(oven), ...ifMatch(oven.version) })),
  takeOvenOut: (oven: Oven) => said(server.DELETE('/api/ovens/{id}/away', ofOven(oven))),
  addOven: (name: string, kind: Oven['kind']) => said(server.POST('/api/ovens', { body: { name, kind } })),
  kitchen: () => said(server.GET('/api/kitchen')),
  noteFish: ({ id, ...body }: OwnFish) => said(server.PUT('/api/kitchen/fish/{id}', { ...of(id), body })),
  strikeFish: (id: string) => said(server.DELETE('/api/kitchen/fish/{id}', of(id))),
  noteVessel: ({ id, ...body }: OwnVessel) =>
    said(server.PUT('/api/kitchen/vessels/{id}', { ...of(id), body })),
  strikeVessel: (id: string) => said(server.DELETE('/api/kitchen/vessels/{id}', of(id))),
  estimate: (body: Question, signal: AbortSignal) =>
    ask(() => server.POST('/api/estimates', { body, signal }), signal),
  along: (body: Question, signal: AbortSignal) =>
    ask(() => server.POST('/api/estimates/along', { body, signal }), signal),
  alternatives: (body: Question) => ask(() => server.POST('/api/alternatives', { body })),
  certainty: (question: Question, ovenId: number, signal: AbortSignal) =>
    ask(() => server.POST('/api/certainty', { body: { question, ovenId }, signal }), signal),
  tray: (dishes: Question[], signal: AbortSignal) =>
    ask(() => server.POST('/api/trays', { body: { dishes }, signal }), signal),
  recipes: () => said(server.GET('/api/recipes')),
  recipe: (id: string, pieces: number, signal?: AbortSignal) =>
    said(
      server.GET('/api/recipes/{id}', {
        params: { path: { id }, query: { pieces } },
        ...withSignal(signal),
      }),
    ),
  writeRecipe: (id: string, body: RecipeInput, version?: number) =>
    said(server.PUT('/api/recipes/{id}', { ...of(id), body, ...ifMatch(version) })),
  forgetRecipe: (id: string, version: number) =>
    said(server.DELETE('/api/recipes/{id}', { ...of(id), ...ifMatch(version) })),
  recipeFile: (id: string) => `/api/recipes/${id}/file`,
  takeRecipe: (id: string, text: string) =>
    send<RecipeView>('POST', `/api/recipes/${id}/file`, text, 'application/ld+json'),
  readLines: (lines: string[], pieces: number, signal?: AbortSignal) =>
    ask(() => server.POST('/api/ingredients', { body: { lines, pieces }, ...withSignal(signal) }), signal),
  shopping: (lines: Ingredient[]) => said(server.POST('/api/shopping', { body: { lines } })),
  counter: (body: CounterQuestion, signal: AbortSignal) =>
    ask(() => server.POST('/api/counter', { body, signal }), signal),
  me: () => said(server.GET('/api/me')),
  screens: () => said(server.GET('/api/screens')),
  invite: (id: string, role: Role, shared: boolean) =>
    said(server.PUT('/api/invitations/{id}', { ...of(id), body: { role, shared } })),
  people: () => said(server.GET('/api/people')),
  writePerson: ({ id, ...body }: Person, pin?: string) =>
    said(server.PUT('/api/people/{id}', { ...of(id), body: { ...body, ...(pin ? { pin } : {}) } })),
  removePerson: (id: string) => said(server.DELETE('/api/people/{id}', of(id))),
  signIn: (person: string, pin: string) => said(server.PUT('/api/me/person', { body: { person, pin } })),
  signOut: () => said(server.DELETE('/api/me/person')),
  letIn: (id: string, code: string, name: string) =>
    said(server.PUT('/api/screens/{id}', { ...of(id), body: { code, name } })),
  showOut: (id: string) => said(server.DELETE('/api/screens/{id}', of(id))),
  deviceKeys: () => said(server.GET('/api/device-keys')),
  giveKey: (id: string, device: string) =>
    said(server.PUT('/api/device-keys/{id}', { ...of(id), body: { device } })),
  takeKey: (id: string) => said(server.DELETE('/api/device-keys/{id}', of(id))),
  plates: () => said(server.GET('/api/plates')),
  running: () => said(server.GET('/api/bakes')),
  logged: (query: LogAsked, signal: AbortSignal) =>
    ask(() => server.GET('/api/log', { params: { query }, signal }), signal),
  logChoices: () => ask(() => server.GET('/api/log/choices')),
  loggedBake: (id: string, signal: AbortSignal) =>
    ask(() => server.GET('/api/log/{id}', { ...of(id), signal }), signal),
  taught: (signal: AbortSignal) => ask(() => server.GET('/api/log/taught', { signal }), signal),
  ovenTaught: (id: number, signal: AbortSignal) =>
    ask(() => server.GET('/api/ovens/{id}/taught', { params: { path: { id } }, signal }), signal),
  notes: () => said(server.GET('/api/notes')),
  writeNote: ({ id, ...body }: Pick<Note, 'id' | 'about' | 'of' | 'words'>) =>
    said(server.PUT('/api/notes/{id}', { ...of(id), body })),
  strikeNote: (id: string) => said(server.DELETE('/api/notes/{id}', of(id))),
  habits: (signal: AbortSignal) => ask(() => server.GET('/api/habits', { signal }), signal),
  believe: ({ about, of }: HabitFound, on: boolean) =>
    said(server.PUT('/api/habits', { body: { about, of, on } })),
  habitsTonight: (question: Question, signal: AbortSignal) =>
    ask(() => server.POST('/api/habits/tonight', { body: question, signal }), signal),
  testBakes: (id: number, reads: TestReads, air: boolean, signal: AbortSignal) =>
    ask(
      () =>
        server.GET('/api/ovens/{id}/test-bakes', { params: { path: { id }, query: { reads, air } }, signal }),
      signal,
    ),
  ovenChanged: ({ id, version }: OvenTaught, at: string) =>
    said(
      server.PUT('/api/ovens/{id}/changed', { params: { path: { id } }, body: { at }, ...ifMatch(version) }),
    ),
  ovenUnchanged: ({ id, version }: OvenTaught) =>
    said(server.DELETE('/api/ovens/{id}/changed', { params: { path: { id } }, ...ifMatch(version) })),
  bake: (id: string) => said(server.GET('/api/bakes/{id}', of(id))),
  inside: (id: string, signal: AbortSignal) =>
    ask(() => server.GET('/api/bakes/{id}/inside', { ...of(id), signal }), signal),
  rest: (id: string) => ask(() => server.GET('/api/bakes/{id}/rest', of(id))),
  devices: () => said(server.GET('/api/devices')),
  probe: (id: string, device: string) =>
    said(server.PUT('/api/bakes/{id}/probe', { ...of(id), body: { device } })),
  unprobe: (id: string) => said(server.DELETE('/api/bakes/{id}/probe', of(id))),
  describeOven: (oven: Oven, body: OvenWords) =>
    said(server.PUT('/api/ovens/{id}', { ...ofOven(oven), body, ...ifMatch(oven.version) })),
  evenings: (signal: AbortSignal) => ask(() => server.GET('/api/evenings', { signal }), signal),
  evening: (id: string, signal?: AbortSignal) =>
    ask(() => server.GET('/api/evenings/{id}', { ...of(id), signal }), signal),
  writeEvening: (id: string, body: EveningInput, version?: number) =>
    said(server.PUT('/api/evenings/{id}', { ...of(id), body, ...ifMatch(version) })),
  forgetEvening: (id: string, version: number) =>
    said(server.DELETE('/api/evenings/{id}', { ...of(id), ...ifMatch(version) })),
  moveEvening: (id: string, body: EveningMove) =>
    said(server.POST('/api/evenings/{id}/moves', { ...of(id), body })),
  unmoveEvening: (id: string, moveId: string) =>
    said(server.DELETE('/api/evenings/{id}/moves/{moveId}', { params: { path: { id, moveId } } })),
  stopSearch: (id: string) => said(server.DELETE('/api/evenings/{id}/search', of(id))),
  dials: (id: string, signal: AbortSignal) =>
    ask(() => server.GET('/api/evenings/{id}/dials', { ...of(id), signal }), signal),
  eveningShopping: (id: string) => said(server.GET('/api/evenings/{id}/shopping', of(id))),
  calendar: (id: string) => `/api/evenings/${id}/calendar`,
  archive: '/api/archive',
  logTable: '/api/log.csv',
  readingsTable: (id: string) => `/api/bakes/${id}/readings.csv`,
  lookIntoArchive: (file: File) =>
    send<ArchivePreview>('POST', '/api/archive/look', file, ZIP, { patience: ARCHIVE_MS }),
  takeArchive: (file: File, how: ArchiveHow) =>
    send<ArchivePreview>('POST', `/api/archive/take?how=${how}`, file, ZIP, { patience: ARCHIVE_MS }),
  practice: (signal: AbortSignal) => ask(() => server.GET('/api/practice', { signal }), signal),
  beginRound: (id: string, skill: Skill) =>
    said(server.PUT('/api/practice/rounds/{id}', { ...of(id), body: { skill } })),
  round: (id: string) => said(server.GET('/api/practice/rounds/{id}', of(id))),
  move: (id: string, number: number, kind: RoundMove, dish: number, minute: number) =>
    said(
      server.PUT('/api/practice/rounds/{id}/moves/{number}', {
        params: { path: { id, number } },
        body: { kind, dish, minute },
      }),
    ),
  answerRound: (id: string, body: { grade?: Score; mm?: number }) =>
    said(server.PUT('/api/practice/rounds/{id}/answer', { ...of(id), body })),
  photo: (id: string) => `/api/bakes/${id}/photo`,
  smallPhoto: (id: string) => `/api/bakes/${id}/photo/small`,
  keepPhoto: (id: string, file: File) => send<void>('PUT', `/api/bakes/${id}/photo`, file, file.type),
  dropPhoto: (id: string) => said(server.DELETE('/api/bakes/{id}/photo', of(id))),
}

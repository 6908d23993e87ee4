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
  Measured,
  Oven,
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
const GATEWAY = 502
const UNAVAILABLE = 503

/** What the server refused, or that it could not be reached (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly errors: FieldError[] = [],
  ) {
    super(message)
  }

  /** Whether the server has made up its mind; otherwise the same may work in a while. */
  get reachable() {
    return this.status !== 0 && this.status !== UNAVAILABLE && this.status !== GATEWAY
  }
}

function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  return send(method, path, body === undefined ? null : JSON.stringify(body), 'application/json')
}

/** Sends a body as it is and reads the answer. Throws a {@link Problem} where it is refused or nobody answers. */
export async function send<T>(method: string, path: string, body: BodyInit | null, type: string): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, { method, headers: body === null ? {} : { 'content-type': type }, body })
  } catch {
    throw new Problem(0, 'The kitchen computer does not answer. What you typed is kept.')
  }
  if (!response.ok) {
    const problem = await response.json().catch(() => ({}))
    const plain =
      response.status === TOO_LARGE ? 'This is larger than 64 KB, which is too large.' : 'That did not work.'
    throw new Problem(response.status, problem.detail ?? plain, problem.errors ?? [])
  }
  return response.status === 204 ? (undefined as T) : await response.json()
}

/** The server's API, call by call. Every call throws a {@link Problem} where it is refused. */
export const api = {
  catalogue: () => call<Catalogue>('GET', '/api/catalogue'),
  ovens: () => call<Oven[]>('GET', '/api/ovens'),
  addOven: (name: string, kind: Oven['kind']) => call<Oven>('POST', '/api/ovens', { name, kind }),
  estimate: (question: Question) => call<Answer>('POST', '/api/estimates', question),
  alternatives: (question: Question) => call<Alternatives>('POST', '/api/alternatives', question),
  certainty: (question: Question, ovenId: number) =>
    call<Certainty>('POST', '/api/certainty', { question, ovenId }),
  tray: (dishes: Question[]) => call<DishTurn[]>('POST', '/api/trays', { dishes }),
  recipes: () => call<RecipeView[]>('GET', '/api/recipes'),
  recipe: (id: string, pieces: number) => call<RecipeView>('GET', `/api/recipes/${id}?pieces=${pieces}`),
  writeRecipe: (id: string, recipe: RecipeInput) => call<RecipeView>('PUT', `/api/recipes/${id}`, recipe),
  forgetRecipe: (id: string) => call<void>('DELETE', `/api/recipes/${id}`),
  recipeFile: (id: string) => `/api/recipes/${id}/file`,
  takeRecipe: (id: string, text: string) =>
    send<RecipeView>('POST', `/api/recipes/${id}/file`, text, 'application/ld+json'),
  shopping: (lines: Ingredient[], spoons: boolean) =>
    call<ShoppingList>('POST', '/api/shopping', { lines, spoons }),
  counter: (found: CounterQuestion) => call<CounterAnswer>('POST', '/api/counter', found),
  running: () => call<Bake[]>('GET', '/api/bakes?which=RUNNING'),
  logged: () => call<Bake[]>('GET', '/api/bakes?which=LOGGED'),
  bake: (id: string) => call<Bake>('GET', `/api/bakes/${id}`),
  putIn: (id: string, title: string, ovenId: number, question: Question) =>
    call<Bake>('POST', '/api/bakes', { id, title, ovenId, question }),
  inside: (id: string) => call<Inside>('GET', `/api/bakes/${id}/inside`),
  rest: (id: string) => call<Answer>('GET', `/api/bakes/${id}/rest`),
  devices: () => call<Measured[]>('GET', '/api/devices'),
  probe: (id: string, device: string) => call<Bake>('PUT', `/api/bakes/${id}/probe`, { device }),
  unprobe: (id: string) => call<Bake>('DELETE', `/api/bakes/${id}/probe`),
  sensor: (oven: number, device: string | null) =>
    call<Oven>('PUT', `/api/ovens/${oven}/sensor`, device === null ? {} : { device }),
  photo: (id: string) => `/api/bakes/${id}/photo`,
  keepPhoto: (id: string, file: File) => send<void>('PUT', `/api/bakes/${id}/photo`, file, file.type),
  dropPhoto: (id: string) => call<void>('DELETE', `/api/bakes/${id}/photo`),
}

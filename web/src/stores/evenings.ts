import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import { newId } from '../api/id'
import type {
  AtDial,
  EveningInput,
  EveningLine,
  EveningMove,
  EveningView,
  SheetDish,
  SheetStep,
} from '../api/types'
import { latest } from '../composables/latest'
import { counting, soFar, type Waiting } from './onTheWay'
import { useRunning } from './running'

const MS_A_MINUTE = 60_000
/** While a sheet is worked out it is asked for so often, ms. */
const ASK_MS = 700
/** From how long before it is served until how long after an evening is on, minutes. */
const ON_BEFORE_MIN = 420
const ON_AFTER_MIN = 180
const NEXT_STEPS = 3
const GONE = 404
/** A move that reached nobody is sent again after so long, ms. */
const AGAIN_MS = 2500

/** What can be taken back: how the evening was typed before, or a move. */
type Undo = { before: EveningInput } | { move: string }

/** The evenings of this kitchen, and the one that is looked at. The server keeps and plans them; this keeps a copy. */
export const useEvenings = defineStore('evenings', () => {
  const running = useRunning()
  const lines = ref<EveningLine[]>([])
  const loaded = ref(false)
  const id = useLocalStorage<string | null>('olla.evening', null)
  const view = ref<EveningView | null>(null)
  const dials = ref<AtDial[]>([])
  const trouble = ref<string | null>(null)
  /** Fields that the server refused, by its own names. */
  const refused = ref<Record<string, string>>({})
  const undos = ref<Undo[]>([])
  /** Moves that nobody has answered yet, and what of them is taken back: in turn, kept until somebody has, each under its one id. */
  const waiting = useLocalStorage<Waiting[]>('olla.moves', [])

  function failed(failure: unknown) {
    if (!(failure instanceof Problem)) throw failure
    trouble.value = failure.message
    refused.value = Object.fromEntries(failure.errors.map((e) => [e.field, e.message]))
  }

  /** Somebody has thrown it away meanwhile: another is shown. */
  function lost(problem: Problem) {
    if (problem.status !== GONE) return failed(problem)
    id.value = null
    void list()
  }

  const list = latest(async (signal) => {
    lines.value = await api.evenings(signal)
    if (!lines.value.some((line) => line.id === id.value)) {
      const next = lines.value.find((line) => Date.parse(line.serveAt) > running.now) ?? lines.value.at(-1)
      id.value = next?.id ?? null
    }
    loaded.value = true
  }, failed)

  let timer: ReturnType<typeof setTimeout> | undefined
  const ask = latest(async (signal) => {
    const wanted = id.value
    if (!wanted) {
      view.value = null
      return
    }
    take(await api.evening(wanted, signal))
  }, lost)

  /**
   * Shows an evening, unless a later state of it is shown; one that is still worked out is asked for again.
   *
   * @param typed whether what is typed here and not written yet stays, with the version that it was typed upon
   */
  function take(next: EveningView, typed = unwritten > 0) {
    if (next.id !== id.value) return
    const had = view.value
    if (had?.id === next.id && had.revision > next.revision) return
    view.value = typed && had?.id === next.id ? { ...next, evening: had.evening, version: had.version } : next
    clearTimeout(timer)
    if (next.searching || next.making || !next.sheet) timer = setTimeout(() => void ask(), ASK_MS)
  }

  const askDials = latest(async (signal) => {
    dials.value = id.value ? await api.dials(id.value, signal) : []
  })

  watch(id, (now) => {
    if (view.value?.id === now) return
    view.value = null
    undos.value = []
    void ask()
  })
  watch(
    () =>
      [id.value, view.value?.version, view.value?.making === undefined, view.value?.found.join()] as const,
    () => {
      if (view.value && !view.value.making) void askDials()
    },
  )
  watch(
    () => running.eveningNews,
    (ids) => {
      if (!ids.length || (id.value && ids.includes(id.value))) void ask()
    },
  )

  async function open() {
    await list()
    await ask()
    if (waiting.value.length) void flush()
  }

  let unwritten = 0
  let writing = Promise.resolve()
  /** What was typed upon what is refused is not written either. */
  let refusals = 0

  /** Writes the evening anew, as somebody typed it: shown at once, and one after the other, each over the answer to that before it. */
  function write(input: EveningInput, undoable = true) {
    const of = view.value
    if (!of) return Promise.resolve()
    const since = refusals
    view.value = { ...of, evening: input }
    unwritten++
    writing = writing
      .then(() => (since === refusals ? put(of, input, undoable) : undefined))
      .finally(() => unwritten--)
    return writing
  }

  /** The version of an evening that is written over: the last one known, where it is still the one that is shown. */
  const versionOf = (of: EveningView) => (view.value?.id === of.id ? view.value.version : of.version)

  async function put(of: EveningView, input: EveningInput, undoable: boolean) {
    try {
      const written = await api.writeEvening(of.id, input, versionOf(of))
      trouble.value = null
      refused.value = {}
      if (undoable) undos.value.push({ before: of.evening })
      if (view.value?.id === of.id) view.value = { ...view.value, version: written.version }
      take(written, unwritten > 1)
      void list()
    } catch (failure) {
      refusals++
      failed(failure)
      try {
        take(await api.evening(of.id), false)
      } catch (gone) {
        if (gone instanceof Problem) lost(gone)
      }
    }
  }

  /** Changes some of it. */
  const change = (part: Partial<EveningInput>) =>
    view.value ? write({ ...view.value.evening, ...part }) : Promise.resolve()

  /** A new evening, shown once it is written: asked for before, it would not be there. */
  async function begin(input: EveningInput) {
    const fresh = newId()
    try {
      const written = await api.writeEvening(fresh, input)
      trouble.value = null
      refused.value = {}
      id.value = fresh
      undos.value = []
      view.value = null
      take(written)
      void list()
    } catch (failure) {
      failed(failure)
    }
  }

  /** Throws the evening away as it is shown: once what was typed is written, and not where that is refused. */
  async function forget() {
    const of = view.value
    if (!of) return
    const since = refusals
    await writing
    if (since !== refusals) return
    try {
      await api.forgetEvening(of.id, versionOf(of))
      id.value = null
      await list()
    } catch (failure) {
      failed(failure)
    }
  }

  /** Does something to the sheet; what reaches nobody now is sent again until it does. */
  function move(kind: EveningMove['kind'], step: string, at?: Date, bakeId?: string) {
    if (!id.value) return Promise.resolve()
    const one: EveningMove = {
      id: newId(),
      kind,
      step,
      at: (at ?? new Date(running.now)).toISOString(),
      ...(bakeId === undefined ? {} : { bakeId }),
    }
    waiting.value = [...waiting.value, { evening: id.value, move: one }]
    undos.value.push({ move: one.id })
    return flush()
  }

  let busy = false
  let sent = Promise.resolve()
  function flush(): Promise<void> {
    if (!busy) sent = send()
    return sent
  }
  async function send(): Promise<void> {
    busy = true
    try {
      for (let next = waiting.value[0]; next; next = waiting.value[0]) {
        try {
          take(
            await ('move' in next
              ? api.moveEvening(next.evening, next.move)
              : api.unmoveEvening(next.evening, next.unmove)),
          )
          trouble.value = null
        } catch (failure) {
          failed(failure)
          if (failure instanceof Problem && !failure.reachable) {
            setTimeout(() => void flush(), AGAIN_MS)
            return
          }
        }
        waiting.value = waiting.value.slice(1)
      }
    } finally {
      busy = false
    }
  }

  /** Takes the last thing back. */
  async function undo() {
    const last = undos.value.pop()
    if (!last || !id.value) return
    try {
      if ('before' in last) await write(last.before, false)
      else await unmove(last.move)
    } catch (failure) {
      failed(failure)
    }
  }

  /** Takes a certain move back, the pin of a step: behind the move itself where that is still on its way. */
  function unmove(moveId: string) {
    if (!id.value) return Promise.resolve()
    waiting.value = [...waiting.value, { evening: id.value, unmove: moveId }]
    return flush()
  }

  const serveAt = computed(() => Date.parse(view.value?.evening.serveAt ?? '') || 0)
  /** When a minute of the evening is. */
  const moment = (minute: number) => new Date(serveAt.value + minute * MS_A_MINUTE)
  /** Which minute of the evening it is. */
  // In quarters: a sheet that is drawn anew at every tick keeps a phone drawing all evening.
  const nowMin = computed(() => Math.floor((4 * (running.now - serveAt.value)) / MS_A_MINUTE) / 4)

  const here = computed(() => waiting.value.filter((w) => w.evening === id.value))
  const drawn = computed(() =>
    view.value
      ? soFar(view.value, here.value, (at) => (Date.parse(at) - serveAt.value) / MS_A_MINUTE)
      : { steps: [], dishes: [] },
  )
  /** What the hands do, in order, as it is with what was done here and has not arrived yet. */
  const steps = computed<SheetStep[]>(() => drawn.value.steps)
  /** The dishes likewise. */
  const dishes = computed<SheetDish[]>(() => drawn.value.dishes)
  /** What was done, for undoing, likewise. */
  const moves = computed<EveningMove[]>(() => counting(view.value?.moves ?? [], here.value))

  /** What is read aloud: hands, an oven to be set, what is taken out of the fridge; that something cooks or rests is no step. */
  const told = computed(() => steps.value.filter((s) => s.kind !== 'COOK' && s.kind !== 'REST'))

  /** The next three things of an evening that is on: what is set, taken out or done by hand. */
  const next = computed<SheetStep[]>(() =>
    nowMin.value > -ON_BEFORE_MIN && nowMin.value < ON_AFTER_MIN ? told.value.slice(0, NEXT_STEPS) : [],
  )

  return {
    lines,
    loaded,
    id,
    view,
    dials,
    trouble,
    refused,
    undos,
    serveAt,
    nowMin,
    steps,
    dishes,
    moves,
    told,
    next,
    moment,
    open,
    change,
    begin,
    forget,
    move,
    undo,
    unmove,
  }
})

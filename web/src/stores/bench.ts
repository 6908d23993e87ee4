import { t } from '../messages/say'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Problem } from '../api/client'
import type {
  Answer,
  Catalogue,
  Certainty,
  Cut,
  Doneness,
  Dressed,
  DressKind,
  Filling,
  Kept,
  Oven,
  OwnFish,
  Parasites,
  Question,
  Shelf,
  StageInput,
  StageSpan,
  Stance,
  StuffingOf,
  Topping,
} from '../api/types'
import { without } from '../api/without'
import { useHabitsOf } from './benchHabits'
import { isShared, wayOf, type Way } from './layers'
import { CUTS, DRESS_BUTTONS, DRESSES } from '../messages/labels'
import { reader } from '../messages/asked'
import { latest } from '../composables/latest'
import { useUnits } from '../messages/units'

/** What lies on the bench. Null for what nobody has measured. */
export interface OnBench {
  species: string
  /** A fish that is not in the catalogue; its closest relation is the species. */
  own: Own | null
  /** By which of its other names it was found; null where by its own. */
  calledAs: string | null
  cut: Cut
  thicknessMm: number | null
  massG: number | null
  lengthMm: number | null
  /** What was measured of each cut; another cut is another piece. */
  measured: Partial<Record<Cut, Measures>>
  startTempC: number
  frozen: boolean
  stance: Stance
  filling: Filling
  /** Stuffing in each, g. */
  fillingG: number | null
  fillingKept: Kept
  fillingOf: StuffingOf
  pieces: number
  dress: DressKind
  /** What was said of the dish whatever it starts from: vessel, bed, liquid; what was not is as usual. */
  laid: Way
  /** What was said of each kind for itself. */
  ways: Partial<Record<DressKind, Way>>
  ovenId: number | null
  shelf: Shelf
  tempC: number
  /** The cook's own stages; null for the usual ones of the dress. */
  stages: StageInput[] | null
  /** How long it rests after the usual stages, min; null as the dress wants it. */
  rest: number | null
  /** A recipe's stages, whose words the usual ones take over; null where there are none. */
  told: StageInput[] | null
  /** A layer was changed, and the cook's own stages have not been fitted to it yet. */
  fit: boolean
  doneness: Doneness
  /** A guest is pregnant, very young, old or ill. */
  atRisk: boolean
  parasites: Parasites
}

/** Stages that a change of a layer left out, or put in. */
export type Refitted = Record<'dropped' | 'put', StageInput[]>

/** What is known of a fish that is not in the catalogue. */
export type Own = Pick<OwnFish, 'name' | 'build' | 'fatPercent'>

/** The fish of one's own in a question; null where there is none. */
function ownOf({ piece }: Question): Own | null {
  const { ownName: name, build, fatPercent } = piece
  return name === undefined || build === undefined || fatPercent === undefined
    ? null
    : { name, build, fatPercent }
}

/** What is measured of a piece; null for what nobody has. */
export type Measures = Pick<OnBench, 'thicknessMm' | 'massG' | 'lengthMm'>

/** A sensible fish, so that the first screen answers something. */
const FIRST: OnBench = {
  species: 'zander',
  own: null,
  calledAs: null,
  cut: 'PORTION',
  thicknessMm: 26,
  massG: 165,
  lengthMm: null,
  measured: {},
  startTempC: 8,
  frozen: false,
  stance: 'LYING',
  filling: 'NONE',
  fillingG: null,
  fillingKept: 'MIXED',
  fillingOf: 'BREAD',
  pieces: 4,
  dress: 'OPEN_TRAY',
  laid: {},
  ways: {},
  ovenId: null,
  shelf: 'MIDDLE',
  tempC: 230,
  stages: null,
  rest: null,
  told: null,
  fit: false,
  doneness: 'FLAKES',
  atRisk: false,
  parasites: 'UNKNOWN',
}

/** What the usual programme is made from: the dial, the rest, and what a recipe says of what goes on. */
function usualStages({ told, tempC, rest }: OnBench): StageInput[] {
  if (!told) return resting([{ stage: 'BAKE', tempC }], rest)
  const stages = told.map((s) =>
    s.stage === 'BAKE'
      ? { stage: 'BAKE' as const, tempC, ...(s.note === undefined ? {} : { note: s.note }) }
      : s,
  )
  return resting(stages, rest)
}

/** The stages with this rest at their end, min; null as the dress wants it. */
function resting(stages: StageInput[], rest: number | null): StageInput[] {
  const last: StageInput = stages.find((s) => s.stage === 'REST') ?? { stage: 'REST' }
  const plain = without(last, 'minutes')
  return [...stages.filter((s) => s.stage !== 'REST'), rest === null ? plain : { ...plain, minutes: rest }]
}

/** How long stages rest, min; null as the dress wants it, and 0 where they go to the table at once. */
function restOf(stages: StageInput[]): number | null {
  const last = stages.find((s) => s.stage === 'REST')
  return last ? (last.minutes ?? null) : 0
}

/** The layer that a kind is about: its questions open with it. */
const ITS_LAYER: Record<DressKind, string | null> = {
  OPEN_TRAY: null,
  TOPPING: 'on:0',
  BREADED: 'coat',
  PARCHMENT: 'cover',
  FOIL: 'cover',
  SALT_CRUST: 'cover',
  TRAY_BAKE: 'bed',
}

const MOST_UNDO = 100
const AT_PULL_MIN = 0.05
/** Moves of the same thing within this count as one for undo, as when an edge is dragged, ms. */
const ONE_MOVE_MS = 700

/** A stage of the answer as it is asked for: what was solved stays open. */
export function asked(span: StageSpan): StageInput {
  const minutes = Math.round((span.toMin - span.fromMin) * 100) / 100
  const note = span.note === undefined ? {} : { note: span.note }
  switch (span.stage) {
    case 'BAKE':
      return {
        stage: 'BAKE',
        tempC: span.tempC!,
        ...(span.share === undefined ? {} : { share: span.share }),
        ...(span.untilC === undefined ? {} : { untilC: span.untilC }),
        ...(span.open || span.untilC !== undefined ? {} : { minutes }),
        ...note,
      }
    case 'ADD':
      return { stage: 'ADD', what: span.what!, ...note }
    case 'TURN':
    case 'UNCOVER':
      return { stage: span.stage, ...note }
    default:
      return {
        stage: span.stage,
        minutes,
        ...(span.underMm === undefined ? {} : { underMm: span.underMm }),
        ...note,
      }
  }
}

const stuffing = ({ fillingG, fillingKept, fillingOf }: OnBench) => ({
  ...(fillingG === null ? {} : { fillingG }),
  fillingKept,
  fillingOf,
})

/** The bench: what lies on it, the answer, and the way back. */
export const useBench = defineStore('bench', () => {
  const on = useLocalStorage<OnBench>('olla.bench', { ...FIRST }, { mergeDefaults: true })
  const catalogue = ref<Catalogue | null>(null)
  /** All that this kitchen has had. */
  const allOvens = ref<Oven[]>([])
  const ovens = computed(() => allOvens.value.filter((o) => !o.away))
  const units = useUnits()
  const answer = ref<Answer | null>(null)
  const problem = ref<Problem | null>(null)
  const minute = ref(0)
  const past: OnBench[] = []
  let lastMove = 0
  let gesture: 'NONE' | 'BEGUN' | 'MOVING' = 'NONE'
  let lastField: string | undefined

  /** What the server holds a field to; nothing is known here by itself. */
  const limits = computed(() => catalogue.value?.limits)
  const species = computed(() => catalogue.value?.species.find((s) => s.key === on.value.species))
  const cut = computed(() => catalogue.value?.cuts.find((c) => c.cut === on.value.cut))
  const oven = computed(() => ovens.value.find((o) => o.id === on.value.ovenId) ?? ovens.value[0])
  /** The word for flesh as warm as this, °C. */
  const bandAt = (celsius: number) =>
    [...(catalogue.value?.bands ?? [])].reverse().find((band) => celsius >= band.fromC)
  const stands = computed(() => cut.value?.stands ?? false)
  const endMinute = computed(() => (answer.value ? answer.value.bakeMinutes + answer.value.restMinutes : 0))
  const title = computed(() => {
    const name = on.value.own?.name ?? species.value?.marketName ?? ''
    const piece =
      on.value.cut === 'WHOLE'
        ? t('ui.bench.whole', { fish: name.toLowerCase() })
        : `${name} ${CUTS[on.value.cut].toLowerCase()}`
    return `${piece}, ${DRESSES[on.value.dress]}`
  })

  const way = computed<Way>(() => wayOf(on.value.dress, on.value.laid, on.value.ways[on.value.dress]))
  /** Which layer's questions are open; null for none. */
  const layer = ref<string | null>(null)
  /** The stages that the last change of a layer left out of the cook's own, or put in. */
  const refitted = ref<Refitted>({ dropped: [], put: [] })
  const plain = computed<Question | null>(() => {
    if (!oven.value) return null
    const { thicknessMm, massG, lengthMm, startTempC } = on.value
    return {
      piece: {
        species: on.value.species,
        ...(on.value.own
          ? {
              ownName: on.value.own.name,
              build: on.value.own.build,
              fatPercent: on.value.own.fatPercent,
            }
          : {}),
        cut: on.value.cut,
        ...(thicknessMm === null ? {} : { thicknessMm }),
        ...(massG === null ? {} : { massG }),
        ...(lengthMm === null ? {} : { lengthMm }),
        startTempC,
        frozen: on.value.frozen,
        orientation: stands.value ? on.value.stance : 'LYING',
        filling: on.value.filling,
        ...(on.value.filling === 'STUFFING' ? stuffing(on.value) : {}),
      },
      dress: { ...way.value, kind: on.value.dress },
      oven: {
        kind: oven.value.kind,
        calibration: oven.value.calibration,
        ...(on.value.shelf === 'MIDDLE' ? {} : { shelf: on.value.shelf }),
      },
      programme: on.value.stages ?? usualStages(on.value),
      usual: on.value.stages === null,
      ...(on.value.stages && on.value.fit ? { fit: true } : {}),
      doneness: on.value.doneness,
      pieces: on.value.pieces,
      atRisk: on.value.atRisk,
      parasites: on.value.parasites,
    }
  })
  const { habits, ask: askHabits } = useHabitsOf(() => plain.value)
  const question = computed<Question | null>(() =>
    plain.value && habits.value?.parts?.length ? { ...plain.value, habits: habits.value } : plain.value,
  )

  const target = (doneness: Doneness) => catalogue.value?.targets.find((t) => t.doneness === doneness)
  /** Whether a target may be chosen as things stand; under-done fish needs its answer on parasites first. */
  const offered = (doneness: Doneness) => {
    const t = target(doneness)
    if (!t) return true
    if (on.value.atRisk && t.belowOfficial) return false
    return !t.underDone || on.value.parasites !== 'UNKNOWN' || !(species.value?.freezeFirst ?? true)
  }

  /** Another fish: nothing is vouched for yet. */
  function setSpecies(key: string, own: Own | null = null, calledAs: string | null = null) {
    const freezeFirst = catalogue.value?.species.find((s) => s.key === key)?.freezeFirst ?? true
    const underDone = target(on.value.doneness)?.underDone && freezeFirst
    change({
      species: key,
      own,
      calledAs,
      parasites: 'UNKNOWN',
      ...(underDone ? { doneness: 'FLAKES' } : {}),
    })
  }

  /** Guests at risk get the official minimum and nothing below it. */
  function setAtRisk(atRisk: boolean) {
    change({ atRisk, ...(atRisk ? { doneness: 'OFFICIAL' } : {}) })
  }

  /**
   * Answers questions of the dish; null for one that is not answered any more. The cook's own stages stay as far as they go
   * with it.
   *
   * @param as what it starts from now
   */
  function say(what: { [F in keyof Way]?: Way[F] | null | undefined }, as = on.value.dress) {
    const laid = { ...on.value.laid }
    const own = { ...on.value.ways[as] }
    for (const [name, value] of Object.entries(what)) {
      const field = name as keyof Way
      delete own[field]
      if (isShared(as, field)) delete laid[field]
      if (value !== null && value !== undefined)
        Object.assign(isShared(as, field) ? laid : own, { [field]: value })
    }
    refitted.value = { dropped: [], put: [] }
    const fit = on.value.stages !== null
    change({ dress: as, laid, ways: { ...on.value.ways, [as]: own }, fit })
  }

  /** Lays toppings on it, from below to above: an open fish without any is bare. */
  function spread(toppings: Topping[]) {
    const open = on.value.dress === 'OPEN_TRAY' || on.value.dress === 'TOPPING'
    if (open && !toppings.length) return say({}, 'OPEN_TRAY')
    say(
      { toppings, mix: null, when: null, ...(open ? { depthMm: null } : {}) },
      open ? 'TOPPING' : on.value.dress,
    )
  }

  /** Starts from another kind, with its usual programme; what was laid under it, and in what, stays. */
  function setDress(dress: DressKind) {
    refitted.value = { dropped: [], put: [] }
    layer.value = ITS_LAYER[dress]
    change({ dress, stages: null, rest: null, told: null, fit: false })
  }

  /** How long it rests, min; null as the dress wants it. */
  const rest = computed(() => (on.value.stages ? restOf(on.value.stages) : (on.value.rest ?? null)))
  function setRest(minutes: number | null) {
    change(on.value.stages ? { stages: resting(on.value.stages, minutes) } : { rest: minutes })
  }

  /** What a cut is measured to be, or what it usually is where nobody has. */
  function usual(cut: Cut): Measures {
    if (cut === FIRST.cut) return { thicknessMm: FIRST.thicknessMm, massG: FIRST.massG, lengthMm: null }
    const entry = catalogue.value?.cuts.find((c) => c.cut === cut)
    return { thicknessMm: null, massG: entry?.usualMassG ?? null, lengthMm: null }
  }

  /** Another cut: what was measured of that one is there again, what was not is as usual. */
  function setCut(cut: Cut) {
    change({ cut, ...(on.value.measured[cut] ?? usual(cut)) })
  }

  /** Measures the piece that lies there. */
  function measure(what: Partial<Measures>) {
    const { thicknessMm, massG, lengthMm, measured, cut } = on.value
    change(what, { measured: { ...measured, [cut]: { thicknessMm, massG, lengthMm, ...what } } })
  }

  /** Turns the dial by so many of its steps; no further than it goes. */
  function hotter(steps: number) {
    const { coolestC = 90, hottestC = 300 } = catalogue.value?.limits ?? {}
    setDial(Math.min(hottestC, Math.max(coolestC, units.turned(on.value.tempC, steps))))
  }

  /** Makes the piece thicker by so many steps of the ruler. */
  function thicker(steps: number) {
    const from = on.value.thicknessMm ?? answer.value?.piece.thicknessMm
    if (from !== undefined) setThickness(from + steps * rulerMm())
  }

  const rulerMm = () => units.unit('length').to(units.unit('length').step)

  /** Sets the thickness to the ruler's nearest mark that such a piece can have, mm. */
  function setThickness(mm: number) {
    const { leastThicknessMm = 5, mostThicknessMm = 200 } =
      catalogue.value?.cuts.find((c) => c.cut === on.value.cut) ?? {}
    const mark = Math.round(mm / rulerMm()) * rulerMm()
    const thicknessMm = Math.min(mostThicknessMm, Math.max(leastThicknessMm, mark))
    if (thicknessMm !== on.value.thicknessMm) measure({ thicknessMm })
  }

  /** Sets the dial; stages of the cook's own all move with it. */
  function setDial(tempC: number) {
    const by = tempC - on.value.tempC
    const stages =
      on.value.stages?.map((s) => (s.tempC === undefined ? s : { ...s, tempC: s.tempC + by })) ?? null
    change({ tempC, stages })
  }

  /**
   * Changes something; the way back is kept.
   *
   * @param also what changes with it and is no move of its own
   */
  function change(what: Partial<OnBench>, also: Partial<OnBench> = {}) {
    const now = Date.now()
    const fields = Object.keys(what)
    const soon = fields.length === 1 && fields[0] === lastField && now - lastMove <= ONE_MOVE_MS
    const onward = gesture === 'NONE' ? soon : gesture === 'MOVING'
    if (gesture === 'BEGUN') gesture = 'MOVING'
    if (!onward) {
      past.push({ ...on.value })
      if (past.length > MOST_UNDO) past.shift()
    }
    lastMove = now
    lastField = fields.length === 1 ? fields[0] : undefined
    Object.assign(on.value, what, also)
  }

  /** All that comes until {@link endMove} is one move for undo, however slow the hand is, and no part of one before. */
  function beginMove() {
    gesture = 'BEGUN'
  }

  function endMove() {
    gesture = 'NONE'
    lastMove = 0
  }

  function undo() {
    refitted.value = { dropped: [], put: [] }
    const before = past.pop()
    if (before) Object.assign(on.value, before)
    lastMove = 0
  }

  /** What a field was refused for, by the end of the server's name for it. */
  function refusal(field: string): string | undefined {
    return problem.value?.errors.find((e) => e.field === field || e.field.endsWith(`.${field}`))?.message
  }

  function nextDress() {
    const at = DRESS_BUTTONS.indexOf(on.value.dress)
    setDress(DRESS_BUTTONS[(at + 1) % DRESS_BUTTONS.length]!)
  }

  const ask = latest(
    async (signal) => {
      if (!question.value) return
      const was = answer.value
      const asked = question.value
      answer.value = await api.estimate(asked, signal)
      problem.value = null
      // What was changed meanwhile is fitted by its own answer.
      if (asked === question.value) takeFitted(answer.value)
      // A hand that showed the pull goes on showing it; anywhere else it stays where the cook left it.
      const atPull = !was || Math.abs(minute.value - was.bakeMinutes) < AT_PULL_MIN
      minute.value = atPull ? answer.value.bakeMinutes : Math.min(minute.value, endMinute.value)
    },
    (refusal) => (problem.value = refusal),
  )

  /** The cook's own stages as they go with the layers: no move of its own, and asked for once. */
  function takeFitted({ fitted }: Answer) {
    if (!fitted || !on.value.fit) return
    refitted.value = { dropped: fitted.dropped, put: fitted.put }
    Object.assign(on.value, { stages: fitted.programme, fit: false })
  }

  /** How sure the answer is; asked once it is there, and of no other. */
  const sure = shallowRef<{ of: Question; certainty: Certainty } | null>(null)
  const certainty = computed(() => (sure.value?.of === question.value ? sure.value?.certainty : undefined))
  /** The ways of reckoning as last told; for a moment after a change they are of what was before it. */
  const rulesOfThumb = computed(() => sure.value?.certainty.rulesOfThumb ?? [])
  /** From when to look: at once from the answer, then as some hundreds of members have it. */
  const checkWindow = computed(() => {
    if (certainty.value?.window) return certainty.value.window
    const { checkFromMin, likelyMin, noLaterThanMin } = answer.value ?? {}
    if (checkFromMin === undefined || likelyMin === undefined || noLaterThanMin === undefined) return null
    return { checkFromMin, likelyMin, noLaterThanMin }
  })
  /* The answer stands without it; what was wrong with the question is said there. */
  const askSure = latest(async (signal) => {
    const of = question.value
    if (!of || !oven.value) return
    sure.value = { of, certainty: await api.certainty(of, oven.value.id, signal) }
  })
  watch(answer, () => void askSure())

  /** Lays a logged bake on the bench again. */
  function lay(past: Question, ovenId: number) {
    const fresh = catalogue.value?.limits
    const { kind, ...said } = past.dress
    change({
      species: past.piece.species,
      own: ownOf(past),
      calledAs: null,
      cut: past.piece.cut,
      thicknessMm: past.piece.thicknessMm ?? null,
      massG: past.piece.massG ?? null,
      lengthMm: past.piece.lengthMm ?? null,
      measured: {},
      startTempC:
        past.piece.startTempC ?? (past.piece.frozen ? fresh?.freezerC : fresh?.outC) ?? FIRST.startTempC,
      frozen: past.piece.frozen ?? false,
      stance: past.piece.orientation ?? 'LYING',
      filling: past.piece.filling ?? 'NONE',
      fillingG: past.piece.fillingG ?? null,
      fillingKept: past.piece.fillingKept ?? 'MIXED',
      fillingOf: past.piece.fillingOf ?? 'BREAD',
      pieces: past.pieces ?? 1,
      ovenId,
      shelf: past.oven.shelf ?? 'MIDDLE',
      doneness: past.doneness ?? FIRST.doneness,
      atRisk: past.atRisk ?? false,
      parasites: past.parasites ?? 'UNKNOWN',
      ...dressed(kind, said, past.programme, past.usual ?? false),
      fit: past.fit ?? false,
    })
  }

  /** A dress with its programme, as it goes onto the bench. */
  function dressed(dress: DressKind, said: Way, programme: StageInput[], usual: boolean): Partial<OnBench> {
    const plain = usual || programme.every((s) => s.stage === 'REST' || (s.stage === 'BAKE' && !s.minutes))
    return {
      dress,
      laid: {},
      ways: { ...on.value.ways, [dress]: said },
      tempC: programme.find((s) => s.stage === 'BAKE')?.tempC ?? FIRST.tempC,
      stages: plain ? null : programme,
      rest: plain ? restOf(programme) : null,
      told: plain && programme.some((s) => s.note) ? programme : null,
      fit: false,
    }
  }

  /** Lays the dress and programme of a recipe on the bench, and leaves the fish as it is. */
  function dressAs(part: { dress: Dressed; programme: StageInput[]; usual?: boolean; doneness?: Doneness }) {
    const { kind, ...said } = part.dress
    change({
      ...dressed(kind, said, part.programme, part.usual ?? false),
      ...(part.doneness && offered(part.doneness) ? { doneness: part.doneness } : {}),
    })
  }

  async function open() {
    try {
      // What the log has taught of the ovens may have changed since; what fish there are has not.
      const fish = catalogue.value ?? api.catalogue()
      void askHabits()
      const kitchen = await api.ovens()
      catalogue.value = await fish
      if (JSON.stringify(kitchen) === JSON.stringify(allOvens.value)) return
      allOvens.value = kitchen
      stayWithAnOven()
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      problem.value = failure
    }
  }

  /* The one on the bench may have been put away. */
  function stayWithAnOven() {
    if (!ovens.value.some((o) => o.id === on.value.ovenId)) on.value.ovenId = ovens.value[0]?.id ?? null
  }

  /** Notes one more oven and takes it. */
  async function addOven(name: string, kind: Oven['kind']) {
    const oven = await api.addOven(name, kind)
    allOvens.value = [...allOvens.value, oven]
    change({ ovenId: oven.id })
  }

  /** Puts an oven away that is not used, or takes it out again. */
  async function putOvenAway(oven: Oven, away: boolean) {
    said(await (away ? api.putOvenAway(oven) : api.takeOvenOut(oven)))
    stayWithAnOven()
  }

  function said(oven: Oven) {
    allOvens.value = allOvens.value.map((o) => (o.id === oven.id ? oven : o))
  }

  /** Says how the oven on the bench keeps its heat; null for as its kind usually does. */
  async function describeFire(fallsCPerHour: number | null) {
    const chosen = oven.value!
    said(
      await api.describeOven(chosen, {
        ...(chosen.sensor === undefined ? {} : { device: chosen.sensor }),
        ...(fallsCPerHour === null ? {} : { fallsCPerHour }),
      }),
    )
  }

  watch(
    [question, reader],
    () => {
      // The members of what was before hold the processors that the answer wants.
      askSure.leave()
      void ask()
    },
    { immediate: true },
  )
  watch(reader, async () => {
    catalogue.value = null
    allOvens.value = []
    await open()
  })

  return {
    on,
    catalogue,
    limits,
    ovens,
    allOvens,
    answer,
    certainty,
    rulesOfThumb,
    checkWindow,
    problem,
    minute,
    species,
    cut,
    oven,
    endMinute,
    title,
    question,
    change,
    setCut,
    measure,
    setThickness,
    thicker,
    hotter,
    beginMove,
    endMove,
    undo,
    refusal,
    nextDress,
    way,
    bandAt,
    stands,
    say,
    spread,
    layer,
    refitted,
    setDress,
    rest,
    setRest,
    setDial,
    setSpecies,
    setAtRisk,
    offered,
    dressAs,
    lay,
    addOven,
    putOvenAway,
    describeFire,
    open,
  }
})

import type { EveningMove, EveningView, SheetDish, SheetStep } from '../api/types'

/** A move of an evening that nobody has answered yet, or that one is taken back. */
export type Waiting = { evening: string; move: EveningMove } | { evening: string; unmove: string }

/** What is before a dish goes in: over once it is in. */
const BEFORE_IN = ['PREPARE', 'DRESS', 'TEMPER', 'PUT_IN']
/** What it does in there: over once it is out. */
const IN_THERE = ['COOK', 'TOUCH', 'GRILL', 'LOOK']

/** The moves that count: those that the server knows and those that wait here, without what is taken back. */
export function counting(known: EveningMove[], waiting: Waiting[]): EveningMove[] {
  const back = new Set(waiting.map((w) => ('unmove' in w ? w.unmove : '')))
  const there = new Set(known.map((m) => m.id))
  const more = waiting.flatMap((w) => ('move' in w && !there.has(w.move.id) ? [w.move] : []))
  return [...known, ...more].filter((m) => !back.has(m.id))
}

/** What is drawn until what waits here has been answered. */
export interface SoFar {
  steps: SheetStep[]
  dishes: SheetDish[]
}

/**
 * An evening with what waits here: what was ticked, skipped, put in or taken out is over, a dish that was moved is there with all that
 * follows from it, and nothing else is planned anew.
 *
 * @param view as the server has it
 * @param waiting what waits for this evening
 * @param minuteOf the evening's minute of a moment
 */
export function soFar(view: EveningView, waiting: Waiting[], minuteOf: (at: string) => number): SoFar {
  const steps = view.sheet?.steps ?? []
  const dishes = view.sheet?.dishes ?? []
  if (!waiting.length) return { steps, dishes }
  const counts = counting(view.moves, waiting)
  const unanswered = counts.filter((m) => !view.moves.some((known) => known.id === m.id))
  const last = (kind: EveningMove['kind']) =>
    new Map(unanswered.filter((m) => m.kind === kind).map((m) => [m.step, m]))
  const pins = last('PINNED')
  const went = last('IN')
  const out = last('OUT')
  const notYet = last('NOT_YET')
  const settled = new Set([...last('DONE').keys(), ...last('SKIPPED').keys()])
  const byMin = new Map(
    dishes.map((dish) => {
      const to = dish.started ? undefined : (went.get(dish.key) ?? pins.get(`${dish.key}.PUT_IN`))
      return [dish.key, to ? minuteOf(to.at!) - dish.inMin : 0]
    }),
  )
  const over = ({ key, kind, dish = '' }: SheetStep) =>
    settled.has(key) ||
    (went.has(dish) && BEFORE_IN.includes(kind)) ||
    (out.has(dish) && IN_THERE.includes(kind))
  /** A dish takes along all that follows from its going in; what is before that stays, unless it was moved itself. */
  const shift = ({ key, kind, dish = '', fromMin, latestMin }: SheetStep) => {
    // Until somebody has reckoned when, at the end of its window.
    if (kind === 'LOOK' && notYet.has(dish)) return Math.max(0, latestMin - fromMin)
    if (kind === 'PUT_IN' || !BEFORE_IN.includes(kind)) return byMin.get(dish) ?? 0
    const own = pins.get(key)
    return own ? minuteOf(own.at!) - fromMin : 0
  }
  return {
    steps: steps
      .filter((step) => !over(step))
      .map((step) => ({
        ...step,
        fromMin: step.fromMin + shift(step),
        untilMin: step.untilMin + shift(step),
        pinned: counts.some((m) => m.kind === 'PINNED' && m.step === step.key),
      }))
      .sort((a, b) => a.fromMin - b.fromMin),
    dishes: dishes.map((dish) => {
      const by = byMin.get(dish.key)!
      return {
        ...dish,
        inMin: dish.inMin + by,
        checkFromMin: dish.checkFromMin + by,
        likelyMin: dish.likelyMin + by,
        noLaterThanMin: dish.noLaterThanMin + by,
        readyMin: dish.readyMin + by,
        started: dish.started || went.has(dish.key),
      }
    }),
  }
}

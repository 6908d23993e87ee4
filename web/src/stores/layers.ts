import { without } from '../api/without'
import type { Dressed, DressKind, StageInput, Topping } from '../api/types'

/** What is said of a dish besides the kind it starts from. */
export type Way = Omit<Dressed, 'kind'>

const VESSEL = ['vessel', 'vesselLengthMm', 'vesselWidthMm', 'preheatedC'] as const
const LIQUID = ['liquid', 'liquidMl', 'liquidHot'] as const
const BED = ['vegetables', 'bedMm', 'cutting', 'bedKept'] as const

/** What stays as it was said when the dish starts from another kind; all else each kind has for itself. */
const SHARED: Record<DressKind, readonly (keyof Way)[]> = {
  OPEN_TRAY: [...VESSEL, ...LIQUID, ...BED, 'finish', 'sides'],
  TOPPING: [...VESSEL, ...LIQUID, ...BED, 'finish', 'sides'],
  BREADED: [...VESSEL, 'sides'],
  PARCHMENT: [...VESSEL, ...LIQUID, ...BED, 'finish'],
  FOIL: [...VESSEL, ...LIQUID, ...BED, 'finish'],
  SALT_CRUST: VESSEL,
  TRAY_BAKE: [...VESSEL, ...LIQUID, 'finish'],
}

export const isShared = (kind: DressKind, field: keyof Way) => SHARED[kind].includes(field)

/** All that is said of a dish of a kind. */
export function wayOf(kind: DressKind, laid: Way, own: Way | undefined): Way {
  const shared = Object.fromEntries(
    SHARED[kind].filter((f) => laid[f] !== undefined).map((f) => [f, laid[f]]),
  )
  return { ...shared, ...own }
}

/** What is spread on the fish, from below to above; one may be said in fields of the dress itself. */
export function toppingsOf(kind: DressKind, way: Way): Topping[] {
  if (way.toppings?.length) return way.toppings
  if (kind !== 'TOPPING') return []
  const { mix, when, depthMm } = way
  return [
    {
      ...(mix === undefined ? {} : { mix }),
      ...(when === undefined ? {} : { when }),
      ...(depthMm === undefined ? {} : { depthMm }),
    },
  ]
}

/** What closes it, if anything does. */
export function isClosed(kind: DressKind, way: Way): boolean {
  return kind === 'PARCHMENT' || kind === 'FOIL' || kind === 'SALT_CRUST' || Boolean(way.lid)
}

/** How often a dish needs a moment in its programme; undefined where it may have any number of them. */
function needed(kind: DressKind, way: Way): Partial<Record<string, number>> {
  const later = toppingsOf(kind, way).map((t) => t.when ?? 'BEFORE')
  const bare = !isClosed(kind, way) && kind !== 'BREADED' && later.length === 0
  return {
    TOPPING: new Set(later.filter((when) => when !== 'BEFORE')).size,
    FISH: kind === 'TRAY_BAKE' ? 1 : 0,
    UNCOVER: way.opened && isClosed(kind, way) && kind !== 'SALT_CRUST' ? 1 : 0,
    ...(bare && way.finish === 'GLAZED' ? {} : { GLAZE: 0 }),
    ...(way.sides?.length ? {} : { SIDES: 0 }),
  }
}

const momentOf = (stage: StageInput): string => (stage.stage === 'ADD' ? stage.what! : stage.stage)
const asMoment = (name: string): StageInput =>
  name === 'UNCOVER' ? { stage: 'UNCOVER' } : { stage: 'ADD', what: name as NonNullable<StageInput['what']> }

/** The cook's own stages as far as they still go with the dish, and the moments that were left out of them or put in. */
export function refit(stages: StageInput[], kind: DressKind, way: Way) {
  const dropped: string[] = []
  const put: string[] = []
  let fitted = [...stages]
  for (const [name, most] of Object.entries(needed(kind, way)) as [string, number][]) {
    while (fitted.filter((s) => momentOf(s) === name).length > most) {
      fitted.splice(fitted.map(momentOf).lastIndexOf(name), 1)
      dropped.push(name)
    }
    while (fitted.filter((s) => momentOf(s) === name).length < most) {
      fitted = withMoment(fitted, name)
      put.push(name)
    }
  }
  return { stages: fitted, dropped, put }
}

/* What joins does so before the last bake or grill; where there is but one bake it is followed by another. */
function withMoment(stages: StageInput[], name: string): StageInput[] {
  const lasting = stages.map((s) => s.stage === 'BAKE' || s.stage === 'GRILL')
  const last = lasting.lastIndexOf(true)
  const moment = asMoment(name)
  if (name === 'FISH') return [{ ...stages[0]!, minutes: stages[0]!.minutes ?? 10 }, moment, ...stages]
  if (lasting.filter(Boolean).length > 1) return [...stages.slice(0, last), moment, ...stages.slice(last)]
  const bake = without(stages[last]!, 'share')
  return [...stages.slice(0, last + 1), moment, { ...bake, minutes: AFTER_MIN }, ...stages.slice(last + 1)]
}

/** What joined has so long, min. */
const AFTER_MIN = 3

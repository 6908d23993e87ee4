import type { Dressed, DressKind, Side, Topping } from '../api/types'

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
  TRAY_BAKE: [...VESSEL, ...LIQUID, 'finish', 'sides'],
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

/** What joins beside the fish; earlier versions said no more than of what. */
export const sidesOf = (way: Way): Side[] =>
  ((way.sides ?? []) as (Side | Side['of'])[]).map((side) => (typeof side === 'string' ? { of: side } : side))

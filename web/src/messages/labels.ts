import type {
  Cue,
  Cut,
  Doneness,
  Dressed,
  DressKind,
  Filling,
  Fold,
  Oven,
  School,
  StageSpan,
  Stance,
  TapKind,
  Verdict,
} from '../api/types'

type Of<K extends keyof Dressed> = NonNullable<Dressed[K]>

/** Names of the cuts, as asked for at a counter. */
export const CUTS: Record<Cut, string> = {
  WHOLE: 'Whole',
  SIDE: 'Side',
  FILLET: 'Fillet',
  PORTION: 'Portion',
  STEAK: 'Steak',
  STRIP: 'Strip',
  ROLL: 'Roll',
}

/** Names of the ways to dress a fish, short enough for a button. */
export const DRESSES: Record<DressKind, string> = {
  OPEN_TRAY: 'tray',
  TOPPING: 'topping',
  BREADED: 'breaded',
  PARCHMENT: 'paper',
  FOIL: 'foil',
  SALT_CRUST: 'salt',
  TRAY_BAKE: 'tray bake',
}

/** Those that have a button of their own, in the order of `d`. */
export const DRESS_BUTTONS: DressKind[] = [
  'OPEN_TRAY',
  'TOPPING',
  'PARCHMENT',
  'FOIL',
  'SALT_CRUST',
  'TRAY_BAKE',
]

/** What is on the face of an open piece. */
export const FINISHES: Record<Of<'finish'>, string> = {
  BARE: 'bare',
  OILED: 'oiled',
  GLAZED: 'glazed',
  MARINATED: 'marinated',
}

/** What an open piece lies on. */
export const UNDERLAYS: Record<Of<'underlay'>, string> = {
  NONE: 'the tray',
  CITRUS: 'citrus',
  PAN_SAUCE: 'wine, butter',
}

/** When a topping goes on. */
export const WHENS: Record<Of<'when'>, string> = {
  BEFORE: 'before',
  PART_WAY: 'part-way',
  AFTER: 'after',
}

/** How a sheet is closed. */
export const FOLDS: Record<Fold, string> = { HEART: 'heart', RECTANGLE: 'rectangle', SEAM_UP: 'seam up' }

/** Kinds of salt. */
export const SALTS: Record<Of<'salt'>, string> = { COARSE: 'coarse', FLAKE: 'flakes', FINE: 'fine' }

/** Sizes of eggs. */
export const EGGS: Record<Of<'eggs'>, string> = { SMALL: 'S', MEDIUM: 'M', LARGE: 'L', VERY_LARGE: 'XL' }

/** How a base is cut. */
export const CUTTINGS: Record<Of<'cutting'>, string> = {
  THIN_SLICES: 'thin slices',
  SLICES: 'slices',
  WEDGES: 'wedges',
}

/** What is inside a piece. */
export const FILLINGS: Record<Filling, string> = {
  NONE: 'nothing',
  AROMATICS: 'sprigs, citrus',
  STUFFING: 'a stuffing',
}

/** How a piece lies. */
export const STANCES: Record<Stance, string> = { LYING: 'on its side', STANDING: 'upright' }

/** Ways of reckoning a bake. */
export const WAYS: Record<School['way'], string> = {
  THICKNESS_RULE: 'by thickness',
  WEIGHT_RULE: 'by weight',
  MODERATE_OVEN: 'moderate oven',
  HEAT_MODEL: 'heat model',
  OVEN_LOG: "this oven's log",
}

/** Kinds of oven. */
export const OVEN_KINDS: Record<Oven['kind'], string> = {
  STILL: 'still',
  FAN: 'fan',
  WOOD: 'wood',
  CLOSED_BARBECUE: 'barbecue',
}

/** What tells the kinds of oven apart. */
export const OVEN_WORDS: Record<Oven['kind'], string> = {
  STILL: 'Still: top and bottom heat',
  FAN: 'Fan: air blown round',
  WOOD: 'Wood: a brick floor, falling heat',
  CLOSED_BARBECUE: 'Barbecue with its lid closed',
}

/** What can be added on the way. */
export const ADDED: Record<NonNullable<StageSpan['what']>, string> = {
  FISH: 'Fish on',
  TOPPING: 'Topping on',
  GLAZE: 'Glaze again',
  SIDES: 'Sides in',
}

/** Colours of a top. */
export const COLOURS = {
  PALE: 'pale',
  BLOND: 'blond',
  GOLD: 'gold',
  BROWN: 'brown',
  BURNT: 'burnt',
} as const

/** Names of the targets, short enough for a scale. */
export const TARGETS: Record<Doneness, string> = {
  BARELY_SET: 'set',
  JUST_OPAQUE: 'opaque',
  FLAKES: 'flakes',
  FIRM: 'firm',
  OFFICIAL: 'official',
}

/** The verdicts in a guest's words. */
export const VERDICTS: Record<Verdict, string> = { UNDER: 'Under', RIGHT: 'Just right', OVER: 'Over' }

/** The verdicts in the order they are offered. */
export const VERDICT_ORDER: Verdict[] = ['UNDER', 'RIGHT', 'OVER']

/** What can be seen or felt, and how it shows. */
export const CUES: Record<Cue, { name: string; look: string }> = {
  GLASSY: { name: 'Glassy', look: 'holds together' },
  JUST_OPAQUE: { name: 'Just opaque', look: 'a trace of gloss' },
  FLAKES_UNDER_PRESSURE: { name: 'Flakes when pressed', look: 'moist, gives way' },
  FLAKES_BY_ITSELF: { name: 'Falls apart', look: 'opaque right through' },
  KNIFE_COLD: { name: 'Tip cold', look: 'on the lip' },
  KNIFE_WARM: { name: 'Tip warm', look: 'on the lip' },
  KNIFE_HOT: { name: 'Tip hot', look: 'on the lip' },
  EYE_WHITE: { name: 'Eye white', look: 'and bulging' },
  FIN_PULLS: { name: 'Fin pulls out', look: 'the one on its back' },
  LEAVES_BONE: { name: 'Leaves the bone', look: 'white down to it' },
  WHITE_BEADS: { name: 'White beads', look: 'on top' },
  CRUST_HARD: { name: 'Crust hard', look: 'rings when tapped' },
}

/** What was tapped, as it is taken back. */
export const TAPS: Record<TapKind, string> = {
  HELD: 'it waits outside',
  IN: 'it went in',
  NOT_HOT: 'the oven was not hot',
  DOOR: 'the open door',
  DIAL: 'the dial',
  CUE: 'what you saw',
  READ: 'the reading',
  STEP: 'done',
  OUT: 'it is out',
  BACK: 'it went back in',
  TARGET: 'the lower target',
  NOT_SO: 'it was not so',
  CRACKED: 'it is cracked',
  PORTIONS: 'helpings',
  CHILLED: 'in the fridge',
  NONE_LEFT: 'nothing left',
  BINNED: 'thrown out',
  FORGOTTEN: 'closed as forgotten',
}

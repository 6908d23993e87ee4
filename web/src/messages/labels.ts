import { t } from './say'
import type {
  Cue,
  Cut,
  Doneness,
  Dressed,
  DressKind,
  Filling,
  Fold,
  Kept,
  Oven,
  Part,
  RuleOfThumb,
  Shelf,
  StageSpan,
  Stance,
  StuffingOf,
  TapKind,
  Verdict,
} from '../api/types'

type Of<K extends keyof Dressed> = NonNullable<Dressed[K]>

/** Names of the cuts, as asked for at a counter. */
export const CUTS: Record<Cut, string> = {
  WHOLE: t('label.cut.WHOLE'),
  SIDE: t('label.cut.SIDE'),
  FILLET: t('label.cut.FILLET'),
  PORTION: t('label.cut.PORTION'),
  STEAK: t('label.cut.STEAK'),
  STRIP: t('label.cut.STRIP'),
  ROLL: t('label.cut.ROLL'),
}

/** Names of the ways to dress a fish, short enough for a button. */
export const DRESSES: Record<DressKind, string> = {
  OPEN_TRAY: t('label.dresse.OPEN_TRAY'),
  TOPPING: t('label.dresse.TOPPING'),
  BREADED: t('label.dresse.BREADED'),
  PARCHMENT: t('label.dresse.PARCHMENT'),
  FOIL: t('label.dresse.FOIL'),
  SALT_CRUST: t('label.dresse.SALT_CRUST'),
  TRAY_BAKE: t('label.dresse.TRAY_BAKE'),
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
  BARE: t('label.finishe.BARE'),
  OILED: t('label.finishe.OILED'),
  GLAZED: t('label.finishe.GLAZED'),
  MARINATED: t('label.finishe.MARINATED'),
}

/** What it all stands in. */
export const VESSELS: Record<Of<'vessel'>, string> = {
  SHEET_TRAY: t('label.vessel.SHEET_TRAY'),
  STONEWARE: t('label.vessel.STONEWARE'),
  GLASS: t('label.vessel.GLASS'),
  CAST_PAN: t('label.vessel.CAST_PAN'),
  FOIL_BOAT: t('label.vessel.FOIL_BOAT'),
}

/** When a topping goes on. */
export const WHENS: Record<Of<'when'>, string> = {
  BEFORE: t('label.when.BEFORE'),
  PART_WAY: t('label.when.PART_WAY'),
  AFTER: t('label.when.AFTER'),
}

/** How a sheet is closed. */
export const FOLDS: Record<Fold, string> = {
  HEART: t('label.fold.HEART'),
  RECTANGLE: t('label.fold.RECTANGLE'),
  SEAM_UP: t('label.fold.SEAM_UP'),
}

/** Kinds of salt. */
export const SALTS: Record<Of<'salt'>, string> = {
  COARSE: t('label.salt.COARSE'),
  FLAKE: t('label.salt.FLAKE'),
  FINE: t('label.salt.FINE'),
}

/** Sizes of eggs. */
export const EGGS: Record<Of<'eggs'>, string> = {
  SMALL: t('label.egg.SMALL'),
  MEDIUM: t('label.egg.MEDIUM'),
  LARGE: t('label.egg.LARGE'),
  VERY_LARGE: t('label.egg.VERY_LARGE'),
}

/** How a base is cut. */
export const CUTTINGS: Record<Of<'cutting'>, string> = {
  THIN_SLICES: t('label.cutting.THIN_SLICES'),
  SLICES: t('label.cutting.SLICES'),
  WEDGES: t('label.cutting.WEDGES'),
}

/** Where a stuffing comes from. */
export const KEPT: Record<Kept, string> = {
  FRIDGE: t('label.kept.FRIDGE'),
  MIXED: t('label.kept.MIXED'),
  HOT: t('label.kept.HOT'),
}

/** What a breaded piece is dipped in. */
export const DIPS: Record<Of<'dip'>, string> = {
  EGG: t('label.dip.EGG'),
  MAYONNAISE: t('label.dip.MAYONNAISE'),
  BUTTER: t('label.dip.BUTTER'),
}

/** What can lie over a vessel. */
export const LIDS: Record<Of<'lid'> | 'NONE', string> = {
  NONE: t('label.lid.NONE'),
  FOIL: t('label.lid.FOIL'),
  PARCHMENT: t('label.lid.PARCHMENT'),
}

/** What a stuffing is of. */
export const STUFFINGS: Record<StuffingOf, string> = {
  BREAD: t('label.stuffing.BREAD'),
  SHELLFISH: t('label.stuffing.SHELLFISH'),
  EGG: t('label.stuffing.EGG'),
  VEGETABLES: t('label.stuffing.VEGETABLES'),
}

/** What of a dish something belongs to. */
export const PARTS: Record<Part, string> = {
  ON: t('label.part.ON'),
  FISH: t('label.part.FISH'),
  COAT: t('label.part.COAT'),
  FILLING: t('label.part.FILLING'),
  BED: t('label.part.BED'),
  LIQUID: t('label.part.LIQUID'),
  COVER: t('label.part.COVER'),
  BESIDE: t('label.part.BESIDE'),
  SERVE: t('label.part.SERVE'),
}

/** What is inside a piece. */
export const FILLINGS: Record<Filling, string> = {
  NONE: t('label.filling.NONE'),
  AROMATICS: t('label.filling.AROMATICS'),
  STUFFING: t('label.filling.STUFFING'),
}

/** How a piece lies. */
export const STANCES: Record<Stance, string> = {
  LYING: t('label.stance.LYING'),
  STANDING: t('label.stance.STANDING'),
}

/** Ways of reckoning a bake. */
export const WAYS: Record<RuleOfThumb['way'], string> = {
  THICKNESS_RULE: t('label.way.THICKNESS_RULE'),
  WEIGHT_RULE: t('label.way.WEIGHT_RULE'),
  MODERATE_OVEN: t('label.way.MODERATE_OVEN'),
  HEAT_MODEL: t('label.way.HEAT_MODEL'),
  OVEN_LOG: t('label.way.OVEN_LOG'),
}

/** Kinds of oven. */
export const OVEN_KINDS: Record<Oven['kind'], string> = {
  STILL: t('label.oven_kind.STILL'),
  FAN: t('label.oven_kind.FAN'),
  WOOD: t('label.oven_kind.WOOD'),
  CLOSED_BARBECUE: t('label.oven_kind.CLOSED_BARBECUE'),
}

/** Where in an oven a dish stands, from above to below. */
export const SHELVES: Record<Shelf, string> = {
  UPPER: t('label.shelf.UPPER'),
  MIDDLE: t('label.shelf.MIDDLE'),
  LOWER: t('label.shelf.LOWER'),
}

/** What tells the kinds of oven apart. */
export const OVEN_WORDS: Record<Oven['kind'], string> = {
  STILL: t('label.oven_word.STILL'),
  FAN: t('label.oven_word.FAN'),
  WOOD: t('label.oven_word.WOOD'),
  CLOSED_BARBECUE: t('label.oven_word.CLOSED_BARBECUE'),
}

/** What can be added on the way. */
export const ADDED: Record<NonNullable<StageSpan['what']>, string> = {
  FISH: t('label.added.FISH'),
  TOPPING: t('label.added.TOPPING'),
  GLAZE: t('label.added.GLAZE'),
  SIDES: t('label.added.SIDES'),
  BASTE: t('label.added.BASTE'),
  LEMON: t('label.added.LEMON'),
}

/** Colours of a top. */
export const COLOURS = {
  PALE: t('label.colour.PALE'),
  BLOND: t('label.colour.BLOND'),
  GOLD: t('label.colour.GOLD'),
  BROWN: t('label.colour.BROWN'),
  BURNT: t('label.colour.BURNT'),
} as const

/** How juicy it eats. */
export const BITES = {
  VERY_JUICY: t('label.bite.VERY_JUICY'),
  JUICY: t('label.bite.JUICY'),
  FIRM: t('label.bite.FIRM'),
  DRY: t('label.bite.DRY'),
} as const

/** Names of the targets, short enough for a scale. */
export const TARGETS: Record<Doneness, string> = {
  BARELY_SET: t('label.target.BARELY_SET'),
  JUST_OPAQUE: t('label.target.JUST_OPAQUE'),
  FLAKES: t('label.target.FLAKES'),
  FIRM: t('label.target.FIRM'),
  OFFICIAL: t('label.target.OFFICIAL'),
}

/** The verdicts in a guest's words. */
export const VERDICTS: Record<Verdict, string> = {
  UNDER: t('label.verdict.UNDER'),
  RIGHT: t('label.verdict.RIGHT'),
  OVER: t('label.verdict.OVER'),
}

/** The verdicts in the order they are offered. */
export const VERDICT_ORDER: Verdict[] = ['UNDER', 'RIGHT', 'OVER']

/** What can be seen or felt, and how it shows. */
export const CUES: Record<Cue, { name: string; look: string }> = {
  GLASSY: { name: t('label.cue.GLASSY'), look: t('label.cue.GLASSY.look') },
  JUST_OPAQUE: { name: t('label.cue.JUST_OPAQUE'), look: t('label.cue.JUST_OPAQUE.look') },
  FLAKES_UNDER_PRESSURE: {
    name: t('label.cue.FLAKES_UNDER_PRESSURE'),
    look: t('label.cue.FLAKES_UNDER_PRESSURE.look'),
  },
  FLAKES_BY_ITSELF: { name: t('label.cue.FLAKES_BY_ITSELF'), look: t('label.cue.FLAKES_BY_ITSELF.look') },
  KNIFE_COLD: { name: t('label.cue.KNIFE_COLD'), look: t('label.cue.KNIFE_COLD.look') },
  KNIFE_WARM: { name: t('label.cue.KNIFE_WARM'), look: t('label.cue.KNIFE_WARM.look') },
  KNIFE_HOT: { name: t('label.cue.KNIFE_HOT'), look: t('label.cue.KNIFE_HOT.look') },
  EYE_WHITE: { name: t('label.cue.EYE_WHITE'), look: t('label.cue.EYE_WHITE.look') },
  FIN_PULLS: { name: t('label.cue.FIN_PULLS'), look: t('label.cue.FIN_PULLS.look') },
  LEAVES_BONE: { name: t('label.cue.LEAVES_BONE'), look: t('label.cue.LEAVES_BONE.look') },
  WHITE_BEADS: { name: t('label.cue.WHITE_BEADS'), look: t('label.cue.WHITE_BEADS.look') },
  CRUST_HARD: { name: t('label.cue.CRUST_HARD'), look: t('label.cue.CRUST_HARD.look') },
}

/** What was tapped, as it is taken back. */
export const TAPS: Record<TapKind, string> = {
  HELD: t('label.tap.HELD'),
  IN: t('label.tap.IN'),
  NOT_HOT: t('label.tap.NOT_HOT'),
  DOOR: t('label.tap.DOOR'),
  DIAL: t('label.tap.DIAL'),
  CUE: t('label.tap.CUE'),
  READ: t('label.tap.READ'),
  STEP: t('label.tap.STEP'),
  SOME_OUT: t('label.tap.SOME_OUT'),
  OUT: t('label.tap.OUT'),
  BACK: t('label.tap.BACK'),
  TARGET: t('label.tap.TARGET'),
  NOT_SO: t('label.tap.NOT_SO'),
  CRACKED: t('label.tap.CRACKED'),
  PORTIONS: t('label.tap.PORTIONS'),
  CHILLED: t('label.tap.CHILLED'),
  NONE_LEFT: t('label.tap.NONE_LEFT'),
  BINNED: t('label.tap.BINNED'),
  FORGOTTEN: t('label.tap.FORGOTTEN'),
}

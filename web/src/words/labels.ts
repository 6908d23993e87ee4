import type { Cut, Doneness, DressKind, Verdict } from '../api/types'

/** Names of the cuts, as asked for at a counter. */
export const CUTS: Record<Cut, string> = {
  WHOLE: 'Whole',
  SIDE: 'Side',
  FILLET: 'Fillet',
  PORTION: 'Portion',
}

/** Names of the ways to dress a fish, short enough for a button. */
export const DRESSES: Record<DressKind, string> = { OPEN_TRAY: 'tray', PARCHMENT: 'paper', FOIL: 'foil' }

/** Names of the targets, short enough for a scale. */
export const TARGETS: Record<Doneness, string> = {
  BARELY_SET: 'set',
  JUST_OPAQUE: 'opaque',
  FLAKES: 'flakes',
  FIRM: 'firm',
}

/** The verdicts in a guest's words. */
export const VERDICTS: Record<Verdict, string> = { UNDER: 'Under', RIGHT: 'Just right', OVER: 'Over' }

/** The verdicts in the order they are offered. */
export const VERDICT_ORDER: Verdict[] = ['UNDER', 'RIGHT', 'OVER']

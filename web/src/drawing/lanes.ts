/** Room left of the lanes, px: their names. */
export const LEFT_PX = 84
/** Room right of them, px: half of an hour that is written at the very end, and a little. */
export const RIGHT_PX = 22
/** Half of an hour as it is written over the lanes, px. */
export const HALF_HOUR_LABEL_PX = 18

/** Minutes and px of a drawing to time. */
export interface Lanes {
  /** Minutes from the first course: where it begins. */
  from: number
  /** Where it ends. */
  until: number
  /** Its whole width, px. */
  width: number
}

/** How many px a minute is. */
export function perMinute({ from, until, width }: Lanes): number {
  return (width - LEFT_PX - RIGHT_PX) / (until - from)
}

/** Where a minute lies, px from the left. */
export function acrossPx(lanes: Lanes, minute: number): number {
  return LEFT_PX + (minute - lanes.from) * perMinute(lanes)
}

/**
 * Where a line with its hour is drawn, minutes: on the kitchen clock's own quarters, halves or hours, whenever it is served.
 *
 * @param servedMinute the minute of the hour at which the first course is served, 0 to 59
 */
export function quarters({ from, until }: Lanes, servedMinute: number): number[] {
  const step = until - from > 200 ? 60 : until - from > 100 ? 30 : 15
  const first = Math.ceil((from + servedMinute) / step) * step - servedMinute
  return Array.from({ length: Math.floor((until - first) / step) + 1 }, (_, i) => first + i * step)
}

/** Dishes one under the other where they are in at once: rows of such as follow one another, each until it is ready. */
export function rows<T extends { inMin: number; readyMin: number }>(dishes: T[]): T[][] {
  const packed: T[][] = []
  for (const dish of [...dishes].sort((a, b) => a.inMin - b.inMin)) {
    const free = packed.find((row) => row.at(-1)!.readyMin <= dish.inMin)
    if (free) free.push(dish)
    else packed.push([dish])
  }
  return packed
}

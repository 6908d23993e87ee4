/** Beside what lies in an open-sided vessel under a lid there is at least so much room for juice, mm. */
const LEAST_BESIDE_MM = 6

/** Juice weighs about as water does, mm³ a gram. */
const MM3_A_GRAM = 1000

/**
 * How deep the juice stands that has come out of a piece, mm: it runs to both its sides, along its length, and no deeper than half of the piece.
 *
 * @param liquorG how much, g
 * @param lengthMm how long the piece is
 * @param besideMm how much room there is at either side
 * @param heightMm how high the piece is
 */
export function liquorDepthMm(liquorG: number, lengthMm: number, besideMm: number, heightMm: number): number {
  const room = 2 * Math.max(LEAST_BESIDE_MM, besideMm)
  return Math.min(heightMm / 2, (MM3_A_GRAM * liquorG) / (room * lengthMm))
}

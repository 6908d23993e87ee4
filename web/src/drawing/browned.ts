/** Colours of a face as it browns, by how far along: pale, gold, brown, black. Ours. */
const RAMP: [along: number, rgb: [number, number, number]][] = [
  [0, [232, 216, 176]],
  [0.35, [205, 148, 62]],
  [0.75, [136, 78, 32]],
  [1, [44, 30, 22]],
]
/** An index by which most of the way from pale to black is gone. */
const MOST = 6

/**
 * The colour of a face.
 *
 * @param index how brown it is: minutes at 150 °C of plain flesh, 0 or more
 */
export function browned(index: number): string {
  const along = 1 - Math.exp(-Math.max(0, index) / MOST)
  const after = Math.max(
    1,
    RAMP.findIndex(([at]) => at >= along),
  )
  const [from, low] = RAMP[after - 1]!
  const [to, high] = RAMP[after]!
  const part = (along - from) / (to - from)
  const mixed = low.map((channel, i) => Math.round(channel + part * (high[i]! - channel)))
  return `rgb(${mixed.join(' ')})`
}

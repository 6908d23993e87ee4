import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { curveLinearClosed, line } from 'd3-shape'

/** A straight scale from a range of values to a range of places. */
export type Scale = ScaleLinear<number, number>

/** @param from the values' range; @param to the places' range */
export const scale = (from: [number, number], to: [number, number]): Scale => scaleLinear(from, to)

/** Round ticks that divide 0 to `end` into at most `most` parts, as a clock has them: d3's know no quarter of an hour. */
export function ticks(end: number, most: number): number[] {
  const steps = [0.5, 1, 2, 5, 10, 15, 20, 30, 60]
  const step = steps.find((s) => end / s <= most) ?? 60
  return Array.from({ length: Math.floor(end / step + 1e-9) + 1 }, (_, i) => i * step)
}

const closed = line().curve(curveLinearClosed)

/** Both halves of a half outline in mm, from the middle of the underside to that of the top, as one closed path. */
export function closedPath(half: number[][], x: (mm: number) => number, y: (mm: number) => number): string {
  const right = half.map(([px, py]): [number, number] => [x(px!), y(py!)])
  const left = [...half].reverse().map(([px, py]): [number, number] => [x(-px!), y(py!)])
  return closed([...right, ...left]) ?? ''
}

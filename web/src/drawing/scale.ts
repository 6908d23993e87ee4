/** A straight scale from a range of values to a range of places. */
export interface Scale {
  (value: number): number
  invert: (place: number) => number
}

/** @param from the values' range; @param to the places' range */
export function scale(from: [number, number], to: [number, number]): Scale {
  const slope = (to[1] - to[0]) / (from[1] - from[0])
  const forward = (value: number) => to[0] + (value - from[0]) * slope
  return Object.assign(forward, { invert: (place: number) => from[0] + (place - to[0]) / slope })
}

/** Round ticks that divide 0 to `end` into at most `most` parts. */
export function ticks(end: number, most: number): number[] {
  const steps = [0.5, 1, 2, 5, 10, 15, 20, 30, 60]
  const step = steps.find((s) => end / s <= most) ?? 60
  return Array.from({ length: Math.floor(end / step + 1e-9) + 1 }, (_, i) => i * step)
}

/** Points as an SVG path. */
export function path(points: [number, number][]): string {
  return points.map(([x, y], i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')
}

/** Both halves of a half outline in mm, from the middle of the underside to that of the top, as one closed path. */
export function closedPath(half: number[][], x: (mm: number) => number, y: (mm: number) => number): string {
  const right = half.map(([px, py]) => [x(px!), y(py!)] as [number, number])
  const left = [...half].reverse().map(([px, py]) => [x(-px!), y(py!)] as [number, number])
  return `${path([...right, ...left])}Z`
}

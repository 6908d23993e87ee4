/**
 * The flesh ramp: what cooked flesh looks like by temperature, from glassy blue-grey through milk and cream to straw. The
 * one ramp of every drawing and chart. Stops in °C.
 */
const STOPS: [number, string][] = [
  [8, '#8FA0A6'],
  [35, '#A9ADAE'],
  [43, '#C6C0BA'],
  [49, '#DED4C6'],
  [53, '#EFE6D4'],
  [58, '#F3E8CF'],
  [64, '#EBD9B0'],
  [72, '#DDBF84'],
  [85, '#C99F5A'],
  [120, '#9A6A33'],
]

type Rgb = [number, number, number]

const parse = (hex: string): Rgb => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as Rgb

const RAMP: [number, Rgb][] = STOPS.map(([celsius, hex]) => [celsius, parse(hex)])

/** Red, green and blue, 0 to 255, of flesh at a temperature in °C. */
export function fleshRgb(celsius: number): Rgb {
  const upper = RAMP.findIndex(([at]) => at >= celsius)
  if (upper === 0) return RAMP[0]![1]
  if (upper < 0) return RAMP[RAMP.length - 1]![1]
  const [fromC, from] = RAMP[upper - 1]!
  const [toC, to] = RAMP[upper]!
  const along = (celsius - fromC) / (toC - fromC)
  return from.map((c, i) => Math.round(c + along * (to[i]! - c))) as Rgb
}

/** The same as a CSS colour. */
export const fleshColour = (celsius: number) => `rgb(${fleshRgb(celsius).join(' ')})`

import type { Sections } from '../api/types'
import { fleshRgb } from './flesh'

/** The server adds this to a temperature so that it fits a byte. */
const CELSIUS_SHIFT = 50

/** How many dots are drawn for each cell, so that the browser's smoothing has something to work on. */
const FINENESS = 4

const decoded = new WeakMap<Sections, Uint8Array[]>()

function pictures(sections: Sections): Uint8Array[] {
  let all = decoded.get(sections)
  if (!all) {
    all = sections.picture.map((text) => Uint8Array.from(atob(text), (c) => c.charCodeAt(0)))
    decoded.set(sections, all)
  }
  return all
}

/** Between which two pictures a minute lies, and how far along. */
export function between(times: number[], minute: number): { lower: number; upper: number; along: number } {
  const last = times.length - 1
  let upper = times.findIndex((t) => t >= minute)
  if (upper < 0) upper = last
  const lower = Math.max(0, upper - 1)
  const span = times[upper]! - times[lower]!
  const along = span > 0 ? Math.min(1, Math.max(0, (minute - times[lower]!) / span)) : 1
  return { lower, upper, along }
}

/** A value of a series at a minute, linear between its points. */
export function valueAt(times: number[], values: number[], minute: number): number {
  const { lower, upper, along } = between(times, minute)
  return values[lower]! + along * (values[upper]! - values[lower]!)
}

/**
 * The coldest of one upright of the half-section at a minute, °C, linear between its pictures.
 *
 * @param share how far from the mid-plane, 0 to 1
 */
export function leastInColumn(sections: Sections, minute: number, share: number): number {
  const { columns, rows } = sections
  const column = Math.min(columns - 1, Math.floor(share * columns))
  const { lower, upper, along } = between(sections.minute, minute)
  const all = pictures(sections)
  const from = all[lower]!
  const to = all[upper]!
  let least = Infinity
  for (let row = 0; row < rows; row++) {
    const at = row * columns + column
    least = Math.min(least, from[at]! + along * (to[at]! - from[at]!) - CELSIUS_SHIFT)
  }
  return least
}

/** Both halves of the section at a minute as a data URL, to be stretched over the piece. */
export function sectionPicture(sections: Sections, minute: number): string {
  const { columns, rows } = sections
  const { lower, upper, along } = between(sections.minute, minute)
  const all = pictures(sections)
  const from = all[lower]!
  const to = all[upper]!
  const cells = document.createElement('canvas')
  cells.width = columns * 2
  cells.height = rows
  const context = cells.getContext('2d')!
  const image = context.createImageData(columns * 2, rows)
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const at = row * columns + column
      const celsius = from[at]! + along * (to[at]! - from[at]!) - CELSIUS_SHIFT
      const [r, g, b] = fleshRgb(celsius)
      for (const x of [columns + column, columns - 1 - column]) {
        const dot = 4 * ((rows - 1 - row) * columns * 2 + x)
        image.data.set([r, g, b, 255], dot)
      }
    }
  }
  context.putImageData(image, 0, 0)
  const smooth = document.createElement('canvas')
  smooth.width = columns * 2 * FINENESS
  smooth.height = rows * FINENESS
  const onto = smooth.getContext('2d')!
  onto.imageSmoothingQuality = 'high'
  onto.drawImage(cells, 0, 0, smooth.width, smooth.height)
  return smooth.toDataURL()
}

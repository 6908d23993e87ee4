import { describe, expect, it } from 'vitest'
import type { Sections } from '../src/api/types'
import { leastInColumn } from '../src/drawing/sectionPicture'

/** Two pictures of three places by two, each a byte of °C plus 50. */
const picture = (...celsius: number[]) => btoa(String.fromCharCode(...celsius.map((c) => c + 50)))
const sections = {
  columns: 3,
  rows: 2,
  minute: [0, 10],
  picture: [picture(-10, 4, 8, 5, 6, 20), picture(57, 70, 88, 60, 75, 95)],
} as unknown as Sections

describe('an upright of the drawing', () => {
  it('is read at its coldest, below nought too', () => {
    expect(leastInColumn(sections, 0, 0)).toBe(-10)
    expect(leastInColumn(sections, 10, 0)).toBe(57)
    expect(leastInColumn(sections, 10, 0.9)).toBe(88)
  })

  it('goes evenly from one picture to the next, and no farther', () => {
    expect(leastInColumn(sections, 5, 0.9)).toBe(48)
    expect(leastInColumn(sections, 60, 0.9)).toBe(88)
  })

  it('ends with the last upright', () => {
    expect(leastInColumn(sections, 10, 1)).toBe(88)
  })
})

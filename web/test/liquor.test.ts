import { describe, expect, it } from 'vitest'
import { liquorDepthMm } from '../src/drawing/liquor'

describe('the juice around a fish', () => {
  it('fills what there is beside it', () => {
    // 26 g beside a piece of 130 mm with 10 mm at either side: 26 000 mm³ over 2 600 mm².
    expect(liquorDepthMm(26, 130, 10, 40)).toBeCloseTo(10)
  })

  it('never covers more than half of the piece, however little room there is', () => {
    expect(liquorDepthMm(60, 100, 0, 24)).toBe(12)
    expect(liquorDepthMm(0, 100, 0, 24)).toBe(0)
  })
})

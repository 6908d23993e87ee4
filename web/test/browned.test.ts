import { describe, expect, it } from 'vitest'
import { browned } from '../src/drawing/browned'

const lightness = (rgb: string) => rgb.match(/\d+/g)!.reduce((sum, channel) => sum + Number(channel), 0)

describe('a face as it browns', () => {
  it('gets darker all the way and never leaves the colours there are', () => {
    const indices = [0, 0.3, 0.6, 1, 2.5, 4, 8, 12, 25, 60, 1000]
    const light = indices.map((index) => lightness(browned(index)))
    for (let i = 1; i < light.length; i++) expect(light[i]).toBeLessThanOrEqual(light[i - 1]!)
    expect(light[0]).toBeGreaterThan(3 * light.at(-1)!)
    expect(browned(1000)).toBe('rgb(44 30 22)')
  })

  it('is pale where nothing browned, and at what is no index', () => {
    expect(browned(0)).toBe('rgb(232 216 176)')
    expect(browned(-1)).toBe('rgb(232 216 176)')
  })

  it('is golden where cooks call it gold', () => {
    const [red, green, blue] = browned(2.5).match(/\d+/g)!.map(Number)
    expect(red! - blue!).toBeGreaterThan(120)
    expect(green!).toBeGreaterThan(130)
  })
})

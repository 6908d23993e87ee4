import { describe, expect, it } from 'vitest'
import { title } from '../src/drawing/title'

const width = (text: string) => 7 * text.length

describe('the title of a bar', () => {
  it('begins where the bar begins, and may go on beyond it', () => {
    const room = { from: 100, until: 130, left: 84, right: 500 }
    expect(title('Char parcels', '190 °C', room, width)).toEqual({
      text: 'Char parcels 190 °C',
      x: 105,
      anchor: 'start',
    })
  })

  it('ends where the bar ends where it would leave the drawing', () => {
    const room = { from: 400, until: 480, left: 84, right: 500 }
    expect(title('Char parcels', '190 °C', room, width)).toEqual({
      text: 'Char parcels 190 °C',
      x: 475,
      anchor: 'end',
    })
  })

  it('is cut where another dish is on either side, and keeps its dial', () => {
    const room = { from: 300, until: 390, left: 280, right: 400 }
    const cut = title('Char parcels, apple and cider', '190 °C', room, width)
    expect(cut.text).toMatch(/^Char.*… 190 °C$/)
    expect(width(cut.text)).toBeLessThanOrEqual(110)
  })

  it('is but its dial where there is room for no more', () => {
    const room = { from: 300, until: 330, left: 290, right: 340 }
    expect(title('Char', '190 °C', room, width).text).toBe('190 °C')
    expect(title('Rice', '', room, width).text).toMatch(/^R/)
  })
})

/** Room between a title and what is beside it, px. */
const BESIDE_PX = 5
/** Where nothing can be measured a letter is taken for so wide, px. */
const LETTER_PX = 7

let pen: CanvasRenderingContext2D | null | undefined

/** How wide a text is in the drawings' font, px. */
export function textWidth(text: string): number {
  if (pen === undefined) {
    try {
      pen = document.createElement('canvas').getContext('2d')
    } catch {
      pen = null
    }
    if (pen) pen.font = `13px ${getComputedStyle(document.documentElement).getPropertyValue('--text')}`
  }
  return pen ? pen.measureText(text).width : LETTER_PX * text.length
}

/** A bar and what lies left and right of it in its row, px. */
export interface Room {
  from: number
  until: number
  left: number
  right: number
}

/** A title beside or on its bar: what is written of it, from where, and to which side. */
export interface Title {
  text: string
  x: number
  anchor: 'start' | 'end'
}

/**
 * Lays a title on its bar: from the bar's beginning on where it has the room, else up to its end, else cut short where there is
 * more room. What must stay is never cut.
 *
 * @param name is cut where it has to be
 * @param stays is written behind it, whole
 */
export function title(name: string, stays: string, room: Room, width = textWidth): Title {
  const after = room.right - BESIDE_PX - (room.from + BESIDE_PX)
  const before = room.until - BESIDE_PX - (room.left + BESIDE_PX)
  const whole = [name, stays].filter(Boolean).join(' ')
  const wide = width(whole)
  const begins = wide <= after || (wide > before && after >= before)
  const place = begins
    ? { x: room.from + BESIDE_PX, anchor: 'start' as const }
    : { x: room.until - BESIDE_PX, anchor: 'end' as const }
  const most = begins ? after : before
  if (wide <= most) return { text: whole, ...place }
  for (let letters = name.length - 1; letters > 0; letters--) {
    const text = [`${name.slice(0, letters).trimEnd()}…`, stays].filter(Boolean).join(' ')
    if (width(text) <= most) return { text, ...place }
  }
  return { text: stays, ...place }
}

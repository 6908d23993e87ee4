import type { Bake, Moment, Tap } from '../../src/api/types'

const moment = (phase: string, say: string, fromSeconds: number): Moment =>
  ({ phase, say, hint: '', fromSeconds, next: '' }) as Moment

/** A hake that went in at seven, as the kitchen computer tells it. */
export function hake(more: Partial<Bake> = {}): Bake {
  return {
    id: 'hake',
    title: 'Hake',
    revision: 1,
    startedAt: '2026-03-01T19:00:00Z',
    now: '2026-03-01T19:05:00Z',
    enoughFromMin: 10,
    card: { carving: [], cautions: [], question: { pieces: 4 } },
    apart: [],
    asked: [],
    taps: [],
    moments: [moment('SHUT', 'Leave it shut', 0)],
    onceOut: [moment('REST', 'Let it rest', 0)],
    onceOutTooSoon: [moment('LACKS', 'Back into the oven', 0)],
    ...more,
  } as unknown as Bake
}

/** A tap of it. */
export const tapped = (id: string, kind: string, at = '2026-03-01T19:12:00Z', more: Partial<Tap> = {}): Tap =>
  ({ id, kind, at, ...more }) as Tap

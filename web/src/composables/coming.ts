import type { Bake, Oven, Question } from '../api/types'

/** When it is likely done, minutes. */
export interface Window {
  checkFromMin: number
  likelyMin: number
  noLaterThanMin: number
}

const S = 60

/**
 * A bake as it is shown from the moment in which it is put in until the kitchen computer has heard of it: by its ticket.
 *
 * @param targetC what its middle is to peak at
 * @param restMinutes on the board
 */
export function coming(
  question: Question,
  oven: Oven,
  window: Window,
  targetC: number,
  restMinutes: number,
  thicknessMm: number,
): Omit<Bake, 'id' | 'title' | 'startedAt' | 'now'> {
  const dialC = question.programme.find((s) => s.stage === 'BAKE')?.tempC ?? 0
  return {
    revision: -1,
    ovenId: oven.id,
    ovenName: oven.name,
    ovenKind: oven.kind,
    held: false,
    thicknessMm,
    dialC,
    targetC,
    predictedMin: window.likelyMin,
    ...window,
    window,
    restMinutes,
    moments: [
      {
        phase: 'SHUT',
        say: 'Leave it shut',
        hint: 'An open door costs more heat than a look is worth.',
        fromSeconds: 0,
        untilSeconds: S * window.checkFromMin,
        next: 'until you check',
      },
      {
        phase: 'CHECK',
        say: 'Check the thickest piece',
        hint: 'Slip a knife into the middle, twist, look. Shut the door again either way.',
        fromSeconds: S * window.checkFromMin,
        untilSeconds: S * window.noLaterThanMin,
        next: 'until it must be out',
      },
      {
        phase: 'TAKE_OUT',
        say: 'Take it out',
        hint: 'Nothing undoes an overcooked fish.',
        fromSeconds: S * window.noLaterThanMin,
        next: '',
      },
    ],
    onceOut: [
      {
        phase: 'REST',
        say: 'Let it rest',
        hint: 'It goes on cooking on the board.',
        fromSeconds: 0,
        untilSeconds: S * restMinutes,
        next: 'until it goes on the plate',
      },
      {
        phase: 'SERVE',
        say: 'On the plate',
        hint: 'Serve it, then say how it was.',
        fromSeconds: S * restMinutes,
        next: '',
      },
    ],
    onceOutTooSoon: [
      {
        phase: 'PUT_BACK',
        say: 'Put it back: it is not done',
        hint: 'It came out too soon to coast as far as it has to.',
        fromSeconds: 0,
        next: '',
      },
    ],
    enoughFromMin: window.checkFromMin,
    checking: {
      say: 'Check the thickest piece',
      how: 'Slip a knife into the middle, twist, look. Shut the door again either way.',
      where: 'The centre of the thickest piece, from the side, halfway up.',
      cues: ['GLASSY', 'JUST_OPAQUE', 'FLAKES_UNDER_PRESSURE', 'FLAKES_BY_ITSELF'],
    },
    asked: [],
    taps: [],
    hasPhoto: false,
    card: { question, cautions: [], carving: [], expectedPortions: 1 },
  }
}

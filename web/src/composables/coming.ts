import { t } from '../messages/say'
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
        say: t('moment.shut'),
        hint: t('moment.shut.how'),
        fromSeconds: 0,
        untilSeconds: S * window.checkFromMin,
        next: t('until.check'),
      },
      {
        phase: 'CHECK',
        say: t('check.piece'),
        hint: t('check.how.knife'),
        fromSeconds: S * window.checkFromMin,
        untilSeconds: S * window.noLaterThanMin,
        next: t('until.must-be-out'),
      },
      {
        phase: 'TAKE_OUT',
        say: t('moment.take-out'),
        hint: t('moment.take-out.how'),
        fromSeconds: S * window.noLaterThanMin,
        next: '',
      },
    ],
    onceOut: [
      {
        phase: 'REST',
        say: t('moment.rest'),
        hint: t('moment.rest.how'),
        fromSeconds: 0,
        untilSeconds: S * restMinutes,
        next: t('until.plate'),
      },
      {
        phase: 'SERVE',
        say: t('moment.serve'),
        hint: t('moment.serve.how'),
        fromSeconds: S * restMinutes,
        next: '',
      },
    ],
    onceOutTooSoon: [
      {
        phase: 'PUT_BACK',
        say: t('moment.too-soon'),
        hint: t('moment.too-soon.how'),
        fromSeconds: 0,
        next: '',
      },
    ],
    apart: [],
    enoughFromMin: window.checkFromMin,
    checking: {
      say: t('check.piece'),
      how: t('check.how.knife'),
      where: t('check.where.piece'),
      cues: ['GLASSY', 'JUST_OPAQUE', 'FLAKES_UNDER_PRESSURE', 'FLAKES_BY_ITSELF'],
    },
    asked: [],
    taps: [],
    hasPhoto: false,
    card: { question, cautions: [], carving: [], expectedPortions: 1 },
  }
}

import type { EveningHands } from '../../api/types'
import { t } from '../../messages/say'

const DAY_MIN = 24 * 60
/** Hands that come at an hour come no longer than so much before the first course, minutes. */
const LONGEST_BEFORE_MIN = 18 * 60

/** One pair of hands more: a cook's helper, the next a second one. */
export const oneMore = (hands: EveningHands[]): EveningHands[] => [
  ...hands,
  {
    name: hands.length === 1 ? t('ui.sheet.helper') : t('ui.sheet.helper-n', { n: hands.length }),
  },
]

/**
 * Which minute of an evening an hour of the clock is, as a field for hours has it (19:30); from eighteen hours before it is served
 * until six after. Nothing for what is no hour.
 */
export function minuteOf(hour: string, serveAt: Date): number | undefined {
  const read = /^(\d{1,2}):(\d{2})/.exec(hour)
  if (!read) return undefined
  const served = serveAt.getHours() * 60 + serveAt.getMinutes()
  const minute = Number(read[1]) * 60 + Number(read[2]) - served
  if (minute < -LONGEST_BEFORE_MIN) return minute + DAY_MIN
  return minute >= DAY_MIN - LONGEST_BEFORE_MIN ? minute - DAY_MIN : minute
}

import type { EveningEntry, EveningFish, EveningInput, EveningSide } from '../../api/types'
import { newId } from '../../api/id'
import { t } from '../../messages/say'
import type { useBench } from '../../stores/bench'

const EVENING_HOUR = 20
const HOURS_BEFORE = 2

/** Tonight at eight, or tomorrow where that is too soon. */
function eight(now: Date): Date {
  const at = new Date(now)
  at.setHours(EVENING_HOUR, 0, 0, 0)
  if (at.getTime() - now.getTime() < HOURS_BEFORE * 3_600_000) at.setDate(at.getDate() + 1)
  return at
}

/** A dish for guests of whom one is at risk: only the official minimum will do. That one is, the evening says and not the dish. */
export function forGuestsAtRisk(fish: EveningFish): EveningFish {
  return { ...fish, question: { ...fish.question, doneness: 'OFFICIAL' } }
}

/** What lies on the bench, as a dish of an evening, whether or not it has been reckoned yet; null where no oven is known. */
export function dishOf(bench: ReturnType<typeof useBench>): EveningFish | null {
  return bench.question
    ? { key: newId(), title: bench.title, question: JSON.parse(JSON.stringify(bench.question)) }
    : null
}

/** A side to begin with: a pot of something. */
export function newSide({ side }: EveningEntry): EveningSide {
  return {
    key: newId(),
    title: '',
    where: 'HOB',
    prepareMin: side.prepareMin,
    cookMin: side.cookMin,
    finishMin: side.finishMin,
    waitsMin: side.waitsMin,
  }
}

/** An evening to begin with: what lies on the bench, every oven of the kitchen, one cook. */
export function newEvening(bench: ReturnType<typeof useBench>, entry: EveningEntry): EveningInput {
  const dish = dishOf(bench)
  return {
    name: t('ui.sheet.tonight'),
    serveAt: eight(new Date()).toISOString(),
    guests: Math.max(1, Math.round(bench.on.pieces)),
    atRisk: bench.on.atRisk,
    coursesMin: [0],
    fish: dish ? [dish] : [],
    sides: [],
    ovens: bench.ovens.slice(0, entry.mostOvens).map((oven) => ({ ovenId: oven.id, shelves: entry.shelves })),
    burners: entry.burners,
    hands: [{ name: t('ui.sheet.cook') }],
  }
}

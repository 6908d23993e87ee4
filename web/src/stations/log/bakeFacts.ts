import { computed } from 'vue'
import type { LogLine } from '../../api/types'
import { CUTS, DRESSES, SHELVES, TARGETS, VERDICTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

type Known = ReturnType<typeof useBench>['catalogue']

/** What a fish of the log is called: by its key in the catalogue, or as the kitchen called one of its own. */
export function fishName(key: string, catalogue: Known): string {
  return catalogue?.species.find((s) => s.key === key)?.marketName ?? key
}

/** Something of a bake under its name. */
export interface Fact {
  name: string
  words: string
}

/** What went in and how, what was foretold and what came of it, each under its name; nothing for what nobody said. */
export function useFacts(line: () => LogLine) {
  const units = useUnits()
  const bench = useBench()

  const fish = computed(() => {
    const { species, ownName } = line().question.piece
    return ownName ?? fishName(species, bench.catalogue)
  })
  const wentIn = computed<Fact[]>(() => {
    const { piece, dress, doneness, pieces, oven } = line().question
    return [
      { name: t('ui.log.fact.fish'), words: `${fish.value}, ${CUTS[piece.cut].toLowerCase()}` },
      { name: t('ui.log.fact.thickness'), words: units.amount('length', line().thicknessMm) },
      { name: t('ui.log.fact.mass'), words: piece.massG ? units.amount('mass', piece.massG) : '' },
      { name: t('ui.log.fact.pieces'), words: pieces && pieces > 1 ? String(pieces) : '' },
      {
        name: t('ui.log.fact.cold'),
        words: piece.startTempC === undefined ? '' : units.degrees(piece.startTempC),
      },
      { name: t('ui.log.fact.dish'), words: DRESSES[dress.kind] },
      { name: t('ui.log.fact.oven'), words: line().ovenName },
      { name: t('ui.log.fact.dial'), words: units.dial(line().dialC) },
      { name: t('ui.piece.shelf'), words: oven.shelf ? SHELVES[oven.shelf] : '' },
      {
        name: t('ui.log.fact.target'),
        words: doneness
          ? t('ui.log.fact.target-of', { target: TARGETS[doneness], temp: units.degrees(line().targetC) })
          : units.degrees(line().targetC),
      },
    ].filter(({ words }) => words)
  })
  const cameOut = computed<Fact[]>(() => {
    const { checkFromMin, likelyMin, noLaterThanMin, actualMin, verdict, probeC } = line()
    const min = (minutes: number) => t('ui.log.fact.min', { minutes: minutesInWords(minutes) })
    return [
      { name: t('ui.log.fact.check'), words: min(checkFromMin) },
      { name: t('ui.log.fact.likely'), words: min(likelyMin) },
      { name: t('ui.log.fact.late'), words: min(noLaterThanMin) },
      { name: t('ui.log.fact.out'), words: actualMin === undefined ? '' : min(actualMin) },
      { name: t('ui.log.fact.verdict'), words: verdict ? VERDICTS[verdict] : t('ui.log.forgotten') },
      { name: t('ui.log.fact.probe'), words: probeC === undefined ? '' : units.degrees(probeC) },
    ].filter(({ words }) => words)
  })
  return { fish, wentIn, cameOut }
}

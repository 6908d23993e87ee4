import { computed } from 'vue'
import { browned } from '../../drawing/browned'
import { valueAt } from '../../drawing/sectionPicture'
import { COLOURS } from '../../messages/labels'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** What is read off the cut at the bench's minute: temperatures, their words, and how far things have coloured. */
export function useCutReadings() {
  const bench = useBench()
  const units = useUnits()

  /** When the fish itself goes in: at once, but for a tray bake. */
  const fishInAt = computed(
    () => bench.answer!.programme.find((s) => s.stage === 'ADD' && s.what === 'FISH')?.fromMin ?? 0,
  )
  const fishIn = computed(() => bench.minute >= fishInAt.value - 0.01)

  const at = (series: number[]) => valueAt(bench.answer!.trace.minute, series, bench.minute)
  const coldestC = computed(() => at(bench.answer!.trace.coldestC))
  const topC = computed(() => at(bench.answer!.trace.topFaceC))
  const outerC = computed(() => at(bench.answer!.trace.outerC))
  const fillingC = computed(() =>
    bench.answer!.trace.fillingC.length ? at(bench.answer!.trace.fillingC) : null,
  )
  const band = computed(() => bench.bandAt(coldestC.value))
  /** What lies outermost, by name. */
  const outer = computed(() => {
    if (bench.answer!.sections.layers.some((l) => l.kind === 'CRUST')) return t('ui.cut.outer.crust')
    const coat = bench.answer!.sections.layers.find((l) => l.kind === 'COAT')
    if (coat && bench.minute >= coat.fromMinute)
      return t(bench.on.dress === 'BREADED' ? 'ui.cut.outer.crumb' : 'ui.cut.outer.topping')
    return null
  })
  const topWords = computed(() =>
    outer.value
      ? t('ui.cut.skin', {
          outer: outer.value,
          outerTemp: units.degrees(outerC.value),
          top: units.degrees(topC.value),
        })
      : t('ui.cut.top', { top: units.degrees(topC.value) }),
  )
  const coldestWords = computed(() => t('ui.cut.coldest', { coldest: units.degrees(coldestC.value) }))
  /** How the top has coloured by the end, and from when it is gold. */
  const colour = computed(() => {
    const { colour: found, goldMin } = bench.answer!
    if (!found) return null
    const gold = goldMin === undefined ? '' : t('ui.cut.gold-from-min', { gold: minutesInWords(goldMin) })
    return { word: t('ui.cut.top-comes-out', { colour: COLOURS[found], gold }), burnt: found === 'BURNT' }
  })
  /** The colour of what lies uppermost, as the minute has it, and how much of bare flesh has dried under it, mm. */
  const topFill = computed(() => browned(at(bench.answer!.trace.browning)))
  const crustMm = computed(() => (fishIn.value ? at(bench.answer!.trace.crustMm) : 0))
  /** What juice stands around it, g; none where the oven or the salt has it. */
  const liquorG = computed(() => {
    const series = bench.answer!.trace.liquorG
    return fishIn.value && series.length ? at(series) : 0
  })
  /** Flesh parts along its flakes as it cooks; the lines show from the middle's temperature. */
  const flaking = computed(() => Math.min(0.34, Math.max(0.06, (coldestC.value - 25) / 110)))

  return {
    fishInAt,
    fishIn,
    coldestC,
    coldestWords,
    band,
    topWords,
    fillingC,
    colour,
    topFill,
    crustMm,
    liquorG,
    flaking,
  }
}

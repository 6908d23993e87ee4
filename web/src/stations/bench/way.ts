import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench, type Way } from '../../stores/bench'

/** What is answered with a number. */
type Numbered = { [K in keyof Way]-?: NonNullable<Way[K]> extends number ? K : never }[keyof Way]

/** All that can be chosen, with its words. */
export const choices = <T extends string>(words: Record<T, string>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, words: words[value] }))

export const YES_NO = [
  { value: 'yes', words: t('ui.dress.yes') },
  { value: 'no', words: t('ui.dress.no') },
]

/** What was said of the dress that is chosen. */
export function useWay() {
  const bench = useBench()
  const way = computed(() => bench.way)

  /** A number that was said, or no number at all; the programme is then the usual one again. */
  function number(field: Numbered, value: number | null) {
    const said = { ...way.value }
    if (value === null) delete said[field]
    else said[field] = value
    bench.change({ ways: { ...bench.on.ways, [bench.on.dress]: said }, stages: null })
  }

  return { way, number }
}

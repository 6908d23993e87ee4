import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import type { Way } from '../../stores/layers'

/** What is answered with a number. */
type Numbered = { [K in keyof Way]-?: NonNullable<Way[K]> extends number ? K : never }[keyof Way]

/** All that can be chosen, with its words. */
export const choices = <T extends string>(words: Record<T, string>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, words: words[value] }))

export const YES_NO = [
  { value: 'yes', words: t('ui.dress.yes') },
  { value: 'no', words: t('ui.dress.no') },
]

/** What was said of the dish that is on the bench. */
export function useWay() {
  const bench = useBench()
  const way = computed(() => bench.way)
  /** A number that was said, or no number at all. */
  const number = (field: Numbered, value: number | null) => bench.say({ [field]: value })
  const vegetables = computed(
    () => bench.catalogue?.vegetables.map((v) => ({ value: v.vegetable, words: v.words })) ?? [],
  )
  return { way, number, vegetables }
}

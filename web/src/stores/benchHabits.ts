import { computed, shallowRef, watch } from 'vue'
import { api } from '../api/client'
import type { Habits, Question } from '../api/types'
import { latest } from '../composables/latest'

/**
 * How fish like the one on the bench goes in this kitchen. Until that is known it goes as everywhere.
 *
 * @param asked what is asked, without it; null where nothing is
 */
export function useHabitsOf(asked: () => Question | null) {
  const known = shallowRef<{ of: string; habits: Habits } | null>(null)
  /** What it hangs on: the fish, the dish, and whether a ruler was at it. */
  const about = computed(() => {
    const question = asked()
    if (!question) return null
    const { species, ownName, thicknessMm } = question.piece
    return JSON.stringify([ownName ?? species, question.dress.kind, thicknessMm !== undefined])
  })
  const ask = latest(async (signal) => {
    const question = asked()
    const of = about.value
    if (!question || of === null) return
    known.value = { of, habits: await api.habitsTonight(question, signal) }
  })
  watch(about, () => void ask(), { immediate: true })
  const habits = computed(() => (known.value?.of === about.value ? known.value?.habits : undefined))
  return { habits, ask }
}

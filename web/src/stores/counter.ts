import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { CounterAnswer, CounterQuestion, Keeping, Score, Sense, Style } from '../api/types'
import { reader } from '../messages/asked'
import { latest } from '../composables/latest'
import { useBench } from './bench'

/** What was found at the counter besides the piece itself, which lies on the bench already. */
export interface Found {
  senses: Partial<Record<Sense, Score>>
  thinMm: number | null
  guests: number
  appetite: NonNullable<CounterQuestion['appetite']>
  style: Style
  rinse: boolean
  burstGut: boolean
  extra: NonNullable<CounterQuestion['extra']>
  /** Thickness of the other pieces on the tray, mm. */
  othersMm: number[]
  trayLengthMm: number
  trayWidthMm: number
  kept: Keeping
  /** ISO time of the purchase; null for just now. */
  boughtAt: string | null
  /** Keys of the steps that are done. */
  done: string[]
}

const NOTHING: Found = {
  senses: {},
  thinMm: null,
  guests: 4,
  appetite: 'USUAL',
  style: 'OPEN_TRAY',
  rinse: false,
  burstGut: false,
  extra: 'NONE',
  othersMm: [],
  trayLengthMm: 400,
  trayWidthMm: 300,
  kept: 'FRIDGE',
  boughtAt: null,
  done: [],
}

/** The counter: what was found, and what it means. */
export const useCounter = defineStore('counter', () => {
  const bench = useBench()
  const found = useLocalStorage<Found>('olla.counter', { ...NOTHING }, { mergeDefaults: true })
  const answer = ref<CounterAnswer | null>(null)
  const problem = ref<Problem | null>(null)

  const whole = computed(() => bench.on.cut === 'WHOLE')
  const senses = computed(() => bench.catalogue?.senses.filter((s) => s.whole === whole.value) ?? [])

  const question = computed<CounterQuestion | null>(() => {
    if (!bench.question) return null
    const f = found.value
    return {
      bench: bench.question,
      senses: f.senses as Record<Sense, Score>,
      guests: f.guests,
      appetite: f.appetite,
      style: f.style,
      rinse: f.rinse,
      stuffed: bench.on.filling === 'STUFFING',
      burstGut: f.burstGut,
      extra: f.extra,
      othersMm: f.othersMm,
      tray: { lengthMm: f.trayLengthMm, widthMm: f.trayWidthMm },
      kept: { how: f.kept, boughtAt: f.boughtAt ?? new Date().toISOString() },
      ...(f.thinMm === null || whole.value ? {} : { thinMm: f.thinMm }),
    }
  })

  const ask = latest(
    async (signal) => {
      if (!question.value) return
      answer.value = await api.counter(question.value, signal)
      problem.value = null
    },
    (refusal) => (problem.value = refusal),
  )
  watch([question, reader], () => void ask(), { immediate: true })

  /** Another fish: what was seen on the last one says nothing of it. */
  watch(
    () => [bench.on.species, bench.on.cut],
    () =>
      Object.assign(found.value, {
        senses: {},
        done: [],
        thinMm: null,
        burstGut: false,
        boughtAt: null,
        othersMm: [],
      }),
  )

  /** The way of dressing is one and the same here and on the bench. */
  function setStyle(style: Style) {
    found.value.style = style
    // Salt on bare flesh is judged here, and refused at the bench.
    if (style !== 'SALT_CRUST' || whole.value) bench.setDress(style)
  }
  watch(
    () => bench.on.dress,
    (dress) => (found.value.style = dress === 'BREADED' ? 'TOPPING' : dress),
  )

  function score(sense: Sense, value: Score) {
    const seen = { ...found.value.senses }
    if (seen[sense] === value) delete seen[sense]
    else seen[sense] = value
    found.value.senses = seen
  }

  function tick(key: string) {
    const done = found.value.done
    found.value.done = done.includes(key) ? done.filter((k) => k !== key) : [...done, key]
  }

  function refusal(field: string): string | undefined {
    return problem.value?.errors.find((e) => e.field === field || e.field.endsWith(`.${field}`))?.message
  }

  /** How fresh it is by what was seen; undefined where too little was. */
  const grade = computed(() => answer.value?.judgement.grade)

  return { found, answer, grade, problem, whole, senses, score, tick, setStyle, refusal }
})

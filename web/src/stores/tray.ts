import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../api/client'
import type { DishTurn, Question } from '../api/types'
import { latest } from '../composables/latest'
import { type OnBench, useBench } from './bench'

/** A dish that waits on the tray beside the one on the bench. */
export interface Aside {
  title: string
  on: OnBench
  question: Question
}

/** As many as the server reckons for one tray, the one on the bench included. */
const MOST = 12

/** What else lies on tonight's tray: each dish with its own time. */
export const useTray = defineStore('tray', () => {
  const bench = useBench()
  const aside = useLocalStorage<Aside[]>('olla.tray', [])
  const turns = ref<DishTurn[]>([])
  const problem = ref<Problem | null>(null)

  /** All on the tray with the dial as it stands now, the one on the bench last. */
  const dishes = computed<{ title: string; question: Question }[]>(() => {
    if (!bench.question || !aside.value.length) return []
    const tempC = bench.on.tempC
    const oven = bench.question.oven
    const others = aside.value.map((a) => ({
      title: a.title,
      question: {
        ...a.question,
        oven,
        programme: a.question.programme.map((s) => (s.tempC === undefined ? s : { ...s, tempC })),
      },
    }))
    return [...others, { title: bench.title, question: bench.question }]
  })

  /** Keeps what is on the bench for the tray, and leaves its like on the bench to be changed. */
  function setAside() {
    if (!bench.question || !bench.answer || aside.value.length >= MOST - 1) return
    aside.value.push({
      title: bench.title,
      on: JSON.parse(JSON.stringify(bench.on)),
      question: JSON.parse(JSON.stringify(bench.question)),
    })
  }

  /** Takes a dish off the tray. */
  function remove(index: number) {
    aside.value.splice(index, 1)
  }

  /** Changes places between a dish on the tray and the one on the bench. */
  function swap(index: number) {
    const other = aside.value[index]
    if (!other || !bench.question) return
    const mine: Aside = {
      title: bench.title,
      on: JSON.parse(JSON.stringify(bench.on)),
      question: JSON.parse(JSON.stringify(bench.question)),
    }
    aside.value.splice(index, 1, mine)
    const { tempC, ovenId, shelf } = bench.on
    bench.change({ ...other.on, tempC, ovenId, shelf })
  }

  const ask = latest(
    async (signal) => {
      if (!dishes.value.length) {
        turns.value = []
        problem.value = null
        return
      }
      turns.value = await api.tray(
        dishes.value.map((d) => d.question),
        signal,
      )
      problem.value = null
    },
    (refusal) => (problem.value = refusal),
  )
  watch(dishes, () => void ask(), { immediate: true })

  return { aside, dishes, turns, problem, setAside, remove, swap }
})

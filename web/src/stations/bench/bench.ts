import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../../api/client'
import type { Answer, Catalogue, Cut, Doneness, DressKind, Oven, Question } from '../../api/types'
import { CUTS, DRESSES } from '../../words/labels'
import { latest } from '../../words/latest'

/** What lies on the bench. Null for what nobody has measured. */
export interface OnBench {
  species: string
  cut: Cut
  thicknessMm: number | null
  massG: number | null
  lengthMm: number | null
  startTempC: number
  frozen: boolean
  dress: DressKind
  ovenId: number | null
  tempC: number
  restMinutes: number
  doneness: Doneness
}

/** A sensible fish, so that the first screen answers something. */
const FIRST: OnBench = {
  species: 'zander',
  cut: 'PORTION',
  thicknessMm: 26,
  massG: 165,
  lengthMm: null,
  startTempC: 8,
  frozen: false,
  dress: 'OPEN_TRAY',
  ovenId: null,
  tempC: 230,
  restMinutes: 4,
  doneness: 'FLAKES',
}

const DRESS_ORDER: DressKind[] = ['OPEN_TRAY', 'PARCHMENT', 'FOIL']
const MOST_UNDO = 100
const AT_PULL_MIN = 0.05
/** Moves within this count as one for undo, as when an edge is dragged, ms. */
const ONE_MOVE_MS = 700

/** The bench: what lies on it, the answer, and the way back. */
export const useBench = defineStore('bench', () => {
  const on = useLocalStorage<OnBench>('olla.bench', { ...FIRST }, { mergeDefaults: true })
  const catalogue = ref<Catalogue | null>(null)
  const ovens = ref<Oven[]>([])
  const answer = ref<Answer | null>(null)
  const problem = ref<Problem | null>(null)
  const minute = ref(0)
  const past: OnBench[] = []
  let lastMove = 0

  const species = computed(() => catalogue.value?.species.find((s) => s.key === on.value.species))
  const cut = computed(() => catalogue.value?.cuts.find((c) => c.cut === on.value.cut))
  const oven = computed(() => ovens.value.find((o) => o.id === on.value.ovenId) ?? ovens.value[0])
  const endMinute = computed(() => (answer.value ? answer.value.bakeMinutes + answer.value.restMinutes : 0))
  const title = computed(() => {
    const name = species.value?.marketName ?? ''
    const piece =
      on.value.cut === 'WHOLE' ? `Whole ${name.toLowerCase()}` : `${name} ${CUTS[on.value.cut].toLowerCase()}`
    return `${piece}, ${DRESSES[on.value.dress]}`
  })

  const question = computed<Question | null>(() => {
    if (!oven.value) return null
    const { thicknessMm, massG, lengthMm, startTempC } = on.value
    return {
      piece: {
        species: on.value.species,
        cut: on.value.cut,
        ...(thicknessMm === null ? {} : { thicknessMm }),
        ...(massG === null ? {} : { massG }),
        ...(lengthMm === null ? {} : { lengthMm }),
        startTempC,
        frozen: on.value.frozen,
      },
      dress: { kind: on.value.dress },
      oven: { kind: oven.value.kind },
      programme: [
        { stage: 'BAKE', tempC: on.value.tempC },
        { stage: 'REST', minutes: on.value.restMinutes },
      ],
      doneness: on.value.doneness,
    }
  })

  /** Changes something; the way back is kept. */
  function change(what: Partial<OnBench>) {
    const now = Date.now()
    if (now - lastMove > ONE_MOVE_MS || Object.keys(what).length > 1) {
      past.push({ ...on.value })
      if (past.length > MOST_UNDO) past.shift()
    }
    lastMove = now
    Object.assign(on.value, what)
  }

  function undo() {
    const before = past.pop()
    if (before) Object.assign(on.value, before)
    lastMove = 0
  }

  /** What a field was refused for, by the end of the server's name for it. */
  function refusal(field: string): string | undefined {
    return problem.value?.errors.find((e) => e.field === field || e.field.endsWith(`.${field}`))?.message
  }

  function nextDress() {
    const at = DRESS_ORDER.indexOf(on.value.dress)
    change({ dress: DRESS_ORDER[(at + 1) % DRESS_ORDER.length]! })
  }

  const ask = latest(async () => {
    if (!question.value) return
    try {
      const was = answer.value
      answer.value = await api.estimate(question.value)
      problem.value = null
      // A hand that showed the pull goes on showing it; anywhere else it stays where the cook left it.
      const atPull = !was || Math.abs(minute.value - was.bakeMinutes) < AT_PULL_MIN
      minute.value = atPull ? answer.value.bakeMinutes : Math.min(minute.value, endMinute.value)
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      problem.value = failure
    }
  })

  /** Lays a logged bake on the bench again. */
  function lay(past: Question, ovenId: number) {
    const [bake, rest] = past.programme
    change({
      species: past.piece.species,
      cut: past.piece.cut,
      thicknessMm: past.piece.thicknessMm ?? null,
      massG: past.piece.massG ?? null,
      lengthMm: past.piece.lengthMm ?? null,
      startTempC: past.piece.startTempC ?? (past.piece.frozen ? -18 : 8),
      frozen: past.piece.frozen ?? false,
      dress: past.dress.kind,
      ovenId,
      tempC: bake?.tempC ?? FIRST.tempC,
      restMinutes: rest?.minutes ?? FIRST.restMinutes,
      doneness: past.doneness ?? FIRST.doneness,
    })
  }

  async function open() {
    if (catalogue.value) return
    try {
      const [fish, kitchen] = await Promise.all([api.catalogue(), api.ovens()])
      catalogue.value = fish
      ovens.value = kitchen
      if (!kitchen.some((o) => o.id === on.value.ovenId)) on.value.ovenId = kitchen[0]?.id ?? null
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      problem.value = failure
    }
  }

  watch(question, () => void ask(), { immediate: true })

  return {
    on,
    catalogue,
    ovens,
    answer,
    problem,
    minute,
    species,
    cut,
    oven,
    endMinute,
    title,
    question,
    change,
    undo,
    refusal,
    nextDress,
    lay,
    open,
  }
})

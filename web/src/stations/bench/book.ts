import { newId } from '../../words/id'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { RecipeInput, RecipeView } from '../../api/types'
import { useBench } from './bench'

/** As finely as anybody weighs. */
const sensible = (value: number) => (value >= 10 ? Math.round(value) : Math.round(value * 10) / 10)

/** The recipe book: what is in it, and which recipe tonight's dish follows. */
export const useBook = defineStore('book', () => {
  const bench = useBench()
  const recipes = ref<RecipeView[]>([])
  const problem = ref<Problem | null>(null)
  /** The recipe tonight's dish follows. */
  const followed = useLocalStorage<string | null>('olla.recipe', null)

  const scaled = computed(() => recipes.value.find((r) => r.id === followed.value))

  /** Runs something that may be refused; what was refused is said, and nothing is lost. */
  async function tried<T>(what: () => Promise<T>): Promise<T | undefined> {
    try {
      const done = await what()
      problem.value = null
      return done
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      problem.value = failure
      return undefined
    }
  }

  async function open() {
    await tried(async () => {
      recipes.value = await api.recipes()
    })
  }

  /** Writes a recipe, new where it has no id yet. */
  async function write(recipe: RecipeInput, id: string = newId()) {
    const written = await tried(() => api.writeRecipe(id, recipe))
    if (written) await open()
    return written
  }

  async function take(text: string) {
    const taken = await tried(() => api.takeRecipe(newId(), text))
    if (taken) await open()
    return taken
  }

  async function forget(id: string) {
    await tried(() => api.forgetRecipe(id))
    if (followed.value === id) followed.value = null
    await open()
  }

  /** A recipe's amounts for the pieces that are on the bench. */
  const forTonight = (id: string) => tried(() => api.recipe(id, bench.on.pieces))

  /** What is on the bench, as a recipe: its dress, its programme, and what it takes for one piece. */
  function tonight(): RecipeInput {
    const question = bench.question!
    const quantities = bench.answer?.quantities.amounts ?? []
    return {
      name: bench.title,
      pieces: bench.on.pieces,
      bench: {
        dress: question.dress,
        programme: question.programme,
        usual: question.usual ?? false,
        ...(question.doneness ? { doneness: question.doneness } : {}),
      },
      ingredients: quantities.map((a) => ({
        what: a.what,
        value: sensible(a.value / bench.on.pieces),
        measure: a.measure,
      })),
      steps: [],
      notes: '',
    }
  }

  return { recipes, problem, followed, scaled, open, write, take, forget, forTonight, tonight }
})

import { newId } from '../api/id'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { latest } from '../composables/latest'
import { api, Problem } from '../api/client'
import type { Amount, RecipeInput, RecipeView } from '../api/types'
import { reader } from '../messages/asked'
import { useBench } from './bench'

/** As finely as anybody weighs. */
const sensible = (value: number) => (value >= 10 ? Math.round(value) : Math.round(value * 10) / 10)

const nameOf = (amount: Amount) => amount.what.trim().toLowerCase()

/** The same thing in the same measure stands once; how its sum is said is the first one's where there is but one. */
function once(all: Amount[]): Amount[] {
  const sums = new Map<string, Amount>()
  for (const one of all) {
    const key = `${one.measure} ${nameOf(one)}`
    const there = sums.get(key)
    sums.set(
      key,
      there ? { ...there, value: there.value + one.value, said: `${there.said} + ${one.said}` } : one,
    )
  }
  return [...sums.values()]
}

/** The recipe book: what is in it, and which recipe tonight's dish follows. */
export const useBook = defineStore('book', () => {
  const bench = useBench()
  const recipes = ref<RecipeView[]>([])
  const problem = ref<Problem | null>(null)
  /** The recipe tonight's dish follows. */
  const followed = useLocalStorage<string | null>('olla.recipe', null)

  const scaled = computed(() => recipes.value.find((r) => r.id === followed.value))
  /** The recipe tonight's dish follows, for the pieces on the bench. */
  const tonights = shallowRef<RecipeView | null>(null)
  const scale = latest(async (signal) => {
    const id = followed.value
    const view = id ? await forTonight(id, signal) : undefined
    if (id === followed.value) tonights.value = view ?? null
  })
  /**
   * What is taken for tonight's dish: of each part of which the recipe says something the recipe's own words and amounts, of the
   * others what is usual.
   */
  const amounts = computed<Amount[]>(() => {
    const usual = bench.answer?.quantities
    if (!usual) return []
    const recipe = tonights.value
    if (!recipe) return usual.amounts
    const own = recipe.recipe.ingredients.map((i, at) => ({ part: i.part, amount: recipe.amounts[at]! }))
    const parts = new Set(own.map((o) => o.part).filter((part) => part !== undefined))
    const named = new Set(own.map((o) => nameOf(o.amount)))
    // What the recipe does not tell the part of stands for the usual thing of the same name.
    const left = usual.byPart.filter((o) => !parts.has(o.part) && !named.has(nameOf(o.amount)))
    return once([...own, ...left].map((o) => o.amount))
  })

  /** A new recipe that has not been answered yet. */
  let fresh: { id: string; text: string } | null = null

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

  watch(reader, () => void open())

  async function open() {
    await tried(async () => {
      recipes.value = await api.recipes()
    })
  }

  /** Writes a recipe, new where it has no id yet. */
  async function write(recipe: RecipeInput, over?: RecipeView) {
    // One intention, one id: the same recipe written again after a lost answer is the same recipe.
    const text = JSON.stringify(recipe)
    if (!over && fresh?.text !== text) fresh = { id: newId(), text }
    const written = await tried(() => api.writeRecipe(over?.id ?? fresh!.id, recipe, over?.version))
    if (written && !over) fresh = null
    if (written) await open()
    return written
  }

  async function take(text: string) {
    const taken = await tried(() => api.takeRecipe(newId(), text))
    if (taken) await open()
    return taken
  }

  async function forget(recipe: RecipeView) {
    await tried(() => api.forgetRecipe(recipe.id, recipe.version))
    const refused = problem.value
    if (!refused && followed.value === recipe.id) followed.value = null
    await open()
    problem.value = refused
    return !refused
  }

  /** A recipe's amounts for the pieces that are on the bench. */
  const forTonight = (id: string, signal?: AbortSignal) =>
    tried(() => api.recipe(id, bench.on.pieces, signal))

  watch([followed, () => bench.on.pieces, reader], () => void scale(), { immediate: true })

  /** What is on the bench, as a recipe: its dress, its programme, and what it takes for one piece. */
  function tonight(): RecipeInput {
    const question = bench.question!
    const quantities = bench.answer?.quantities.byPart ?? []
    return {
      name: bench.title,
      pieces: bench.on.pieces,
      bench: {
        dress: question.dress,
        programme: question.programme,
        usual: question.usual ?? false,
        ...(question.doneness ? { doneness: question.doneness } : {}),
      },
      ingredients: quantities.map(({ part, amount }) => ({
        what: amount.what,
        value: sensible(amount.value / bench.on.pieces),
        measure: amount.measure,
        part,
      })),
      steps: [],
      notes: '',
    }
  }

  return { recipes, problem, followed, scaled, amounts, open, write, take, forget, forTonight, tonight }
})

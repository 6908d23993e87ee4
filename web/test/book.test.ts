import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import type { Part } from '../src/api/types'
import { useBench } from '../src/stores/bench'
import { useBook } from '../src/stores/book'
import { freshBrowser } from './helpers/browser'
import { fakeServer } from './helpers/server'

const amount = (what: string, value: number) => ({ what, value, measure: 'GRAM', said: `${value} g` })
const usual = (part: Part, what: string, value: number) => ({ part, amount: amount(what, value) })

/** A bench whose dish takes crumb and butter on top and foil round it, and a recipe that it follows. */
async function following(ingredients: { what: string; value: number; part?: Part }[]) {
  freshBrowser()
  localStorage.setItem('olla.recipe', 'r')
  fakeServer((asked) =>
    asked.path.startsWith('/api/recipes/r')
      ? {
          status: 200,
          body: {
            id: 'r',
            recipe: { ingredients: ingredients.map((i) => ({ ...i, measure: 'GRAM' })) },
            amounts: ingredients.map((i) => amount(i.what, i.value)),
          },
        }
      : { status: 503 },
  )
  setActivePinia(createPinia())
  const bench = useBench()
  const book = useBook()
  bench.answer = {
    quantities: {
      amounts: [],
      byPart: [usual('COVER', 'foil', 2), usual('ON', 'crumbs', 40), usual('ON', 'butter', 20)],
    },
  } as never
  for (let i = 0; i < 20 && !book.amounts.some((a) => a.what.startsWith('rye')); i++) {
    await new Promise((done) => setTimeout(done, 20))
    await nextTick()
  }
  return book.amounts.map((a) => `${a.said} ${a.what}`)
}

describe('what tonight’s dish takes', () => {
  beforeEach(() => localStorage.clear())

  it('is the recipe’s own for the parts it speaks of, and the usual for the others', async () => {
    const own = [{ what: 'rye crumbs', value: 60, part: 'ON' as const }]
    expect(await following(own)).toEqual(['60 g rye crumbs', '2 g foil'])
  })

  it('is never doubled by a recipe that tells no parts', async () => {
    const own = [
      { what: 'rye crumbs', value: 60 },
      { what: 'Butter', value: 25 },
    ]
    expect(await following(own)).toEqual(['60 g rye crumbs', '25 g Butter', '2 g foil', '40 g crumbs'])
  })

  it('has the same thing of two parts once', async () => {
    const own = [
      { what: 'butter', value: 10, part: 'ON' as const },
      { what: 'butter', value: 5, part: 'BED' as const },
      { what: 'rye', value: 1, part: 'ON' as const },
    ]
    expect(await following(own)).toEqual(['10 g + 5 g butter', '1 g rye', '2 g foil'])
  })
})

<script setup lang="ts">
import { api } from '../../api/client'
import type { Ingredient } from '../../api/types'
import { CUTS } from '../../messages/labels'
import ShoppingDialog from '../../components/ShoppingDialog.vue'
import { useBench } from '../../stores/bench'
import { useBook } from '../../stores/book'
import { useTray } from '../../stores/tray'

/** What has to be bought for what is on the bench, on its tray, and for the recipe it follows. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const book = useBook()
const tray = useTray()

function fish(name: string, cut: keyof typeof CUTS, grams: number): Ingredient {
  return { what: `${name.toLowerCase()}, ${CUTS[cut].toLowerCase()}`, value: grams, measure: 'GRAM' }
}

function lines(): Ingredient[] {
  const answer = bench.answer
  if (!answer || !bench.species) return []
  const found = [
    fish(bench.on.own?.name ?? bench.species.marketName, bench.on.cut, answer.piece.massG * bench.on.pieces),
  ]
  for (const other of tray.aside) {
    const name =
      bench.catalogue?.species.find((s) => s.key === other.on.species)?.marketName ?? other.on.species
    found.push(fish(name, other.on.cut, (other.on.massG ?? answer.piece.massG) * other.on.pieces))
  }
  found.push(...book.amounts.map(({ what, value, measure }) => ({ what, value, measure })))
  return found.filter((line) => !line.what.startsWith('water'))
}
</script>

<template>
  <ShoppingDialog v-model="shown" :ask="() => api.shopping(lines())" />
</template>

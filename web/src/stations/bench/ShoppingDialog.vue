<script setup lang="ts">
import { t } from '../../messages/say'
import { onMounted, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { Ingredient, ShoppingList } from '../../api/types'
import { CUTS } from '../../messages/labels'
import { saveText } from '../../composables/save'
import SideDialog from '../../components/SideDialog.vue'
import { useBench } from '../../stores/bench'
import { useBook } from '../../stores/book'
import { useTray } from '../../stores/tray'

/** What has to be bought for what is on the bench, on its tray, and for the recipe it follows. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const book = useBook()
const tray = useTray()
const list = ref<ShoppingList | null>(null)
const problem = ref<string | null>(null)
const copied = ref(false)

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

async function copy() {
  await navigator.clipboard.writeText(list.value?.text ?? '')
  copied.value = true
}

onMounted(async () => {
  try {
    list.value = await api.shopping(lines())
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure.message
  }
})
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.shopping-dialog.shopping-list')" :widest="440">
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <template v-if="list">
      <ul>
        <li v-for="line in list.text.split('\n')" :key="line">{{ line }}</li>
      </ul>
      <div class="actions">
        <button class="quiet-action" @click="copy">
          {{ copied ? t('ui.shopping-dialog.copied') : t('ui.shopping-dialog.copy') }}
        </button>
        <button class="quiet-action" @click="saveText('shopping.txt', 'text/plain', list.text)">
          {{ t('ui.shopping-dialog.save-as-text') }}
        </button>
        <button class="quiet-action" @click="saveText('shopping.csv', 'text/csv', list.csv)">
          {{ t('ui.shopping-dialog.save-as-csv') }}
        </button>
      </div>
    </template>
  </SideDialog>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 6px 0;
  border-bottom: 1px dashed #a9a695;
  font-family: var(--figures);
}
.wrong {
  color: var(--danger);
}
</style>

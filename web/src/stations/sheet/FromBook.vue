<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import type { EveningFish, LogLine, Question } from '../../api/types'
import { latest } from '../../composables/latest'
import SideDialog from '../../components/SideDialog.vue'
import { t } from '../../messages/say'
import { day } from '../../messages/time'
import { useBench } from '../../stores/bench'
import { useBook } from '../../stores/book'

/** Dishes of the recipe book, for the fish that lies on the bench, and those that were baked before. */
const emit = defineEmits<{ add: [dish: EveningFish]; close: [] }>()
const bench = useBench()
const book = useBook()
const shown = computed({ get: () => true, set: () => emit('close') })
const log = ref<LogLine[]>([])
const MOST = 12
/** How far back it is looked for so many, pages of the log. */
const MOST_PAGES = 8

const ask = latest(async (signal) => {
  const lines: LogLine[] = []
  for (let page = 0; page < MOST_PAGES && new Set(lines.map((l) => l.title)).size < MOST; page++) {
    const some = await api.logged({ page }, signal)
    if (some.page === page) lines.push(...some.lines)
    if (page + 1 >= some.pages) break
  }
  log.value = lines
})
onMounted(() => Promise.all([book.open(), ask()]))

/** The same dish baked more than once stands there once, as it was the last time. */
const before = computed(() => {
  const named = new Map<string, LogLine>()
  for (const line of log.value) if (!named.has(line.title)) named.set(line.title, line)
  return [...named.values()].slice(0, MOST)
})
const recipes = computed(() => (bench.question ? book.recipes.filter((r) => r.recipe.bench) : []))

function dish(title: string, question: Question): EveningFish {
  return { key: newId(), title, question: JSON.parse(JSON.stringify(question)) }
}
function ofRecipe(id: string): EveningFish {
  const { recipe } = recipes.value.find((r) => r.id === id)!
  const { usual, doneness, ...how } = recipe.bench!
  return dish(recipe.name, {
    ...bench.question!,
    ...how,
    usual: usual ?? false,
    fit: true,
    ...(doneness ? { doneness } : {}),
  })
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.sheet.from-book')" :widest="460">
    <template v-if="recipes.length">
      <h3>
        {{ t('ui.sheet.of-the-book') }} <b data-typed>{{ bench.title }}</b>
      </h3>
      <ul>
        <li v-for="one in recipes" :key="one.id">
          <button data-typed @click="emit('add', ofRecipe(one.id))">{{ one.recipe.name }}</button>
        </li>
      </ul>
    </template>
    <template v-if="before.length">
      <h3>{{ t('ui.sheet.of-the-log') }}</h3>
      <ul>
        <li v-for="line in before" :key="line.id">
          <button @click="emit('add', dish(line.title, line.question))">
            <span data-typed>{{ line.title }}</span> <small>{{ day(new Date(line.startedAt)) }}</small>
          </button>
        </li>
      </ul>
    </template>
    <p v-if="!recipes.length && !before.length">{{ t('ui.sheet.nothing-kept') }}</p>
  </SideDialog>
</template>

<style scoped>
h3 {
  margin: 8px 0 2px;
  color: var(--ink-soft);
  font-size: 14px;
  font-weight: 400;
}
h3 b {
  color: var(--ink);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  border-bottom: 1px solid var(--rule);
}
li button {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  width: 100%;
  min-height: 48px;
  align-items: center;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
}
small {
  color: var(--ink-soft);
}
</style>

<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { t } from '../../messages/say'
import { onMounted, ref, watch } from 'vue'
import { api } from '../../api/client'
import type { RecipeInput, RecipeView } from '../../api/types'
import { DRESSES } from '../../messages/labels'
import { latest } from '../../composables/latest'
import SideDialog from '../../components/SideDialog.vue'
import { useBench } from '../../stores/bench'
import { useBook } from '../../stores/book'
import RecipeForm from './RecipeForm.vue'

/** The recipes of this kitchen: read, laid on the bench, written, taken from a file and given as one. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const book = useBook()
const picked = ref<RecipeView | null>(null)
const writing = ref<RecipeInput | null>(null)
const file = ref<HTMLInputElement>()

/** What was tapped last is what is shown, whichever answer comes first. */
const wanted = ref<RecipeView | null>(null)
const show = latest(async (signal) => {
  const recipe = wanted.value
  if (!recipe) return
  const scaled = await book.forTonight(recipe.id, signal)
  if (wanted.value === recipe) picked.value = scaled ?? recipe
})
async function pick(recipe: RecipeView) {
  writing.value = null
  wanted.value = recipe
  await show()
}
watch(
  () => bench.on.pieces,
  () => void show(),
)

function lay() {
  const recipe = picked.value
  if (!recipe) return
  if (recipe.recipe.bench) bench.dressAs(recipe.recipe.bench)
  book.followed = recipe.id
  shown.value = false
}

async function write(recipe: RecipeInput) {
  const written = await book.write(recipe, picked.value ?? undefined)
  if (written) await pick(written)
}

async function tear() {
  if (!picked.value) return
  if (!(await book.forget(picked.value))) return
  wanted.value = null
  picked.value = null
}

function begin(recipe: RecipeInput, fresh: boolean) {
  if (fresh) {
    wanted.value = null
    picked.value = null
  }
  book.problem = null
  writing.value = JSON.parse(JSON.stringify(recipe))
}

async function takeFile(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  const taken = await book.take(await chosen.text())
  if (taken) await pick(taken)
}

onMounted(async () => {
  await book.open()
  const first = book.recipes.find((r) => r.id === book.followed) ?? book.recipes[0]
  if (first && !picked.value && !writing.value) await pick(first)
})
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.recipe-book.recipe-book')" :widest="920" top="6vh">
    <div class="book">
      <nav :aria-label="t('ui.recipe-book.recipes')">
        <button
          v-for="recipe in book.recipes"
          :key="recipe.id"
          class="entry"
          :aria-pressed="picked?.id === recipe.id"
          @click="pick(recipe)"
        >
          {{ recipe.recipe.name }}
          <small>{{
            recipe.recipe.bench ? DRESSES[recipe.recipe.bench.dress.kind] : t('ui.recipe-book.a-mix')
          }}</small>
        </button>
        <p v-if="!book.recipes.length" class="none">{{ t('ui.recipe-book.nothing-is-written-yet-keep') }}</p>
        <button class="quiet-action" @click="begin(book.tonight(), true)">
          {{ t('ui.recipe-book.keep-tonights-dress') }}
        </button>
        <button class="quiet-action" @click="file?.click()">
          {{ t('ui.recipe-book.take-one-from-a-file') }}
        </button>
        <input
          ref="file"
          type="file"
          accept=".json,.jsonld,application/ld+json,application/json"
          class="unseen"
          :aria-label="t('ui.recipe-book.recipe-file')"
          @change="takeFile"
        />
      </nav>
      <section>
        <p v-if="book.problem" class="wrong" role="alert">{{ book.problem.message }}</p>
        <RecipeForm v-if="writing" :recipe="writing" @write="write" @leave="writing = null" />
        <article v-else-if="picked">
          <h2 data-typed>{{ picked.recipe.name }}</h2>
          <p class="for">
            {{
              t('ui.recipe-book.for-as-on-the-bench', {
                scaledTo: picked.scaledTo,
              })
            }}
          </p>
          <ul v-if="picked.amounts.length" class="amounts">
            <li v-for="a in picked.amounts" :key="a.what">
              <b>{{ a.value === 0 ? '' : a.said }}</b> <span data-typed>{{ a.what }}</span>
            </li>
          </ul>
          <p v-if="picked.allergens.length" class="allergens">
            <EmphasisedText
              :said="
                t('ui.recipe-book.contains', { allergens: picked.allergens.map((a) => a.words).join(', ') })
              "
            />
          </p>
          <ol v-if="picked.recipe.steps.length">
            <li v-for="step in picked.recipe.steps" :key="step" data-typed>{{ step }}</li>
          </ol>
          <p v-if="picked.recipe.notes" class="notes" data-typed>{{ picked.recipe.notes }}</p>
          <div class="actions">
            <button class="main-action" @click="lay">
              {{
                picked.recipe.bench
                  ? t('ui.recipe-book.lay-it-on-the-bench')
                  : t('ui.recipe-book.follow-it-tonight')
              }}
            </button>
            <button class="quiet-action" @click="begin(picked.recipe, false)">
              {{ t('ui.recipe-book.change') }}
            </button>
            <a class="quiet-action" :href="api.recipeFile(picked.id)" download>{{
              t('ui.recipe-book.save-as-a-file')
            }}</a>
            <button class="quiet-action" @click="tear">{{ t('ui.recipe-book.tear-it-out') }}</button>
          </div>
        </article>
      </section>
    </div>
  </SideDialog>
</template>

<style scoped>
.book {
  display: grid;
  grid-template-columns: 250px 1fr;
  gap: 24px;
  min-height: 420px;
}
nav {
  border-right: 1px solid var(--rule);
  padding-right: 14px;
}
.entry {
  display: block;
  width: 100%;
  min-height: 48px;
  padding: 4px 10px;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  text-align: left;
  line-height: 1.2;
}
.entry small {
  display: block;
  color: var(--ink-soft);
}
.entry[aria-pressed='true'] {
  border-color: var(--clay);
  background: #fff;
  font-weight: 700;
}
.none,
.for {
  color: var(--ink-soft);
}
h2 {
  margin: 0;
  font-size: 22px;
}
.for {
  margin: 0 0 10px;
}
.amounts {
  display: grid;
  gap: 3px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.amounts b {
  display: inline-block;
  min-width: 92px;
  font-family: var(--figures);
  text-align: right;
  margin-right: 8px;
}
.allergens {
  padding-left: 10px;
  border-left: 3px solid var(--ember);
}
.notes {
  white-space: pre-line;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  margin-top: 14px;
}
.actions .main-action {
  width: auto;
  padding: 0 18px;
}
.actions a {
  display: inline-flex;
  align-items: center;
}
.wrong {
  padding-left: 10px;
  border-left: 4px solid var(--danger);
  color: var(--danger);
}
@media (max-width: 760px) {
  .book {
    grid-template-columns: 1fr;
  }
  nav {
    border: 0;
    padding: 0;
  }
}
</style>

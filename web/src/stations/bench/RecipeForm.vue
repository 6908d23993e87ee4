<script setup lang="ts">
import { useBench } from '../../stores/bench'
import { t } from '../../messages/say'
import { ElInput, ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { ref, watch } from 'vue'
import { api } from '../../api/client'
import type { Ingredient, LineRead, Part, RecipeInput } from '../../api/types'
import { latest } from '../../composables/latest'
import { PARTS } from '../../messages/labels'
import { choices } from './way'

/** A recipe while it is written: a line for each thing as a cook says it, read back at once; a step a line. */
const bench = useBench()
const props = defineProps<{ recipe: RecipeInput }>()
const emit = defineEmits<{ write: [recipe: RecipeInput]; leave: [] }>()

const draft = ref<RecipeInput>(props.recipe)
const steps = ref(props.recipe.steps.join('\n'))

const SIGNS: Record<Ingredient['measure'], string> = { GRAM: ' g', MILLILITRE: ' ml', PIECE: '' }
const ANY = 'ANY'
const parts = [{ value: ANY, words: t('label.part.ANY') }, ...choices(PARTS)]
/** How a line was said; what never was is said as it is kept, for all pieces. */
function asSaid({ what, value, measure, typed }: Ingredient): string {
  const all = Number((value * props.recipe.pieces).toPrecision(2))
  return typed ?? (value ? `${all}${SIGNS[measure]} ${what}` : what)
}
const lines = ref(props.recipe.ingredients.map((i) => ({ text: asSaid(i), part: i.part ?? ANY })))
const read = ref<LineRead[]>([])
const readAgain = latest(async (signal) => {
  const said = lines.value.map((line) => line.text)
  read.value = await api.readLines(said, draft.value.pieces, signal)
})
watch([lines, () => draft.value.pieces], () => void readAgain(), { deep: true, immediate: true })

const back = (at: number) => {
  const one = read.value[at]
  if (!one || !lines.value[at]?.text.trim()) return ''
  return one.read ? t('ui.recipe-form.each', { amount: one.said }) : t('ui.recipe-form.to-taste')
}
function more() {
  lines.value.push({ text: '', part: ANY })
}
async function write() {
  await readAgain()
  emit('write', {
    ...draft.value,
    ingredients: lines.value.flatMap(({ text, part }, at) => {
      const { what, value, measure } = read.value[at]?.ingredient ?? { what: '', value: 0, measure: 'PIECE' }
      if (!what.trim()) return []
      return [{ what, value, measure, typed: text, ...(part === ANY ? {} : { part: part as Part }) }]
    }),
    steps: steps.value
      .split('\n')
      .map((s) => s.trim())
      .filter(Boolean),
  })
}
</script>

<template>
  <form novalidate @submit.prevent="write">
    <label class="name"
      >{{ t('ui.recipe-form.name') }}
      <ElInput v-model="draft.name" :maxlength="bench.limits?.longest.recipeName"
    /></label>
    <fieldset>
      <legend>{{ t('ui.recipe-form.in-all', { pieces: draft.pieces }) }}</legend>
      <div v-for="(line, i) in lines" :key="i" class="line">
        <ElInput
          v-model="line.text"
          :aria-label="t('ui.recipe-form.as-you-say-it', { line: i + 1 })"
          :maxlength="bench.limits?.longest.recipeLine"
        />
        <ElSelect v-model="line.part" :aria-label="t('ui.recipe-form.for', { line: i + 1 })">
          <ElOption v-for="p in parts" :key="p.value" :value="p.value" :label="p.words" />
        </ElSelect>
        <button
          type="button"
          class="quiet-action"
          :aria-label="t('ui.recipe-form.without', { what: line.text })"
          @click="lines.splice(i, 1)"
        >
          {{ t('ui.recipe-form.off') }}
        </button>
        <small>{{ back(i) }}</small>
      </div>
      <button type="button" class="quiet-action" @click="more">{{ t('ui.recipe-form.one-more') }}</button>
    </fieldset>
    <label>
      {{ t('ui.recipe-form.steps-a-line-each') }}
      <ElInput v-model="steps" type="textarea" :autosize="{ minRows: 3, maxRows: 8 }" />
    </label>
    <label>
      {{ t('ui.recipe-form.notes') }}
      <ElInput
        v-model="draft.notes"
        type="textarea"
        :maxlength="bench.limits?.longest.recipeNotes"
        :autosize="{ minRows: 2, maxRows: 6 }"
      />
    </label>
    <p class="dress">
      {{
        draft.bench ? t('ui.recipe-form.its-dress-and-its-stages') : t('ui.recipe-form.only-a-mix-without-a')
      }}
    </p>
    <div class="actions">
      <button class="main-action">{{ t('ui.recipe-form.write-it-down') }}</button>
      <button type="button" class="quiet-action" @click="$emit('leave')">
        {{ t('ui.recipe-form.leave-it') }}
      </button>
    </div>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
}
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}
legend,
.dress {
  color: var(--ink-soft);
}
.dress {
  margin: 0;
}
.line {
  display: grid;
  grid-template-columns: 1fr 150px auto;
  gap: 0 6px;
  margin-bottom: 4px;
}
.line small {
  grid-column: 1 / 4;
  color: var(--ink-soft);
}
form :deep(.el-input__wrapper),
form :deep(.el-select__wrapper) {
  min-height: 44px;
}
.actions {
  display: flex;
  gap: 8px;
}
.actions .main-action {
  width: auto;
  padding: 0 18px;
}
</style>

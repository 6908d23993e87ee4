<script setup lang="ts">
import { useBench } from '../../stores/bench'
import { t } from '../../messages/say'
import { ElInput, ElInputNumber, ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/input-number/style/css'
import 'element-plus/es/components/input/style/css'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { ref } from 'vue'
import type { Ingredient, RecipeInput } from '../../api/types'

/** A recipe while it is written: amounts for one piece, a step a line. */
const bench = useBench()
const props = defineProps<{ recipe: RecipeInput }>()
const emit = defineEmits<{ write: [recipe: RecipeInput]; leave: [] }>()

const draft = ref<RecipeInput>(props.recipe)
const steps = ref(props.recipe.steps.join('\n'))

const MEASURES: { value: Ingredient['measure']; words: string }[] = [
  { value: 'GRAM', words: 'g' },
  { value: 'MILLILITRE', words: 'ml' },
  { value: 'PIECE', words: t('ui.recipe-form.pieces') },
]

function more() {
  draft.value.ingredients.push({ what: '', value: 0, measure: 'GRAM' })
}
function write() {
  emit('write', {
    ...draft.value,
    ingredients: draft.value.ingredients
      .filter((i) => i.what.trim())
      .map((i) => ({ ...i, value: i.value ?? 0 })),
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
      <legend>{{ t('ui.recipe-form.what-goes-into-it-for') }}</legend>
      <div v-for="(ingredient, i) in draft.ingredients" :key="i" class="line">
        <ElInputNumber
          v-model="ingredient.value"
          :controls="false"
          :min="0"
          :aria-label="t('ui.recipe-form.amount', { line: i + 1 })"
        />
        <ElSelect v-model="ingredient.measure" :aria-label="t('ui.recipe-form.counted-in', { line: i + 1 })">
          <ElOption v-for="m in MEASURES" :key="m.value" :value="m.value" :label="m.words" />
        </ElSelect>
        <ElInput
          v-model="ingredient.what"
          :aria-label="t('ui.recipe-form.ingredient', { line: i + 1 })"
          :maxlength="bench.limits?.longest.recipeLine"
        />
        <button
          type="button"
          class="quiet-action"
          :aria-label="t('ui.recipe-form.without', { what: ingredient.what })"
          @click="draft.ingredients.splice(i, 1)"
        >
          {{ t('ui.recipe-form.off') }}
        </button>
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
  grid-template-columns: 84px 92px 1fr auto;
  gap: 6px;
  margin-bottom: 4px;
}
.line :deep(.el-input-number) {
  width: 84px;
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

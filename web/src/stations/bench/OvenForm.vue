<script setup lang="ts">
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { ref } from 'vue'
import { Problem } from '../../api/client'
import type { Oven } from '../../api/types'
import { OVEN_WORDS } from '../../words/labels'
import BenchDialog from './BenchDialog.vue'
import { useBench } from './bench'
import ChoiceRow from './ChoiceRow.vue'

/** One more oven for this kitchen; the bench takes it at once. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const name = ref('')
const kind = ref<Oven['kind']>('WOOD')
const problem = ref<Problem | null>(null)
const kinds = Object.entries(OVEN_WORDS).map(([value, words]) => ({ value: value as Oven['kind'], words }))

async function add() {
  try {
    await bench.addOven(name.value, kind.value)
    shown.value = false
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure
  }
}
</script>

<template>
  <BenchDialog v-model="shown" title="Another oven" :widest="420">
    <form novalidate @submit.prevent="add">
      <label>Its name <ElInput v-model="name" maxlength="60" placeholder="Garden oven" /></label>
      <ChoiceRow
        class="kinds"
        name="Its kind"
        :choices="kinds"
        :chosen="kind"
        @choose="(k) => (kind = k as Oven['kind'])"
      />
      <p v-if="problem" class="wrong" role="alert">{{ problem.message }}</p>
      <button class="main-action">Note it</button>
    </form>
  </BenchDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}
form :deep(.el-input__wrapper) {
  min-height: 44px;
}
.kinds {
  display: grid;
  grid-template-columns: 1fr;
}
.wrong {
  margin: 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
}
</style>

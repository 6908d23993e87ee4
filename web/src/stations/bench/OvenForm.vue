<script setup lang="ts">
import { t } from '../../messages/say'
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { ref } from 'vue'
import { Problem } from '../../api/client'
import type { Oven } from '../../api/types'
import { OVEN_WORDS } from '../../messages/labels'
import SideDialog from '../../components/SideDialog.vue'
import { useBench } from '../../stores/bench'
import ChoiceRow from '../../components/ChoiceRow.vue'

/** One more oven for this kitchen, which the bench takes at once; and those that are not used, put away. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const name = ref('')
const kind = ref<Oven['kind']>('WOOD')
/** What was refused, and where it was asked for. */
const problem = ref<{ of: 'there' | 'another'; message: string } | null>(null)
const kinds = Object.entries(OVEN_WORDS).map(([value, words]) => ({ value: value as Oven['kind'], words }))

async function tried(of: 'there' | 'another', what: () => Promise<void>) {
  problem.value = null
  try {
    await what()
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = { of, message: failure.message }
  }
}

const add = () =>
  tried('another', async () => {
    await bench.addOven(name.value, kind.value)
    shown.value = false
  })

const putAway = (oven: Oven, away: boolean) => tried('there', () => bench.putOvenAway(oven, away))
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.oven-form.the-kitchens-ovens')" :widest="420">
    <ul class="there">
      <li v-for="one in bench.allOvens" :key="one.id" :class="{ away: one.away }">
        <span
          >{{ one.name
          }}<small v-if="one.away"> {{ ' ' }}{{ t('ui.oven-form.put-away-its-log-stays') }}</small></span
        >
        <button class="quiet-action" @click="putAway(one, !one.away)">
          {{ one.away ? t('ui.oven-form.take-out-again') : t('ui.oven-form.put-away') }}
        </button>
      </li>
    </ul>
    <p v-if="problem?.of === 'there'" class="wrong" role="alert">{{ problem.message }}</p>
    <h3>{{ t('ui.oven-form.another-one') }}</h3>
    <form novalidate @submit.prevent="add">
      <label
        >{{ t('ui.oven-form.its-name') }}
        <ElInput
          v-model="name"
          :maxlength="bench.limits?.longest.ovenName"
          :placeholder="t('ui.oven-form.garden-oven')"
      /></label>
      <ChoiceRow
        class="kinds"
        :name="t('ui.oven-form.its-kind')"
        :choices="kinds"
        :chosen="kind"
        @choose="(k) => (kind = k as Oven['kind'])"
      />
      <p v-if="problem?.of === 'another'" class="wrong" role="alert">{{ problem.message }}</p>
      <button class="main-action">{{ t('ui.oven-form.note-it') }}</button>
    </form>
  </SideDialog>
</template>

<style scoped>
.there {
  margin: 0;
  padding: 0;
  list-style: none;
}
.there li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
.there .away {
  color: var(--ink-soft);
}
h3 {
  margin: 16px 0 8px;
  font-size: 1rem;
}
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
  margin: 8px 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
}
</style>

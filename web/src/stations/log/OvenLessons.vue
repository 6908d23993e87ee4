<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { api } from '../../api/client'
import type { Oven, OvenTaught } from '../../api/types'
import { latest } from '../../composables/latest'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { day } from '../../messages/time'
import { useRunning } from '../../stores/running'
import { dayOf } from './logAsked'
import { LEARNED_MS } from './logged'
import OvenCourse from './OvenCourse.vue'
import TestBake from './TestBake.vue'

/** One oven: what its log has taught, and since when it is another. */
const props = defineProps<{ oven: Oven }>()

const running = useRunning()
const taught = ref<OvenTaught | null>(null)
const asks = ref(false)
const tests = ref(false)
const on = ref(dayOf(new Date()))
const { problem, tried } = useTried()
const look = latest(
  async (signal) => {
    taught.value = await api.ovenTaught(props.oven.id, signal)
    if (taught.value.learning) later.start()
  },
  (refusal) => (problem.value = refusal.message),
)
/** What it is believed to be follows a little later. */
const later = useTimeoutFn(() => void look(), LEARNED_MS, { immediate: false })
watch([() => props.oven.id, () => running.logTurn], () => void look(), { immediate: true })

async function said(change: () => Promise<unknown>) {
  await tried(async () => {
    await change()
    asks.value = false
  })
  await look()
}
const forget = () =>
  said(() => api.ovenChanged(taught.value!, new Date(`${on.value}T00:00:00`).toISOString()))
const unchanged = () => said(() => api.ovenUnchanged(taught.value!))
</script>

<template>
  <section v-if="taught" :aria-label="taught.name">
    <h3>{{ taught.name }}</h3>
    <p>{{ taught.steps.length ? taught.words : t('ui.taught.no-steps') }}</p>
    <OvenCourse v-if="taught.steps.length" :oven="taught" />
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p v-if="taught.forgetBefore" class="since">
      {{ t('ui.taught.another-since', { day: day(new Date(taught.forgetBefore)) }) }}
      <button class="quiet-action" @click="unchanged">{{ t('ui.taught.unchanged') }}</button>
    </p>
    <form v-else-if="asks" @submit.prevent="forget">
      <p>{{ t('ui.taught.changed-why') }}</p>
      <label>
        {{ t('ui.taught.changed-on') }}
        <input v-model="on" type="date" :max="dayOf(new Date())" required />
      </label>
      <button class="second-action">{{ t('ui.taught.forget') }}</button>
      <button type="button" class="quiet-action" @click="asks = false">{{ t('ui.taught.leave') }}</button>
    </form>
    <button v-else-if="taught.steps.length" class="quiet-action" @click="asks = true">
      {{ t('ui.taught.changed') }}
    </button>
    <button v-if="!tests" class="quiet-action" @click="tests = true">{{ t('ui.test-bake.open') }}</button>
    <TestBake v-else :oven="oven" />
  </section>
</template>

<style scoped>
section {
  min-width: 0;
}
h3 {
  margin: 0;
  font-size: 18px;
}
p {
  margin: 0 0 4px;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
}
form p {
  flex-basis: 100%;
}
input {
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: #fff;
}
.quiet-action {
  padding: 0 18px 0 0;
}
.wrong {
  color: var(--danger);
}
</style>

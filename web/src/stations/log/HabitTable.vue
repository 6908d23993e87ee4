<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api } from '../../api/client'
import type { HabitFound } from '../../api/types'
import { latest } from '../../composables/latest'
import { useTried } from '../../composables/tried'
import { DRESSES } from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'
import { fishName } from './bakeFacts'
import { LEARNED_MS } from './logged'

/** What goes otherwise in this kitchen than it is reckoned to, what of it is believed, and what not. */
const bench = useBench()
const running = useRunning()
const habits = ref<HabitFound[]>([])
const { problem, tried } = useTried()
const ask = latest(
  async (signal) => {
    const found = await api.habits(signal)
    habits.value = found.habits
    if (found.learning) later.start()
  },
  (refusal) => (problem.value = refusal.message),
)
/** What they are follows a little later. */
const later = useTimeoutFn(() => void ask(), LEARNED_MS, { immediate: false })
watch(
  () => running.logTurn,
  () => void ask(),
  { immediate: true },
)
const rows = computed(() => habits.value.map((habit) => ({ habit, name: nameOf(habit) })))

function nameOf({ about, of, name = '' }: HabitFound): string {
  switch (about) {
    case 'KITCHEN':
      return t('ui.taught.habit-of-all')
    case 'DISH':
      return DRESSES[of as keyof typeof DRESSES] ?? of
    case 'FISH':
      return fishName(of, bench.catalogue)
    case 'RULER':
      return t('ui.taught.habit-ruler', { name })
    case 'VERDICT':
      return t('ui.taught.habit-verdict', { name })
    case 'PROBE':
      return of === '' ? t('ui.taught.habit-hand-probe') : t('ui.taught.habit-probe', { name: of })
  }
}

const believe = (habit: HabitFound, on: boolean) =>
  tried(async () => void (habits.value = (await api.believe(habit, on)).habits))
</script>

<template>
  <section v-if="rows.length" id="habits" :aria-label="t('ui.taught.habits')">
    <h2>{{ t('ui.taught.habits') }}</h2>
    <p>{{ t('ui.taught.habits-why') }}</p>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <table class="lines">
      <thead>
        <tr>
          <th scope="col">{{ t('ui.taught.habit') }}</th>
          <th scope="col">{{ t('ui.taught.habit-how') }}</th>
          <th scope="col">{{ t('ui.taught.bakes') }}</th>
          <th scope="col">{{ t('ui.taught.habit-on') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ habit, name } in rows" :key="habit.about + habit.of" :class="{ off: !habit.on }">
          <th scope="row">{{ name }}</th>
          <td>{{ habit.words }}</td>
          <td>{{ habit.bakes }}</td>
          <td>
            <label>
              <input
                type="checkbox"
                :checked="habit.on"
                :aria-label="t('ui.taught.habit-believe', { name })"
                @change="believe(habit, ($event.target as HTMLInputElement).checked)"
              />
            </label>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 6px;
  font-size: 20px;
}
p {
  max-width: 76ch;
  margin: 0 0 6px;
}
table {
  max-width: 860px;
}
.off td:nth-child(2) {
  text-decoration: line-through;
}
label {
  display: inline-flex;
  align-items: center;
  min-width: 44px;
  min-height: 32px;
}
.wrong {
  color: var(--danger);
}
</style>

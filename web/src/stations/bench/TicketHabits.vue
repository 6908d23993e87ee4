<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'

/** What this kitchen's log has changed on the ticket, each habit by itself, and where it can be left out. */
const bench = useBench()
const habits = computed(() => bench.answer?.habits ?? [])
</script>

<template>
  <section v-if="habits.length" class="habits" :aria-label="t('ui.ticket.habits')">
    <h2>{{ t('ui.ticket.habits') }}</h2>
    <ul>
      <li v-for="habit in habits" :key="habit.words">{{ habit.words }}</li>
    </ul>
    <RouterLink :to="{ path: '/log/taught', hash: '#habits' }">{{ t('ui.ticket.habits-where') }}</RouterLink>
  </section>
</template>

<style scoped>
.habits {
  padding: 5px 0;
  border-bottom: 1px dashed #a9a695;
  color: var(--ink-soft);
  font-size: 13px;
}
h2 {
  margin: 0;
  font-size: 13px;
  font-weight: 700;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
a {
  color: inherit;
}
@media print {
  a {
    display: none;
  }
}
</style>

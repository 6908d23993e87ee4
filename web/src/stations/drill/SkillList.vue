<script setup lang="ts">
import { computed } from 'vue'
import type { Practice, Skill } from '../../api/types'
import { t } from '../../messages/say'
import OffDots from './OffDots.vue'

/** All that can be practised, how each goes, and what comes next. */
const props = defineProps<{ practice: Practice }>()
defineEmits<{ begin: [skill: Skill] }>()

const next = computed(() => props.practice.skills.find(({ skill }) => skill === props.practice.next)!)
</script>

<template>
  <section class="next" :aria-label="t('ui.drill.next')">
    <div>
      <p class="soft">{{ t('ui.drill.next') }}</p>
      <h2>{{ next.name }}</h2>
      <p>{{ next.about }}</p>
      <p class="soft">{{ practice.why }}</p>
    </div>
    <button class="main-action" @click="$emit('begin', next.skill)">{{ t('ui.drill.begin') }}</button>
  </section>
  <ul>
    <li v-for="one in practice.skills" :key="one.skill" :class="{ ahead: !one.open }">
      <b>{{ one.name }}</b>
      <span class="words">
        {{ one.words }}
        <small v-if="!one.open">{{ t('ui.drill.later') }}</small>
      </span>
      <OffDots v-if="one.offs.length" :offs="one.offs" />
      <span v-else />
      <span class="rounds">{{ t('ui.drill.rounds', { count: one.rounds }) }}</span>
      <button
        class="second-action"
        :aria-label="t('ui.drill.try', { name: one.name })"
        @click="$emit('begin', one.skill)"
      >
        {{ t('ui.drill.begin') }}
      </button>
    </li>
  </ul>
  <p class="soft">{{ t('ui.drill.apart') }}</p>
</template>

<style scoped>
.next {
  display: grid;
  grid-template-columns: 1fr 240px;
  align-items: center;
  gap: 20px;
  padding: 12px 18px;
  border-left: 5px solid var(--clay);
  background: var(--paper);
}
h2 {
  margin: 0;
  font-size: 22px;
}
.next p {
  margin: 2px 0 0;
}
.soft,
small,
.rounds {
  color: var(--ink-soft);
}
ul {
  margin: 14px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 180px 1fr 150px 90px auto;
  align-items: center;
  gap: 4px 16px;
  padding: 5px 0;
  border-top: 1px solid var(--rule);
}
small {
  display: block;
}
.rounds {
  font-size: 14px;
}
@media (max-width: 800px) {
  .next {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  li {
    grid-template-columns: 1fr auto;
  }
  .words,
  .rounds {
    grid-column: 1;
  }
  li :deep(svg) {
    display: none;
  }
  .second-action {
    grid-column: 2;
    grid-row: 1 / 3;
  }
}
</style>

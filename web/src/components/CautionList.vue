<script setup lang="ts">
import type { Answer, Card, CounterAnswer } from '../api/types'

/** What can hurt somebody, the hardest first, with who says so. */
defineProps<{
  cautions: Answer['cautions'] | Card['cautions'] | CounterAnswer['cautions']
  withSources?: boolean
}>()
</script>

<template>
  <ul class="cautions">
    <li
      v-for="caution in cautions"
      :key="caution.code"
      :class="caution.weight.toLowerCase()"
      :title="withSources ? undefined : caution.source"
    >
      {{ caution.text }} <small v-if="withSources">{{ caution.source }}</small>
    </li>
  </ul>
</template>

<style scoped>
.cautions {
  margin: 8px 0;
  padding: 0;
  list-style: none;
  font-size: 13px;
  line-height: 1.25;
}
li {
  margin-bottom: 5px;
  padding-left: 9px;
  border-left: 3px solid var(--rule);
}
.warn {
  border-color: var(--ember);
}
.stop {
  border-color: var(--danger);
  color: var(--danger);
  font-weight: 700;
}
small {
  display: block;
  color: var(--ink-soft);
}
</style>

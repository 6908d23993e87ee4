<script setup lang="ts">
import type { LogLine } from '../../api/types'
import { useFacts } from './bakeFacts'

/** What went in and what the ticket said of it, each under its name. */
const props = defineProps<{ line: LogLine }>()

const { wentIn, cameOut } = useFacts(() => props.line)
</script>

<template>
  <dl>
    <div v-for="fact in [...wentIn, ...cameOut]" :key="fact.name">
      <dt>{{ fact.name }}</dt>
      <dd>{{ fact.words }}</dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 18px;
  margin: 0;
}
dt {
  color: var(--ink-soft);
  font-size: 13px;
}
dd {
  margin: 0;
  font-size: 17px;
}
</style>

<script setup lang="ts">
import { t } from '../../messages/say'
import type { Busy } from './ovenSide'

/** Everything that is in an oven, on the board or has leftovers, one tap away. */
defineProps<{ side: Busy }>()
</script>

<template>
  <nav class="tabs" :aria-label="t('ui.oven.running-bakes')">
    <RouterLink
      v-for="other in side.all"
      :key="other.id"
      :to="`/oven/${other.id}`"
      :class="{ shown: other.id === side.bake.id }"
      :aria-current="other.id === side.bake.id ? 'true' : undefined"
    >
      <b>{{ other.title }}</b>
      <span>{{ side.away(other) }}</span>
    </RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 28px;
  padding: 0 24px;
  border-bottom: 1px solid var(--rule);
}
.tabs a {
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-height: 72px;
  border-bottom: 5px solid transparent;
  color: var(--ink-soft);
  text-decoration: none;
}
.tabs span {
  font-size: 14px;
}
.tabs .shown {
  border-color: var(--clay);
  color: var(--ink);
}
@media (max-width: 600px) {
  .tabs {
    padding: 0 14px;
  }
}
</style>

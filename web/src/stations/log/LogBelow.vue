<script setup lang="ts">
import { t } from '../../messages/say'

/** A page below the log: the way back to it, what went wrong, and what it is about. */
defineProps<{ trouble: string | null }>()
</script>

<template>
  <main>
    <p class="back">
      <RouterLink to="/log">{{ t('ui.log.back') }}</RouterLink>
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <slot />
  </main>
</template>

<style scoped>
main {
  width: 100%;
  max-width: 1180px;
  margin: 0 auto;
  padding: 6px 24px 40px;
}
.back {
  margin: 0;
}
.back a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: inherit;
}
.trouble {
  padding: 8px 14px;
  border-left: 6px solid var(--danger);
  background: #fff;
}
main :slotted(h1) {
  margin: 0 0 6px;
  font-size: 26px;
}
@media print {
  main {
    padding: 0;
  }
  .back {
    display: none;
  }
}
@media screen and (max-width: 900px) {
  main {
    padding: 4px 14px 30px;
  }
}
</style>

<script setup lang="ts">
import { t } from '../../messages/say'
import { useRunning } from '../../stores/running'

/** What stands above everything: what cannot be reached, what is waiting, what was refused, what happened meanwhile. */
const running = useRunning()
</script>

<template>
  <p v-if="running.unreachable" class="trouble" role="alert">
    {{ running.stored ? t('ui.oven.the-kitchen-computer-does-not') : t('ui.oven.the-log-cannot-be-reached') }}
    <b v-if="running.waiting.length">{{
      t('ui.oven.waiting', { taps: running.waiting.map((p) => p.words).join(', ') })
    }}</b>
  </p>
  <p v-if="running.roomMb !== null" class="trouble" role="status">
    {{ t('ui.oven.the-kitchen-computers-disk-is', { roomMb: running.roomMb }) }}
  </p>
  <p v-if="running.trouble" class="trouble" role="alert">
    {{ running.trouble }}
    <button class="quiet-action" @click="running.trouble = null">{{ t('ui.oven.all-right') }}</button>
  </p>
  <p v-if="running.notice" class="done" role="status">
    {{ running.notice }}
    <button class="quiet-action" @click="running.notice = null">{{ t('ui.oven.all-right') }}</button>
  </p>
</template>

<style scoped>
.trouble,
.done {
  margin: 0;
  padding: 4px 24px;
  background: #fff;
  border-left: 6px solid var(--danger);
}
.done {
  border-color: var(--kelp);
}
.quiet-action {
  min-height: 72px;
}
</style>

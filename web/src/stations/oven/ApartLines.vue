<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { clock, runningClock } from '../../messages/time'
import { momentAt, useRunning } from '../../stores/running'
import type { Busy } from './ovenSide'

/** Pieces that are out while the rest goes on, and what to do with each. */
const props = defineProps<{ side: Busy }>()

const running = useRunning()
const lines = computed(() =>
  props.side.bake.apart.map(({ id, number, at, moments }) => {
    const seconds = (running.now - Date.parse(at)) / 1000
    const moment = momentAt(moments, seconds)
    // What stands until somebody taps has no end that anybody waits for.
    const ends = moment.phase === 'REST' ? moment.untilSeconds : undefined
    return {
      id,
      danger: moment.phase === 'PUT_BACK',
      out: t('ui.oven.pieces-out-at', { number, at: clock(new Date(at)) }),
      say: moment.say,
      left: ends === undefined ? '' : runningClock(ends - seconds),
    }
  }),
)
</script>

<template>
  <ul
    v-if="lines.length"
    class="apart"
    :class="{ raw: lines.some((line) => line.danger) }"
    :aria-label="t('ui.oven.pieces-that-are-out')"
  >
    <li v-for="line in lines" :key="line.id" :class="{ danger: line.danger }">
      {{ line.out }} <b>{{ line.say }}</b> <span v-if="line.left" class="left">{{ line.left }}</span>
    </li>
    <li v-if="!side.isOut" class="in">{{ t('ui.oven.pieces-still-in', { number: side.stillIn }) }}</li>
  </ul>
</template>

<style scoped>
.apart {
  margin: 6px 0 0;
  padding: 0 0 0 12px;
  border-left: 6px solid var(--brine);
  list-style: none;
  font-size: 18px;
}
.apart.raw {
  border-color: var(--danger);
}
.danger {
  color: var(--danger);
}
.left {
  font-family: var(--figures);
}
.in {
  color: var(--ink-soft);
}
</style>

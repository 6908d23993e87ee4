<script setup lang="ts">
import { onMounted, watch } from 'vue'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useEvenings } from '../../stores/evenings'
import { useRunning } from '../../stores/running'

/** What the evening wants next, beside the bake: three steps, each with a chime when it is due. */
const evenings = useEvenings()
const running = useRunning()

onMounted(() => {
  if (!evenings.loaded) void evenings.open()
})
/** A look has the chime of its bake. */
const RUNG_BY_THE_BAKE = ['LOOK', 'TOUCH', 'GRILL']
watch(
  () =>
    evenings.next.map((s) => ({
      key: `${evenings.id} ${s.key}`,
      kind: s.kind,
      due: s.fromMin <= evenings.nowMin,
    })),
  (steps) => running.chimes.followSteps(steps.filter((s) => !RUNG_BY_THE_BAKE.includes(s.kind))),
  { immediate: true },
)
</script>

<template>
  <RouterLink
    v-if="evenings.next.length"
    class="evening-next"
    to="/sheet"
    :aria-label="t('ui.oven.next-of-the-evening')"
  >
    <span v-for="step in evenings.next" :key="step.key" :class="{ due: step.fromMin <= evenings.nowMin }">
      <time>{{ clock(evenings.moment(step.fromMin)) }}</time> {{ step.say }}
    </span>
  </RouterLink>
</template>

<style scoped>
.evening-next {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2px 24px;
  margin-top: auto;
  min-height: 72px;
  align-content: center;
  padding: 8px 24px;
  border-top: 1px solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.evening-next span {
  display: flex;
  gap: 8px;
  align-items: baseline;
  min-height: 28px;
}
time {
  font: 700 16px var(--figures);
}
.due time {
  color: var(--clay);
}
@media (max-width: 760px) {
  .evening-next {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 14px;
  }
}
</style>

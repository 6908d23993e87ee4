<script setup lang="ts">
import { t } from '../../messages/say'
import { computed } from 'vue'
import type { Bake } from '../../api/types'
import { minutesInWords } from '../../messages/time'

/** How far it has come on the way through the check window, as it is now believed to lie. */
const props = defineProps<{ bake: Bake; seconds: number }>()

const window = computed(() => props.bake.window)
const end = computed(() => {
  const out = props.bake.actualMin
  return out === undefined
    ? Math.max(window.value.noLaterThanMin, props.bake.noLaterThanMin) * 1.12
    : Math.max(out + props.bake.restMinutes, window.value.noLaterThanMin)
})
const percent = (minutes: number) => `${Math.max(0, Math.min(100, (100 * minutes) / end.value))}%`
const done = computed(() => percent(props.bake.actualMin ?? props.seconds / 60))
const rested = computed(() =>
  props.bake.actualMin === undefined
    ? '0%'
    : `calc(${percent(Math.min(end.value, props.seconds / 60))} - ${percent(props.bake.actualMin)})`,
)
</script>

<template>
  <div class="bar">
    <div class="track">
      <div
        class="window"
        :style="{
          left: percent(window.checkFromMin),
          width: `calc(${percent(window.noLaterThanMin)} - ${percent(window.checkFromMin)})`,
        }"
      />
      <div class="done" :style="{ width: done }" />
      <div class="rested" :style="{ left: done, width: rested }" />
      <div class="likely" :style="{ left: percent(window.likelyMin) }" />
    </div>
    <p>
      {{
        t('ui.bake-bar.check-likely-latest-min', {
          checkFrom: minutesInWords(window.checkFromMin),
          likely: minutesInWords(window.likelyMin),
          noLaterThan: minutesInWords(window.noLaterThanMin),
        })
      }}<template v-if="bake.actualMin !== undefined">
        {{ ' ' }}{{ t('ui.bake-bar.out-at', { actual: minutesInWords(bake.actualMin) }) }}</template
      >
    </p>
  </div>
</template>

<style scoped>
.track {
  position: relative;
  height: 18px;
  background: #e3dfd2;
}
.track div {
  position: absolute;
  top: 0;
  height: 100%;
}
.done {
  left: 0;
  background: var(--ink);
}
.rested {
  background: var(--brine);
}
/* Only what seldom moves glides: what moves at every tick would keep a phone drawing all evening. */
.track .window,
.track .likely {
  transition:
    left 0.6s,
    width 0.6s;
}
.window {
  background: #9fbdb2;
}
.likely {
  width: 3px;
  margin-left: -1px;
  background: var(--kelp);
  outline: 1px solid #fff;
}
p {
  margin: 5px 0 0;
  color: var(--ink-soft);
  font: 15px var(--figures);
}
</style>

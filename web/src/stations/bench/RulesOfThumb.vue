<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { RuleOfThumb } from '../../api/types'
import { WAYS } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { useBench } from '../../stores/bench'

/** Each way of reckoning as a mark on one time axis; a tap says what it says, where it fails, and where it comes from. */
const bench = useBench()
const opened = ref<RuleOfThumb['way'] | null>(null)

const told = computed(() => bench.rulesOfThumb.find((s) => s.way === opened.value))
/** The axis ends a little after whatever ends last, min. */
const last = computed(() => 1.06 * Math.max(1, ...bench.rulesOfThumb.map((s) => s.toMin ?? 0)))
const percent = (minutes: number) => `${(100 * minutes) / last.value}%`

function minutes(rule: RuleOfThumb): string {
  if (rule.fromMin === undefined || rule.toMin === undefined) return t('ui.rules.nothing-yet')
  const from = minutesInWords(rule.fromMin)
  const to = minutesInWords(rule.toMin)
  return from === to ? t('ui.min', { n: to }) : t('ui.rules.min', { from, to })
}
</script>

<template>
  <section
    v-if="bench.rulesOfThumb.length"
    class="rules"
    :aria-label="t('ui.rules.ways-of-reckoning')"
    :aria-busy="!bench.certainty"
  >
    <h2>{{ t('ui.rules.ways-of-reckoning-side-by') }}</h2>
    <button
      v-for="rule in bench.rulesOfThumb"
      :key="rule.way"
      class="rule"
      :aria-expanded="opened === rule.way"
      @click="opened = opened === rule.way ? null : rule.way"
    >
      <span class="name">{{ WAYS[rule.way] }}</span>
      <span class="axis" aria-hidden="true">
        <span
          v-if="rule.fromMin !== undefined && rule.toMin !== undefined"
          class="mark"
          :class="{ band: rule.toMin > rule.fromMin, model: rule.way === 'HEAT_MODEL' }"
          :style="{ left: percent(rule.fromMin), width: percent(rule.toMin - rule.fromMin) }"
        />
        <span
          v-if="bench.checkWindow"
          class="likely"
          :style="{ left: percent(bench.checkWindow.likelyMin) }"
        />
      </span>
      <span class="minutes">{{ minutes(rule) }}</span>
    </button>
    <p v-if="told" class="told" role="status">
      {{ told.says }} <small>{{ t('ui.rules.source', { source: told.source }) }}</small>
    </p>
  </section>
</template>

<style scoped>
.rules {
  padding-top: 4px;
  border-top: 1px solid var(--rule);
}
h2 {
  margin: 0;
  color: var(--ink-soft);
  font-size: 14px;
  font-weight: 400;
}
.rule {
  display: grid;
  grid-template-columns: 108px 1fr 92px;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: 28px;
  padding: 0;
  border: 0;
  background: none;
  font-size: 14px;
  text-align: left;
}
.rule[aria-expanded='true'] .name {
  font-weight: 700;
}
.name {
  text-decoration: underline;
  text-decoration-color: var(--rule);
  text-underline-offset: 3px;
}
.axis {
  position: relative;
  height: 14px;
  border-bottom: 1px solid var(--rule);
}
.mark {
  position: absolute;
  bottom: -5px;
  min-width: 11px;
  height: 11px;
  margin-left: -5px;
  border-radius: 50%;
  background: var(--ember);
}
.mark.band {
  bottom: 0;
  width: auto;
  margin-left: 0;
  border-radius: 0;
}
.mark.model {
  background: var(--kelp);
}
.likely {
  position: absolute;
  top: -8px;
  bottom: -8px;
  border-left: 1px dashed var(--kelp);
}
.minutes {
  font-family: var(--figures);
  text-align: right;
}
.told {
  margin: 4px 0 8px;
  padding-left: 10px;
  border-left: 3px solid var(--brine);
  font-size: 14px;
}
small {
  color: var(--ink-soft);
}
@media (max-width: 760px) {
  .rule {
    min-height: 44px;
  }
}
@media (pointer: coarse) {
  .rule {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Round } from '../../api/types'
import ChartFrame from '../../components/ChartFrame.vue'
import ChoiceRow from '../../components/ChoiceRow.vue'
import { useChart } from '../../composables/chart'
import { useDrawingWidth } from '../../composables/width'
import { valueAt } from '../../drawing/sectionPicture'
import { t } from '../../messages/say'
import { runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'

/** What was so, minute by minute, beside what was believed. */
const props = defineProps<{ round: Round }>()
defineEmits<{ next: []; again: [] }>()

const HEIGHT = 330
const LEFT = 46
const RIGHT = 92
const TOP = 12
const BOTTOM = 30
const MOST_C = 80
/** A line of the table for each such stretch, as many as there is reading for, minutes. */
const LINES = 24

const units = useUnits()
const dish = ref(0)
const drawing = ref<SVGSVGElement>()
const { width } = useDrawingWidth(drawing)
const truth = computed(() => props.round.truth!)
const went = computed(() => truth.value.dishes[dish.value]!)
const slip = computed(() => props.round.slips[dish.value]!)
const names = computed(() =>
  props.round.slips.map((one, i) => ({
    value: String(i),
    words: t('ui.drill.dish', {
      number: i + 1,
      fish: one.fish,
      thick: units.amount('length', one.thicknessMm),
    }),
  })),
)
const chart = useChart(
  () => ({ width: width.value, height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM }),
  () => ({
    endMinute: Math.max(went.value.servedMin, went.value.readyMin, slip.value.window.noLaterThanMin),
    leastC: 0,
    mostC: MOST_C,
  }),
)
const { x, inBox } = chart
const looks = computed(() =>
  props.round.seen.filter((one) => one.dish === dish.value && one.kind !== 'OUT' && one.kind !== 'SERVE'),
)
const marks = computed(() => [
  { key: 'ready', minute: went.value.readyMin, words: t('ui.drill.was-ready') },
  { key: 'out', minute: went.value.outMin, words: t('ui.drill.was-out') },
])
const minutes = computed(() => {
  const every = Math.max(1, Math.ceil(went.value.servedMin / LINES))
  return went.value.minutes
    .map((minute, i) => ({ minute, i }))
    .filter(({ minute }) => minute % every === 0)
    .map(({ minute, i }) => ({
      minute,
      believed:
        minute <= slip.value.minutes[slip.value.minutes.length - 1]!
          ? units.degrees(valueAt(slip.value.minutes, slip.value.coldestC, minute))
          : '',
      was: units.degrees(went.value.coldestC[i]!),
      air: units.degrees(truth.value.airC[i]!),
    }))
})
</script>

<template>
  <div class="truth">
    <section :aria-label="t('ui.drill.how-it-was')">
      <ChoiceRow
        v-if="names.length > 1"
        :name="t('ui.drill.which')"
        :choices="names"
        :chosen="String(dish)"
        @choose="dish = Number($event)"
      />
      <p class="verdict" :class="went.verdict.toLowerCase()">{{ went.words[0] }}</p>
      <p v-for="line in went.words.slice(1)" :key="line">{{ line }}</p>
      <p v-for="line in truth.words" :key="line">{{ line }}</p>
      <div class="then">
        <button class="main-action" @click="$emit('next')">{{ t('ui.drill.next-round') }}</button>
        <button class="second-action" @click="$emit('again')">{{ t('ui.drill.again') }}</button>
      </div>
    </section>
    <section :aria-label="t('ui.drill.minute-by-minute')">
      <svg
        ref="drawing"
        :viewBox="`0 0 ${width} ${HEIGHT}`"
        role="img"
        :aria-label="t('ui.drill.chart', { peak: units.degrees(went.peakC) })"
      >
        <ChartFrame :chart="chart" :window="slip.window" :parts="{ minutes: 7, degrees: 4 }" />
        <path :d="chart.through(slip.minutes, slip.coldestC)" class="believed" />
        <path :d="chart.through(went.minutes, went.coldestC)" class="was" />
        <g v-for="mark in marks" :key="mark.key" :class="mark.key">
          <line :x1="x(mark.minute)" :x2="x(mark.minute)" :y1="TOP" :y2="HEIGHT - BOTTOM" />
          <title>{{ mark.words }}</title>
        </g>
        <circle
          v-for="look in looks"
          :key="look.minute"
          :cx="x(look.minute)"
          :cy="inBox(valueAt(went.minutes, went.coldestC, look.minute))"
          r="5"
        >
          <title>{{ t('ui.drill.at', { minute: runningClock(look.minute * 60), words: look.words }) }}</title>
        </circle>
      </svg>
      <ul class="legend" aria-hidden="true">
        <li class="l-was">{{ t('ui.drill.was') }}</li>
        <li class="l-believed">{{ t('ui.drill.believed') }}</li>
        <li class="l-ready">{{ t('ui.drill.was-ready') }}</li>
        <li class="l-out">{{ t('ui.drill.was-out') }}</li>
      </ul>
      <details>
        <summary>{{ t('ui.drill.minute-by-minute') }}</summary>
        <table class="lines">
          <thead>
            <tr>
              <th scope="col">{{ t('ui.drill.minute') }}</th>
              <th scope="col">{{ t('ui.drill.believed') }}</th>
              <th scope="col">{{ t('ui.drill.was') }}</th>
              <th scope="col">{{ t('ui.drill.air') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in minutes" :key="line.minute">
              <td>{{ line.minute }}</td>
              <td>{{ line.believed }}</td>
              <td>{{ line.was }}</td>
              <td>{{ line.air }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </section>
  </div>
</template>

<style scoped>
.truth {
  display: grid;
  grid-template-columns: minmax(260px, 380px) 1fr;
  align-items: start;
  gap: 24px;
}
.verdict {
  margin: 4px 0 10px;
  padding: 10px 14px;
  border-left: 6px solid var(--kelp);
  background: var(--paper);
  font-size: 22px;
  font-weight: 700;
}
.verdict.under {
  border-color: var(--danger);
  color: var(--danger);
}
.verdict.over {
  border-color: var(--ember);
  color: var(--ember-text);
}
p {
  margin: 6px 0;
}
.then {
  display: grid;
  gap: 10px;
  margin-top: 16px;
}
svg {
  display: block;
  width: 100%;
}
.was {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.believed {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
  stroke-dasharray: 7 5;
}
.ready line {
  stroke: var(--kelp);
  stroke-width: 3;
}
.out line {
  stroke: var(--ember);
  stroke-width: 3;
}
circle {
  fill: #fff;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 4px 0;
  padding: 0;
  color: var(--ink-soft);
  font-size: 14px;
  list-style: none;
}
.legend li::before {
  content: '';
  display: inline-block;
  width: 20px;
  margin-right: 6px;
  border-top: 3px solid var(--ink);
  vertical-align: middle;
}
.legend .l-believed::before {
  border-color: var(--clay);
  border-top-style: dashed;
}
.legend .l-ready::before {
  border-color: var(--kelp);
}
.legend .l-out::before {
  border-color: var(--ember);
}
summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
}
td {
  font-family: var(--figures);
}
@media (max-width: 800px) {
  .truth {
    grid-template-columns: 1fr;
    gap: 10px;
  }
}
</style>

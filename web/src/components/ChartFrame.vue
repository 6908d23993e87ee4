<script setup lang="ts">
import { computed } from 'vue'
import type { Chart } from '../composables/chart'
import { fleshColour } from '../drawing/flesh'
import { ticks } from '../drawing/scale'
import { t } from '../messages/say'
import { useUnits } from '../messages/units'
import { useBench } from '../stores/bench'

/** What every chart of temperatures has: the bands of doneness with their names, the check window, and both axes. */
const props = defineProps<{
  chart: Chart
  /** From when to check until when at the latest, and the likely minute where that is shown, min. */
  window?: { checkFromMin: number; noLaterThanMin: number; likelyMin?: number } | null
  /** At most so many parts the minutes and the degrees are divided into. */
  parts: { minutes: number; degrees: number }
}>()

/** Band names on the right need this much room each. */
const LABEL_ROOM = 16
/** What the names of the bands keep clear of the chart. */
const LEAD = 14
/** Flesh is not drawn colder or hotter than this in a band, °C: below it is raw all the same, above it burns. */
const COLDEST_C = 8
const PALEST_C = 15
const DARKEST_C = 76

const bench = useBench()
const units = useUnits()
const chart = computed(() => {
  const { box, span, x, y } = props.chart
  return { ...box.value, ...span.value, x: x.value, y: y.value, edge: box.value.width - box.value.right }
})
const bands = computed(() => {
  const { y, leastC, mostC } = chart.value
  const all = (bench.catalogue?.bands ?? []).filter((band) => band.fromC < mostC)
  let lastLabel = Infinity
  return all.map((band, i) => {
    const from = Math.max(leastC, band.fromC)
    const to = Math.min(mostC, all[i + 1]?.fromC ?? mostC)
    const middle = (y(from) + y(to)) / 2
    lastLabel = Math.min(middle + 4, lastLabel - LABEL_ROOM)
    const celsius = (Math.max(COLDEST_C, from) + to) / 2
    return {
      word: band.word,
      look: band.look,
      top: y(to),
      height: y(from) - y(to),
      colour: fleshColour(Math.max(PALEST_C, Math.min(DARKEST_C, celsius))),
      label: lastLabel,
      middle,
    }
  })
})
const levels = computed(() => units.axis('heat', chart.value.leastC, chart.value.mostC, props.parts.degrees))
const minutes = computed(() => ticks(chart.value.endMinute, props.parts.minutes))
</script>

<template>
  <g class="frame">
    <g v-for="band in bands" :key="band.word">
      <rect
        :x="chart.left"
        :y="band.top"
        :width="chart.edge - chart.left"
        :height="band.height"
        :fill="band.colour"
        opacity="0.55"
      />
      <line
        :x1="chart.edge"
        :x2="chart.edge + LEAD - 4"
        :y1="band.middle"
        :y2="band.label - 4"
        class="lead"
        aria-hidden="true"
      />
      <text :x="chart.edge + LEAD" :y="band.label" class="band">
        {{ band.word }}
        <title>{{ band.look }}</title>
      </text>
    </g>
    <g v-if="window">
      <rect
        :x="chart.x(window.checkFromMin)"
        :y="chart.top"
        :width="Math.max(1, chart.x(window.noLaterThanMin) - chart.x(window.checkFromMin))"
        :height="chart.height - chart.top - chart.bottom"
        class="window"
      />
      <line
        v-if="window.likelyMin !== undefined"
        :x1="chart.x(window.likelyMin)"
        :x2="chart.x(window.likelyMin)"
        :y1="chart.top"
        :y2="chart.height - chart.bottom"
        class="likely"
      />
      <slot name="window" :from="chart.x(window.checkFromMin)" />
    </g>
    <g class="axis" aria-hidden="true">
      <text
        v-for="level in levels"
        :key="level.shown"
        :x="chart.left - 8"
        :y="chart.y(level.si) + 4"
        text-anchor="end"
      >
        {{ level.shown }}°
      </text>
      <text
        v-for="tick in minutes"
        :key="tick"
        :x="chart.x(tick)"
        :y="chart.height - 10"
        text-anchor="middle"
      >
        {{ tick }}
      </text>
      <text :x="chart.edge + LEAD" :y="chart.height - 10">{{ t('ui.chart.min') }}</text>
    </g>
  </g>
</template>

<style scoped>
text {
  fill: var(--ink);
  font-size: 13px;
}
.axis text {
  fill: var(--ink-soft);
  font-family: var(--figures);
}
.lead {
  stroke: #8d958f;
}
.window {
  fill: var(--kelp);
  opacity: 0.28;
}
.likely {
  stroke: var(--kelp);
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
</style>

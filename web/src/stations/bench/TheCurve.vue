<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import ChartFrame from '../../components/ChartFrame.vue'
import { useChart } from '../../composables/chart'
import { useDrawingWidth } from '../../composables/width'
import { useBench } from '../../stores/bench'
import ProgrammeStrip from './ProgrammeStrip.vue'

/** The course of temperatures with the bands of doneness and the check window; the minute hand is dragged along it. */
const emit = defineEmits<{ moved: [] }>()

const HEIGHT = 300
const LEFT = 44
const RIGHT = 96
const TOP = 60
/** The stages lie above the chart. */
const STRIP = 20
const BOTTOM = 30
const MOST_C = 100

const bench = useBench()
const svg = ref<SVGSVGElement>()
const { width, perDot } = useDrawingWidth(svg)

const answer = computed(() => bench.answer!)
const leastC = computed(() => Math.min(0, Math.floor(Math.min(...answer.value.trace.coldestC) / 10) * 10))
const lastMinute = computed(() => Math.max(bench.endMinute, (bench.checkWindow?.noLaterThanMin ?? 0) + 0.5))
const chart = useChart(
  () => ({ width: width.value, height: HEIGHT, left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM }),
  () => ({ endMinute: lastMinute.value, leastC: leastC.value, mostC: MOST_C }),
)
const { x, inBox } = chart
const line = (series: number[]) => chart.through(answer.value.trace.minute, series)
/** Where a line's name stands: two fifths along the bake. */
function nameAt(series: number[], along: number) {
  const trace = answer.value.trace
  const i = Math.min(trace.minute.length - 1, Math.round(trace.minute.length * along))
  return { x: x.value(trace.minute[i]!), y: inBox(series[i]!) }
}
const names = computed(() => [
  {
    text: t('ui.curve.surface'),
    class: 'surface',
    ...nameAt(answer.value.trace.topFaceC, 0.2),
    dx: -8,
    dy: -8,
    anchor: 'end',
  },
  {
    text: t('ui.curve.mean'),
    class: 'mean',
    ...nameAt(answer.value.trace.meanC, 0.36),
    dx: -8,
    dy: -6,
    anchor: 'end',
  },
  {
    text: t('ui.curve.coldest-point'),
    class: 'coldest',
    ...nameAt(answer.value.trace.coldestC, 0.42),
    dx: 10,
    dy: 16,
    anchor: 'start',
  },
  ...(answer.value.trace.fillingC.length
    ? [
        {
          text: t('ui.curve.inside-it'),
          class: 'inside',
          ...nameAt(answer.value.trace.fillingC, 0.6),
          dx: 8,
          dy: 16,
          anchor: 'start',
        },
      ]
    : []),
])

function moveTo(minute: number) {
  emit('moved')
  bench.minute = Math.min(bench.endMinute, Math.max(0, minute))
}
function follow(event: PointerEvent) {
  const box = svg.value!.getBoundingClientRect()
  moveTo(x.value.invert(((event.clientX - box.left) / box.width) * width.value))
}
function grab(event: PointerEvent) {
  svg.value!.setPointerCapture(event.pointerId)
  follow(event)
}
function drag(event: PointerEvent) {
  if (svg.value!.hasPointerCapture(event.pointerId)) follow(event)
}
</script>

<template>
  <svg
    ref="svg"
    class="curve"
    :viewBox="`0 0 ${width} ${HEIGHT}`"
    role="group"
    :aria-label="t('ui.curve.temperatures-over-time')"
    @pointerdown="grab"
    @pointermove="drag"
  >
    <ChartFrame
      :chart="chart"
      :window="bench.checkWindow"
      :parts="{ minutes: Math.round(width / 70), degrees: 6 }"
    >
      <template #window="{ from }">
        <text :x="from - 8" :y="TOP + 20" text-anchor="end" class="window-name">
          {{ t('ui.curve.check-window') }}
        </text>
      </template>
    </ChartFrame>
    <path v-if="answer.trace.fillingC.length" :d="line(answer.trace.fillingC)" class="line inside" />
    <path :d="line(answer.trace.topFaceC)" class="line surface" />
    <path :d="line(answer.trace.meanC)" class="line mean" />
    <path :d="line(answer.trace.coldestC)" class="line coldest" />
    <text
      v-for="name in names"
      :key="name.text"
      :x="name.x + name.dx"
      :y="name.y + name.dy"
      :text-anchor="name.anchor"
      class="name"
      :class="name.class"
    >
      {{ name.text }}
    </text>
    <ProgrammeStrip :x="x" :top="STRIP" :per-dot="perDot" />
    <g
      class="hand"
      role="slider"
      tabindex="0"
      :aria-label="t('ui.curve.minute')"
      :aria-valuenow="Math.round(bench.minute * 10) / 10"
      aria-valuemin="0"
      :aria-valuemax="Math.round(bench.endMinute * 10) / 10"
      :transform="`translate(${x(bench.minute)} 0)`"
      @keydown.right.prevent="moveTo(bench.minute + 0.5)"
      @keydown.left.prevent="moveTo(bench.minute - 0.5)"
    >
      <rect x="-22" :y="TOP - 8" width="44" :height="HEIGHT - TOP - 8" fill="transparent" />
      <line :y1="TOP - 2" :y2="HEIGHT - BOTTOM" />
      <circle :cy="TOP" r="8" />
      <title>{{ t('ui.curve.drag-to-look-inside-at') }}</title>
    </g>
  </svg>
</template>

<style scoped>
.curve {
  display: block;
  width: 100%;
  touch-action: none;
  user-select: none;
}
.window-name {
  fill: #1f4a40;
  font-size: 14px;
  font-weight: 700;
}
.line {
  fill: none;
  stroke-linejoin: round;
}
.line.coldest {
  stroke: var(--ink);
  stroke-width: 3.5;
}
.line.mean {
  stroke: var(--brine);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}
.line.inside {
  stroke: var(--kelp);
  stroke-width: 2.4;
  stroke-dasharray: 2 3;
}
.line.surface {
  stroke: var(--ember);
  stroke-width: 2.4;
  stroke-dasharray: 1 5;
  stroke-linecap: round;
}
.name {
  font-size: 14px;
  paint-order: stroke;
  stroke: rgb(247 244 236 / 70%);
  stroke-width: 3px;
}
.name.coldest {
  fill: var(--ink);
  font-weight: 700;
}
.name.mean {
  fill: #1d5371;
}
.name.inside {
  fill: #1f4a40;
}
.name.surface {
  fill: #8a4408;
}
.hand {
  cursor: ew-resize;
}
.hand line {
  stroke: var(--clay);
  stroke-width: 2.5;
}
.hand circle {
  fill: var(--clay);
}
</style>

<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import { fleshColour } from '../../drawing/flesh'
import { path, scale, ticks } from '../../drawing/scale'
import { useDrawingWidth } from '../../composables/width'
import { useUnits } from '../../messages/units'
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
/** Band names on the right need this much room each. */
const LABEL_ROOM = 16

const bench = useBench()
const units = useUnits()
const svg = ref<SVGSVGElement>()
const { width, perDot } = useDrawingWidth(svg)

const answer = computed(() => bench.answer!)
const leastC = computed(() => Math.min(0, Math.floor(Math.min(...answer.value.trace.coldestC) / 10) * 10))
const lastMinute = computed(() => Math.max(bench.endMinute, (bench.checkWindow?.noLaterThanMin ?? 0) + 0.5))
const x = computed(() => scale([0, lastMinute.value], [LEFT, width.value - RIGHT]))
const y = computed(() => scale([leastC.value, MOST_C], [HEIGHT - BOTTOM, TOP]))

const bands = computed(() => {
  const all = bench.catalogue?.bands ?? []
  let lastLabel = Infinity
  return all.map((band, i) => {
    const from = Math.max(leastC.value, band.fromC)
    const to = all[i + 1]?.fromC ?? MOST_C
    const centre = (y.value(from) + y.value(to)) / 2 + 4
    lastLabel = Math.min(centre, lastLabel - LABEL_ROOM)
    return {
      word: band.word,
      look: band.look,
      top: y.value(to),
      height: y.value(from) - y.value(to),
      colour: fleshColour(Math.max(15, Math.min(76, (Math.max(8, from) + to) / 2))),
      label: lastLabel,
      own: centre - 4,
    }
  })
})

const line = (series: number[]) =>
  path(
    answer.value.trace.minute.map((m, i) => [
      x.value(m),
      y.value(Math.min(MOST_C, Math.max(leastC.value, series[i]!))),
    ]),
  )
const levels = computed(() => units.axis('heat', leastC.value, MOST_C, 6))
const minutes = computed(() => ticks(lastMinute.value, Math.round(width.value / 70)))
/** Where a line's name stands: two fifths along the bake. */
function nameAt(series: number[], along: number) {
  const trace = answer.value.trace
  const i = Math.min(trace.minute.length - 1, Math.round(trace.minute.length * along))
  return { x: x.value(trace.minute[i]!), y: y.value(Math.min(MOST_C, series[i]!)) }
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
    <g v-for="band in bands" :key="band.word">
      <rect
        :x="LEFT"
        :y="band.top"
        :width="width - LEFT - RIGHT"
        :height="band.height"
        :fill="band.colour"
        opacity="0.55"
      />
      <line
        :x1="width - RIGHT"
        :x2="width - RIGHT + 10"
        :y1="band.own"
        :y2="band.label - 4"
        class="lead"
        aria-hidden="true"
      />
      <text :x="width - RIGHT + 14" :y="band.label" class="band">
        {{ band.word }}
        <title>{{ band.look }}</title>
      </text>
    </g>
    <g v-if="bench.checkWindow">
      <rect
        :x="x(bench.checkWindow.checkFromMin)"
        :y="TOP"
        :width="x(bench.checkWindow.noLaterThanMin) - x(bench.checkWindow.checkFromMin)"
        :height="HEIGHT - TOP - BOTTOM"
        class="window"
      />
      <line
        :x1="x(bench.checkWindow.likelyMin)"
        :x2="x(bench.checkWindow.likelyMin)"
        :y1="TOP"
        :y2="HEIGHT - BOTTOM"
        class="likely"
      />
      <text :x="x(bench.checkWindow.checkFromMin) - 8" :y="TOP + 20" text-anchor="end" class="window-name">
        {{ t('ui.curve.check-window') }}
      </text>
    </g>
    <g class="axis" aria-hidden="true">
      <text v-for="level in levels" :key="level.shown" :x="LEFT - 8" :y="y(level.si) + 4" text-anchor="end">
        {{ level.shown }}°
      </text>
      <text v-for="tick in minutes" :key="tick" :x="x(tick)" :y="HEIGHT - 10" text-anchor="middle">
        {{ tick }}
      </text>
      <text :x="width - RIGHT + 14" :y="HEIGHT - 10">{{ t('ui.curve.min') }}</text>
    </g>
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
.band,
.axis text {
  fill: var(--ink-soft);
  font-size: 13px;
}
.band {
  fill: var(--ink);
}
.axis text {
  font-family: var(--figures);
}
.lead {
  stroke: #8d958f;
}
.window {
  fill: var(--kelp);
  opacity: 0.28;
}
.window-name {
  fill: #1f4a40;
  font-size: 14px;
  font-weight: 700;
}
.likely {
  stroke: var(--kelp);
  stroke-width: 2;
  stroke-dasharray: 5 3;
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

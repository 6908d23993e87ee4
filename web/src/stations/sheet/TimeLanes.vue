<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { SheetDish } from '../../api/types'
import { acrossPx, LEFT_PX, perMinute, quarters, rows } from '../../drawing/lanes'
import { title } from '../../drawing/title'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'

/** The evening drawn to time: a lane an oven, one for the hob, one a pair of hands. A dish is drawn along, or moved by the arrows. */
const evenings = useEvenings()
const bench = useBench()
const units = useUnits()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const view = computed(() => evenings.view!)
const sheet = computed(() => view.value.sheet!)

const TOP = 22
const ROW = 34
const HANDS = 24
const GAP = 10

/** From the first step to a little after the last course, in whole quarters of an hour. */
const from = computed(() => {
  const first = Math.min(...evenings.steps.map((s) => s.fromMin), ...evenings.dishes.map((d) => d.inMin))
  return 15 * Math.floor((Math.max(first, -360) - 4) / 15)
})
const until = computed(
  () => Math.max(...sheet.value.courses.map((c) => c.servedMin), evenings.nowMin < 60 ? -99 : 0) + 12,
)
const wide = computed(() => Math.max(360, width.value || 620))
const drawn = computed(() => ({ from: from.value, until: until.value, width: wide.value }))
const perMin = computed(() => perMinute(drawn.value))
const x = (minute: number) => acrossPx(drawn.value, minute)

interface Lane {
  key: string
  name: string
  rows: SheetDish[][]
  y: number
}
const lanes = computed<Lane[]>(() => {
  const named = view.value.evening.ovens.map(({ ovenId }) => ({
    key: String(ovenId),
    name: bench.allOvens.find((o) => o.id === ovenId)?.name ?? '',
    dishes: evenings.dishes.filter((d) => d.ovenId === ovenId),
  }))
  const hob = {
    key: 'hob',
    name: t('ui.sheet.hob'),
    dishes: evenings.dishes.filter((d) => d.ovenId === undefined),
  }
  let y = TOP
  return [...named, hob]
    .filter((lane) => lane.dishes.length)
    .map((lane) => {
      const packed = rows(lane.dishes)
      const at = y
      y += packed.length * ROW + GAP
      return { key: lane.key, name: lane.name, rows: packed, y: at }
    })
})
const handsTop = computed(() => {
  const last = lanes.value.at(-1)
  return last ? last.y + last.rows.length * ROW + GAP : TOP
})
const pairs = computed(() =>
  view.value.evening.hands.map((h, i) => ({
    name: h.name,
    y: handsTop.value + i * (HANDS + 4),
    steps: evenings.steps.filter((s) => s.hands === i),
  })),
)
const height = computed(() => handsTop.value + pairs.value.length * (HANDS + 4) + 6)
const hours = computed(() => quarters(drawn.value, new Date(evenings.serveAt).getMinutes()))

const dragged = ref<{ key: string; by: number; at: number } | null>(null)
const shift = (dish: SheetDish) => (dragged.value?.key === dish.key ? dragged.value.by : 0)
function pin(dish: SheetDish, byMin: number) {
  const step = evenings.steps.find((s) => s.key === `${dish.key}.PUT_IN`)
  if (!step || !byMin) return
  void evenings.move('PINNED', step.key, evenings.moment(Math.round(step.fromMin) + byMin))
}
function take(event: PointerEvent, dish: SheetDish) {
  if (dish.started) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  dragged.value = { key: dish.key, by: 0, at: event.clientX }
}
function drag(event: PointerEvent) {
  if (dragged.value) dragged.value.by = Math.round((event.clientX - dragged.value.at) / perMin.value)
}
function drop(dish: SheetDish) {
  const by = dragged.value?.by ?? 0
  dragged.value = null
  pin(dish, by)
}
const dialOf = (dish: SheetDish) => (dish.dialC ? units.amount('heat', dish.dialC) : '')
/** The dish and its dial, where they are not written over another dish, nor across the line it is served at, nor beyond the drawing. */
function titleOf(dish: SheetDish, row: SheetDish[]) {
  const at = row.indexOf(dish)
  const before = row[at - 1]
  const after = row[at + 1]
  const ends = sheet.value.courses.map((c) => c.servedMin).filter((served) => served >= dish.likelyMin)
  return title(dish.name, dialOf(dish), {
    from: x(dish.inMin),
    until: x(dish.likelyMin),
    left: before ? x(before.readyMin) : LEFT_PX,
    right: Math.min(after ? x(after.inMin) : wide.value, ...ends.map(x)),
  })
}
const said = (dish: SheetDish) =>
  t('ui.sheet.bar', {
    dish: dish.name,
    from: clock(evenings.moment(dish.inMin)),
    to: clock(evenings.moment(dish.likelyMin)),
  })
</script>

<template>
  <div ref="box" class="lanes">
    <svg
      :viewBox="`0 0 ${wide} ${height}`"
      :width="wide"
      :height="height"
      role="group"
      :aria-label="t('ui.sheet.drawn')"
    >
      <g class="axis">
        <template v-for="q in hours" :key="q">
          <line :x1="x(q)" :x2="x(q)" :y1="TOP - 4" :y2="height" />
          <text :x="x(q)" y="12" text-anchor="middle">{{ clock(evenings.moment(q)) }}</text>
        </template>
      </g>
      <g v-for="lane in lanes" :key="lane.key" class="lane">
        <text class="name" x="0" :y="lane.y + 20">{{ lane.name }}</text>
        <template v-for="(row, r) in lane.rows" :key="r">
          <g
            v-for="dish in row"
            :key="dish.key"
            class="dish"
            :class="{ started: dish.started }"
            :transform="`translate(${shift(dish) * perMin} ${lane.y + r * ROW})`"
            :tabindex="dish.started ? -1 : 0"
            role="button"
            :aria-label="said(dish)"
            :data-dish="dish.key"
            @pointerdown="take($event, dish)"
            @pointermove="drag"
            @pointerup="drop(dish)"
            @pointercancel="dragged = null"
            @keydown.left.prevent="pin(dish, -1)"
            @keydown.right.prevent="pin(dish, 1)"
          >
            <rect
              class="rest"
              :x="x(dish.likelyMin)"
              y="6"
              :width="Math.max(0, x(dish.readyMin) - x(dish.likelyMin))"
              height="16"
            />
            <rect
              class="bar"
              :x="x(dish.inMin)"
              y="0"
              :width="Math.max(2, x(dish.likelyMin) - x(dish.inMin))"
              height="28"
              rx="3"
            />
            <rect
              class="window"
              :x="x(dish.checkFromMin)"
              y="0"
              :width="Math.max(2, x(dish.noLaterThanMin) - x(dish.checkFromMin))"
              height="28"
            />
            <text
              v-for="written in [titleOf(dish, row)]"
              :key="written.text"
              class="title"
              data-typed
              :x="written.x"
              y="18"
              :text-anchor="written.anchor"
            >
              {{ written.text }}
            </text>
          </g>
        </template>
      </g>
      <g v-for="pair in pairs" :key="pair.name" class="hands">
        <text class="name" data-typed x="0" :y="pair.y + 16">{{ pair.name }}</text>
        <rect
          v-for="step in pair.steps"
          :key="step.key"
          :x="x(step.fromMin)"
          :y="pair.y"
          :width="Math.max(1.5, x(step.untilMin) - x(step.fromMin) - 0.5)"
          :height="HANDS"
          :class="{ pinned: step.pinned, plate: step.kind === 'PLATE' }"
        >
          <title>{{ clock(evenings.moment(step.fromMin)) }} {{ step.say }}</title>
        </rect>
      </g>
      <g v-for="(course, i) in sheet.courses" :key="i" class="serve">
        <line :x1="x(course.servedMin)" :x2="x(course.servedMin)" :y1="TOP - 6" :y2="height" />
      </g>
      <line
        v-if="evenings.nowMin > from && evenings.nowMin < until"
        class="now"
        :x1="x(evenings.nowMin)"
        :x2="x(evenings.nowMin)"
        :y1="TOP - 6"
        :y2="height"
      />
    </svg>
  </div>
</template>

<style scoped>
.lanes {
  overflow-x: auto;
  margin: 6px 0 10px;
}
svg {
  display: block;
  max-width: 100%;
}
text {
  fill: var(--ink);
  font: 13px var(--text);
}
.name {
  font-weight: 700;
}
.axis line {
  stroke: var(--rule);
}
.axis text {
  fill: var(--ink-soft);
  font: 12px var(--figures);
}
.dish {
  cursor: grab;
  touch-action: none;
}
.dish.started {
  cursor: default;
}
.bar {
  fill: var(--clay-wash);
  stroke: var(--clay);
}
.started .bar {
  stroke-width: 2;
}
.rest {
  fill: #e8e3d5;
}
.window {
  fill: var(--ember);
  opacity: 0.35;
}
.title {
  pointer-events: none;
}
.hands rect {
  fill: #bcd3cb;
}
.hands rect.plate {
  fill: var(--kelp);
}
.hands rect.pinned {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.serve line {
  stroke: var(--kelp);
  stroke-width: 2;
}
.now {
  stroke: var(--clay);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { path } from '../../drawing/scale'
import { sectionPicture, valueAt } from '../../drawing/sectionPicture'
import { minutesInWords } from '../../words/time'
import { useUnits } from '../../words/units'
import { useBench } from './bench'

/** The cross-section, drawn to its own ruler. Dragging its top edge changes the thickness. */
defineProps<{ playing: boolean }>()
defineEmits<{ play: [] }>()

const WIDTH = 640
const HEIGHT = 270
const LEFT = 56
const RIGHT = 30
const TOP = 36
const BOTTOM = 32
/** Parcels stand off the fish by about this, mm. */
const GAP_MM = 5

const bench = useBench()
const units = useUnits()
const svg = ref<SVGSVGElement>()
const dragging = ref<{ y: number; mm: number; perMm: number } | null>(null)

const sections = computed(() => bench.answer!.sections)
const wrapped = computed(() => bench.on.dress !== 'OPEN_TRAY')

/** Dots for each millimetre; kept while the edge is dragged, so that the edge follows the finger. */
const perMm = computed(() => {
  if (dragging.value) return dragging.value.perMm
  const room = wrapped.value ? 2 * (GAP_MM + 5) : 0
  const wide = (WIDTH - LEFT - RIGHT - 90) / (2 * sections.value.halfWidthMm + room)
  const high = (HEIGHT - TOP - BOTTOM) / (sections.value.heightMm * 1.12 + room / 3)
  return Math.min(wide, high)
})
const middle = computed(() => LEFT + (WIDTH - LEFT - RIGHT) / 2)
const floor = HEIGHT - BOTTOM
/** The tray reaches beyond whatever stands on it, mm. */
const trayHalfMm = computed(() => sections.value.halfWidthMm + (wrapped.value ? GAP_MM + 5 : 0))
const x = (mm: number) => middle.value + mm * perMm.value
const y = (mm: number) => floor - mm * perMm.value

const outline = computed(() => {
  const half = sections.value.outline.map(([px, py]) => [px!, py!] as const)
  const right = half.map(([px, py]) => [x(px), y(py)] as [number, number])
  const left = [...half].reverse().map(([px, py]) => [x(-px), y(py)] as [number, number])
  return `${path([...right, ...left])}Z`
})
const picture = computed(() => sectionPicture(sections.value, bench.minute))

const at = (series: number[]) => valueAt(bench.answer!.trace.minute, series, bench.minute)
const coldestC = computed(() => at(bench.answer!.trace.coldestC))
const topC = computed(() => at(bench.answer!.trace.topFaceC))
const band = computed(() =>
  [...(bench.catalogue?.bands ?? [])].reverse().find((b) => coldestC.value >= b.fromC),
)
const coldestAt = computed(() => {
  const s = sections.value
  return {
    x: x(valueAt(s.minute, s.coldestXMm, bench.minute)),
    y: y(valueAt(s.minute, s.coldestYMm, bench.minute)),
  }
})
/** Flesh parts along its flakes as it cooks; the lines show from the middle's temperature. */
const flaking = computed(() => Math.min(0.34, Math.max(0.06, (coldestC.value - 25) / 110)))
const flakes = computed(() => {
  const { halfWidthMm: half, heightMm: high } = sections.value
  return Array.from({ length: 9 }, (_, i) => {
    const px = ((i - 4) / 5) * half
    const bend = 0.05 * half
    return `M${x(px - bend)} ${y(high * 0.9)}Q${x(px + bend)} ${y(high * 0.5)} ${x(px - bend)} ${y(high * 0.12)}`
  }).join('')
})

const marks = computed(() => {
  const imperial = units.chosen.value === 'imperial'
  const step = imperial ? 25.4 / 8 : 1
  const major = imperial ? 4 : 10
  const top = sections.value.heightMm * 1.1
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, i) => ({
    y: y(i * step),
    long: i % major === 0,
    label: i % major === 0 ? (imperial ? (i / 8).toString() : String(i)) : '',
    shown: perMm.value * step > 2.4 || i % (major / 2) === 0,
  })).filter((m) => m.shown)
})

const sheet = computed(() => {
  const { halfWidthMm: half, heightMm: high } = sections.value
  const out = half + GAP_MM
  const up = high + GAP_MM
  if (bench.on.dress === 'FOIL') {
    return `M${x(-out - 5)} ${y(0.4)}L${x(-out)} ${y(up * 0.55)}L${x(-half * 0.75)} ${y(up)}L${x(-2)} ${y(up + 0.6)}L${x(0)} ${y(up + 4)}L${x(2)} ${y(up + 0.6)}L${x(half * 0.75)} ${y(up)}L${x(out)} ${y(up * 0.55)}L${x(out + 5)} ${y(0.4)}Z`
  }
  return `M${x(-out - 5)} ${y(0.4)}C${x(-out)} ${y(up * 0.9)} ${x(-half * 0.6)} ${y(up + 1)} ${x(0)} ${y(up + 1)}S${x(out)} ${y(up * 0.9)} ${x(out + 5)} ${y(0.4)}Z`
})

const thickness = computed(() => bench.answer!.piece.thicknessMm)

function setThickness(mm: number) {
  const { leastThicknessMm = 5, mostThicknessMm = 200 } = bench.cut ?? {}
  const whole = Math.min(mostThicknessMm, Math.max(leastThicknessMm, Math.round(mm)))
  if (whole !== bench.on.thicknessMm) bench.change({ thicknessMm: whole })
}

function pointerMm(event: PointerEvent): number {
  const box = svg.value!.getBoundingClientRect()
  return ((event.clientY - box.top) / box.height) * HEIGHT
}
function grab(event: PointerEvent) {
  ;(event.target as Element).setPointerCapture(event.pointerId)
  dragging.value = { y: pointerMm(event), mm: thickness.value, perMm: perMm.value }
}
function drag(event: PointerEvent) {
  if (!dragging.value) return
  setThickness(dragging.value.mm + (dragging.value.y - pointerMm(event)) / dragging.value.perMm)
}
function letGo() {
  dragging.value = null
}
</script>

<template>
  <div class="cut">
    <h1>
      The cut at {{ minutesInWords(bench.minute) }} min
      <small
        >{{ bench.minute > bench.answer!.bakeMinutes + 0.01 ? 'on the board' : 'in the oven' }}, thickest
        point</small
      >
      <span class="keys">
        <button class="quiet-action" @click="$emit('play')">
          {{ playing ? 'Stop' : 'Play' }} <kbd>Space</kbd>
        </button>
        <span class="key-hint"><kbd>,</kbd><kbd>.</kbd> minute</span>
      </span>
    </h1>
    <svg
      ref="svg"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="group"
      :aria-label="`Cross-section, ${units.amount('length', thickness)} thick, coldest point ${units.degrees(coldestC)}, ${band?.word ?? ''}`"
    >
      <defs>
        <clipPath id="flesh"><path :d="outline" /></clipPath>
      </defs>
      <g class="ruler" aria-hidden="true">
        <line :x1="LEFT - 16" :x2="LEFT - 16" :y1="y(0)" :y2="y(sections.heightMm * 1.1)" />
        <g v-for="mark in marks" :key="mark.y">
          <line :x1="LEFT - 16" :x2="LEFT - (mark.long ? 4 : 10)" :y1="mark.y" :y2="mark.y" />
          <text v-if="mark.long" :x="LEFT - 22" :y="mark.y + 5" text-anchor="end">{{ mark.label }}</text>
        </g>
        <text :x="LEFT - 16" :y="floor + 24" text-anchor="middle">{{ units.unit('length').sign }}</text>
      </g>

      <path v-if="wrapped" :d="sheet" class="air" :class="bench.on.dress.toLowerCase()" />
      <image
        :href="picture"
        :x="x(-sections.halfWidthMm)"
        :y="y(sections.heightMm)"
        :width="2 * sections.halfWidthMm * perMm"
        :height="sections.heightMm * perMm"
        preserveAspectRatio="none"
        clip-path="url(#flesh)"
      />
      <path :d="flakes" clip-path="url(#flesh)" class="flakes" :style="{ opacity: flaking }" />
      <path :d="outline" class="edge" />
      <path
        class="tray"
        :d="`M${x(-trayHalfMm) - 34} ${floor - 9}L${x(-trayHalfMm) - 27} ${floor + 4}H${x(trayHalfMm) + 27}L${x(trayHalfMm) + 34} ${floor - 9}`"
      />

      <circle :cx="coldestAt.x" :cy="coldestAt.y" r="4.5" class="coldest" />
      <text :x="coldestAt.x + 11" :y="coldestAt.y + 6" class="figure">
        {{ units.degrees(coldestC) }} coldest
        <tspan v-if="band" class="word">· {{ band.word }}</tspan>
      </text>
      <text
        :x="x(sections.halfWidthMm * 0.45)"
        :y="y(sections.heightMm + (wrapped ? GAP_MM + 1.5 : 0)) - 9"
        class="small"
      >
        top {{ units.degrees(topC) }}
      </text>

      <g
        class="handle"
        role="slider"
        tabindex="0"
        aria-label="Thickness"
        aria-orientation="vertical"
        :aria-valuenow="Math.round(thickness)"
        :aria-valuemin="bench.cut?.leastThicknessMm"
        :aria-valuemax="bench.cut?.mostThicknessMm"
        :aria-valuetext="units.amount('length', thickness)"
        :transform="`translate(${x(0)} ${y(thickness)})`"
        @pointerdown="grab"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="letGo"
        @keydown.up.prevent="setThickness(thickness + 1)"
        @keydown.down.prevent="setThickness(thickness - 1)"
      >
        <rect x="-60" y="-24" width="120" height="48" fill="transparent" />
        <path d="M0 -25l-5 6h10z M0 25l-5 -6h10z" fill="currentColor" stroke="none" />
        <circle r="10" />
        <text x="-18" y="-12" text-anchor="end" class="figure">{{ units.amount('length', thickness) }}</text>
        <title>Drag to change the thickness ( [ and ] )</title>
      </g>
    </svg>
  </div>
</template>

<style scoped>
h1 {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 10px;
  margin: 0;
  font-size: 18px;
}
small {
  color: var(--ink-soft);
  font-size: 15px;
  font-weight: 400;
}
.keys {
  margin-left: auto;
  font-size: 14px;
  font-weight: 400;
}
.key-hint kbd {
  margin-right: 2px;
}
svg {
  display: block;
  width: 100%;
  touch-action: pan-y;
  user-select: none;
}
.ruler line {
  stroke: var(--ink);
  stroke-width: 1;
}
.ruler text,
.small {
  fill: var(--ink-soft);
  font: 13px var(--figures);
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.flakes {
  fill: none;
  stroke: #6b5b3e;
  stroke-width: 1.5;
}
.tray {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.air {
  stroke-width: 2;
  stroke-linejoin: round;
}
.air.parchment {
  fill: #fffdf6;
  stroke: #b59a63;
}
.air.foil {
  fill: #e7edf0;
  stroke: #7a8b95;
}
.coldest {
  fill: var(--salt);
  stroke: var(--ink);
  stroke-width: 2;
}
.figure {
  fill: var(--ink);
  font: 700 15px var(--text);
  paint-order: stroke;
  stroke: rgb(255 255 255 / 60%);
  stroke-width: 3px;
}
.word {
  font-weight: 400;
}
.handle {
  color: var(--clay);
  cursor: ns-resize;
  touch-action: none;
}
.handle circle {
  fill: #fff;
  stroke: currentColor;
  stroke-width: 3;
}
</style>

<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import SectionOutline from '../../components/SectionOutline.vue'
import { GAP_MM } from '../../drawing/sheet'
import { valueAt } from '../../drawing/sectionPicture'
import { minutesInWords } from '../../messages/time'
import { useDrawingWidth } from '../../composables/width'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useCutReadings } from './cutReadings'
import CoverDrawing from './CoverDrawing.vue'
import CutRuler from './CutRuler.vue'
import { useLayerLines } from './layerLines'
import VesselDrawing from './VesselDrawing.vue'

/** The cross-section with all that is round it, drawn to its own ruler. Dragging its top edge changes the thickness. */
defineProps<{ playing: boolean }>()
defineEmits<{ play: []; stages: [] }>()

const HEIGHT = 240
const LEFT = 56
const RIGHT = 30
const TOP = 34
const BOTTOM = 30

const bench = useBench()
const units = useUnits()
const svg = ref<SVGSVGElement>()
const { width, narrow } = useDrawingWidth(svg)
const dragging = ref<{ y: number; mm: number; perMm: number; above: number } | null>(null)

const { fishInAt, fishIn, coldestC, coldestWords, band, topWords, fillingC, colour, coatFill, flaking } =
  useCutReadings()
const sections = computed(() => bench.answer!.sections)
const { bed, citrus, layerAt } = useLayerLines()
const wrapped = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')
const layers = computed(() => sections.value.layers)
const topMm = computed(() =>
  Math.max(
    sections.value.baseMm + sections.value.heightMm,
    ...layers.value.flatMap((l) => l.outline.map((p) => p[1]!)),
  ),
)
const halfMm = computed(() =>
  Math.max(sections.value.halfWidthMm, ...layers.value.flatMap((l) => l.outline.map((p) => p[0]!))),
)
/** A parcel needs room round the fish, mm. */
const room = computed(() => (wrapped.value ? 2 * (GAP_MM + 5) : 0))
const highMm = computed(() => topMm.value * 1.12 + room.value / 3)
/** Dots for each millimetre; kept while the edge is dragged, so that the edge follows the finger. */
const perMm = computed(() => {
  if (dragging.value) return dragging.value.perMm
  const wide = (width.value - LEFT - RIGHT - 90) / (2 * halfMm.value + room.value)
  const high = (HEIGHT - TOP - BOTTOM) / highMm.value
  return Math.min(wide, high)
})
const middle = computed(() => LEFT + (width.value - LEFT - RIGHT) / 2)
const floor = HEIGHT - BOTTOM
/** On a narrow screen the empty room above the drawing is left away; not while the edge is dragged. */
const above = computed(() => {
  if (dragging.value) return dragging.value.above
  if (!narrow.value) return 0
  return Math.max(0, HEIGHT - TOP - BOTTOM - highMm.value * perMm.value)
})
/** The tray reaches beyond whatever stands on it, mm. */
const trayHalfMm = computed(() => halfMm.value + (wrapped.value ? GAP_MM + 5 : 0))
const x = (mm: number) => middle.value + mm * perMm.value
const y = (mm: number) => floor - mm * perMm.value

/** Where a label begins that shall not run out of the drawing, px; about so wide is a letter. */
const LETTER = 9
const begins = (at: number, words: string) =>
  Math.max(4, Math.min(at, width.value - 4 - LETTER * words.length))
const coldestAt = computed(() => {
  const s = sections.value
  return {
    x: x(valueAt(s.minute, s.coldestXMm, bench.minute)),
    y: y(valueAt(s.minute, s.coldestYMm, bench.minute)),
  }
})
const thickness = computed(() => bench.answer!.piece.thicknessMm)
/** Upright, its height is not its thickness, and cannot be dragged. */
const draggable = computed(() => bench.on.stance === 'LYING' || !bench.stands)
function pointerMm(event: PointerEvent): number {
  const box = svg.value!.getBoundingClientRect()
  return ((event.clientY - box.top) / box.height) * (HEIGHT - above.value)
}
function grab(event: PointerEvent) {
  ;(event.target as Element).setPointerCapture(event.pointerId)
  bench.beginMove()
  dragging.value = { y: pointerMm(event), mm: thickness.value, perMm: perMm.value, above: above.value }
}
function drag(event: PointerEvent) {
  if (!dragging.value) return
  bench.setThickness(dragging.value.mm + (dragging.value.y - pointerMm(event)) / dragging.value.perMm)
}
function letGo() {
  dragging.value = null
}
</script>

<template>
  <div class="cut">
    <h1>
      {{ t('ui.cut.the-cut-at-min', { minute: minutesInWords(bench.minute) }) }}
      <small
        >{{
          bench.minute > bench.answer!.bakeMinutes + 0.01
            ? t('ui.cut.on-the-board')
            : t('ui.cut.in-the-oven')
        }}<template v-if="colour"
          >, <span :class="{ burnt: colour.burnt }">{{ colour.word }}</span></template
        ></small
      >
      <span class="keys">
        <button class="quiet-action" @click="$emit('play')">
          {{ playing ? t('ui.cut.stop') : t('ui.cut.play') }} <kbd>{{ t('ui.cut.space') }}</kbd>
        </button>
        <button class="quiet-action" @click="$emit('stages')">{{ t('ui.stages.open') }}</button>
        <span class="key-hint"><kbd>,</kbd><kbd>.</kbd> {{ t('ui.cut.minute') }}</span>
      </span>
    </h1>
    <svg
      ref="svg"
      :viewBox="`0 ${above} ${width} ${HEIGHT - above}`"
      role="group"
      :aria-label="
        t('ui.cut.cross-section-thick-coldest-point', {
          thickness: units.amount('length', thickness),
          coldest: units.degrees(coldestC),
          band: band?.word ?? '',
        })
      "
    >
      <CutRuler :top-mm="topMm * 1.05" :per-mm="perMm" :x="LEFT - 16" :y="y" />
      <CoverDrawing
        :half-mm="halfMm"
        :top-mm="topMm"
        :left="x(-trayHalfMm)"
        :right="x(trayHalfMm)"
        :floor="floor"
        :x="x"
        :y="y"
      />
      <SectionOutline
        :sections="sections"
        :minute="bench.minute"
        :x="x"
        :y="y"
        :fish-later="!fishIn"
        :flaking="flaking"
        :coat-fill="coatFill"
        :coated="bench.on.dress === 'BREADED'"
        :slices="citrus || bed.includes('CITRUS')"
        :stuffed="bench.on.filling === 'STUFFING'"
        @pick="(place) => (bench.layer = layerAt(place))"
      />
      <VesselDrawing
        :ware="bench.way.vessel"
        :left="x(-trayHalfMm)"
        :right="x(trayHalfMm)"
        :floor="floor"
        @click="bench.layer = 'vessel'"
      />

      <template v-if="fishIn">
        <circle :cx="coldestAt.x" :cy="coldestAt.y" r="4.5" class="coldest" />
        <text
          :x="begins(coldestAt.x + 11, `${coldestWords} · ${band?.word}`)"
          :y="coldestAt.y + 6"
          class="figure"
        >
          {{ coldestWords }}
          <tspan v-if="band" class="word">· {{ band.word }}</tspan>
        </text>
      </template>
      <text
        :x="begins(x(sections.halfWidthMm * 0.45), topWords)"
        :y="y(topMm + (wrapped ? GAP_MM + 1.5 : 0)) - 9"
        class="small"
      >
        {{ topWords }}
      </text>
      <text
        v-if="fillingC !== null"
        :x="x(0)"
        :y="y(sections.baseMm) - 8"
        text-anchor="middle"
        class="figure"
      >
        {{ t('ui.cut.inside', { filling: units.degrees(fillingC) }) }}
      </text>
      <text
        v-if="!fishIn"
        :x="x(0)"
        :y="y(sections.baseMm + sections.heightMm / 2)"
        text-anchor="middle"
        class="figure"
      >
        {{ t('ui.cut.the-fish-goes-on-at', { fishInAt: minutesInWords(fishInAt) }) }}
      </text>

      <g
        v-if="draggable"
        class="handle"
        role="slider"
        tabindex="0"
        :aria-label="t('ui.cut.thickness')"
        aria-orientation="vertical"
        :aria-valuenow="Math.round(thickness)"
        :aria-valuemin="bench.cut?.leastThicknessMm"
        :aria-valuemax="bench.cut?.mostThicknessMm"
        :aria-valuetext="units.amount('length', thickness)"
        :transform="`translate(${x(0)} ${y(sections.baseMm + sections.heightMm)})`"
        @pointerdown="grab"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="letGo"
        @keydown.up.prevent="bench.thicker(1)"
        @keydown.down.prevent="bench.thicker(-1)"
      >
        <rect x="-60" y="-24" width="120" height="48" fill="transparent" />
        <path d="M0 -25l-5 6h10z M0 25l-5 -6h10z" fill="currentColor" stroke="none" />
        <circle r="10" />
        <text x="-18" :y="layers.length || wrapped ? 22 : -12" text-anchor="end" class="figure">
          {{ units.amount('length', thickness) }}
        </text>
        <title>{{ t('ui.cut.drag-to-change-the-thickness') }}</title>
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
.small {
  fill: var(--ink-soft);
  font: 13px var(--figures);
}
.burnt {
  color: var(--danger);
  font-weight: 700;
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

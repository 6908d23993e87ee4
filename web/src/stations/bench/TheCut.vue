<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { Layer } from '../../api/types'
import { isInside } from '../../drawing/layers'
import { closedPath } from '../../drawing/scale'
import { sectionPicture, valueAt } from '../../drawing/sectionPicture'
import { COLOURS } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { useDrawingWidth } from '../../composables/width'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** The cross-section with all that is round it, drawn to its own ruler. Dragging its top edge changes the thickness. */
defineProps<{ playing: boolean }>()
defineEmits<{ play: [] }>()

const HEIGHT = 240
const LEFT = 56
const RIGHT = 30
const TOP = 34
const BOTTOM = 30
/** Parcels stand off the fish by about this, mm. */
const GAP_MM = 5
/** Something that goes on later is outlined until it does. */
const LATER = 'later'

const bench = useBench()
const units = useUnits()
const svg = ref<SVGSVGElement>()
const { width, narrow } = useDrawingWidth(svg)
const dragging = ref<{ y: number; mm: number; perMm: number; above: number } | null>(null)

const sections = computed(() => bench.answer!.sections)
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
/** When the fish itself goes in: at once, but for a tray bake. */
const fishInAt = computed(
  () => bench.answer!.programme.find((s) => s.stage === 'ADD' && s.what === 'FISH')?.fromMin ?? 0,
)
const fishIn = computed(() => bench.minute >= fishInAt.value - 0.01)

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

const closed = (half: number[][]) => closedPath(half, x, y)
const outline = computed(() => closed(sections.value.outline))
const picture = computed(() => sectionPicture(sections.value, bench.minute))
/** What is drawn behind the fish, and what in front of it. */
const behind = computed(() => drawn(layers.value.filter((l) => !isInside(l) && !over(l))))
const inFront = computed(() => drawn(layers.value.filter((l) => isInside(l) || over(l))))
/** A topping lies over the fish; a coat of crumb goes round it. */
const over = (layer: Layer) => layer.kind === 'COAT' && bench.on.dress === 'TOPPING'
function drawn(of: Layer[]) {
  return of.map((layer) => ({
    kind: layer.kind.toLowerCase(),
    path: closed(layer.outline),
    when: bench.minute >= layer.fromMinute - 0.01 ? '' : LATER,
  }))
}

const at = (series: number[]) => valueAt(bench.answer!.trace.minute, series, bench.minute)
const coldestC = computed(() => at(bench.answer!.trace.coldestC))
const topC = computed(() => at(bench.answer!.trace.topFaceC))
const outerC = computed(() => at(bench.answer!.trace.outerC))
const fillingC = computed(() =>
  bench.answer!.trace.fillingC.length ? at(bench.answer!.trace.fillingC) : null,
)
const band = computed(() =>
  [...(bench.catalogue?.bands ?? [])].reverse().find((b) => coldestC.value >= b.fromC),
)
/** What lies outermost, by name. */
const outer = computed(() => {
  if (layers.value.some((l) => l.kind === 'CRUST')) return t('ui.cut.outer.crust')
  const coat = layers.value.find((l) => l.kind === 'COAT')
  if (coat && bench.minute >= coat.fromMinute)
    return t(bench.on.dress === 'BREADED' ? 'ui.cut.outer.crumb' : 'ui.cut.outer.topping')
  return null
})
const topWords = computed(() =>
  outer.value
    ? t('ui.cut.skin', {
        outer: outer.value,
        outer2: units.degrees(outerC.value),
        top: units.degrees(topC.value),
      })
    : t('ui.cut.top', { top: units.degrees(topC.value) }),
)
const coldestWords = computed(() => t('ui.cut.coldest', { coldest: units.degrees(coldestC.value) }))
/** Where a label begins that shall not run out of the drawing, px; about so wide is a letter. */
const LETTER = 9
const begins = (at: number, words: string) =>
  Math.max(4, Math.min(at, width.value - 4 - LETTER * words.length))
/** How the top has coloured by the end, and from when it is gold. */
const colour = computed(() => {
  const { colour: found, goldMin } = bench.answer!
  if (!found) return null
  const gold = goldMin === undefined ? '' : t('ui.cut.gold-from-min', { gold: minutesInWords(goldMin) })
  return { word: t('ui.cut.top-comes-out', { value: COLOURS[found], gold }), burnt: found === 'BURNT' }
})
/** The crumb's own colour as the minute has it: pale until it browns. */
const coatFill = computed(() => {
  const along = Math.min(1, Math.max(0, (outerC.value - 70) / 110))
  const mix = (from: number, to: number) => Math.round(from + along * (to - from))
  return `rgb(${mix(226, 176)} ${mix(205, 122)} ${mix(150, 52)})`
})
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
  const { halfWidthMm: half, heightMm: high, baseMm: base } = sections.value
  return Array.from({ length: 9 }, (_, i) => {
    const px = ((i - 4) / 5) * half
    const bend = 0.05 * half
    return `M${x(px - bend)} ${y(base + high * 0.9)}Q${x(px + bend)} ${y(base + high * 0.5)} ${x(px - bend)} ${y(base + high * 0.12)}`
  }).join('')
})

const marks = computed(() => {
  const imperial = units.chosen.value === 'imperial'
  const step = imperial ? 25.4 / 8 : 1
  const major = imperial ? 4 : 10
  const top = topMm.value * 1.05
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, i) => ({
    y: y(i * step),
    long: i % major === 0,
    label: i % major === 0 ? units.show('length', i * step) : '',
    shown: perMm.value * step > 2.4 || i % (major / 2) === 0,
  })).filter((m) => m.shown)
})

const sheet = computed(() => {
  const half = halfMm.value
  const high = topMm.value
  const out = half + GAP_MM
  const up = high + GAP_MM
  if (bench.on.dress === 'FOIL') {
    return `M${x(-out - 5)} ${y(0.4)}L${x(-out)} ${y(up * 0.55)}L${x(-half * 0.75)} ${y(up)}L${x(-2)} ${y(up + 0.6)}L${x(0)} ${y(up + 4)}L${x(2)} ${y(up + 0.6)}L${x(half * 0.75)} ${y(up)}L${x(out)} ${y(up * 0.55)}L${x(out + 5)} ${y(0.4)}Z`
  }
  return `M${x(-out - 5)} ${y(0.4)}C${x(-out)} ${y(up * 0.9)} ${x(-half * 0.6)} ${y(up + 1)} ${x(0)} ${y(up + 1)}S${x(out)} ${y(up * 0.9)} ${x(out + 5)} ${y(0.4)}Z`
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
          value: band?.word ?? '',
        })
      "
    >
      <defs>
        <clipPath id="flesh"><path :d="outline" /></clipPath>
        <pattern id="salt" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="#fbfaf5" />
          <path d="M1 2h1.6M6 1l1 1.2M4 5.4h1.4M8 7l-1 1M1.4 7.6l1 .8" stroke="#a9a695" stroke-width="1" />
        </pattern>
        <pattern id="bed" width="26" height="12" patternUnits="userSpaceOnUse">
          <rect width="26" height="12" fill="#dfe3c4" />
          <path
            d="M2 3h9a2.5 2.5 0 0 1 0 5h-9a2.5 2.5 0 0 1 0-5zM16 7h8a2 2 0 0 1 0 4h-8a2 2 0 0 1 0-4z"
            fill="#b9c58f"
            stroke="#7c8a58"
            stroke-width=".8"
          />
        </pattern>
        <pattern id="citrus" width="34" height="12" patternUnits="userSpaceOnUse">
          <rect width="34" height="12" fill="#f6e8b8" />
          <path d="M1 1.5h32v9H1z" fill="#f3d679" stroke="#b98f23" stroke-width="1.2" />
          <path d="M9 2v8M17 2v8M25 2v8" stroke="#fbf3d2" stroke-width="1.4" />
        </pattern>
        <pattern id="stuffing" width="10" height="10" patternUnits="userSpaceOnUse">
          <rect width="10" height="10" fill="#d9bf8f" />
          <path
            d="M2 2l2 1M6 4l2-1M3 7l1 1M8 8h1"
            stroke="#5f7a46"
            stroke-width="1.6"
            stroke-linecap="round"
          />
        </pattern>
      </defs>
      <g class="ruler" aria-hidden="true">
        <line :x1="LEFT - 16" :x2="LEFT - 16" :y1="y(0)" :y2="y(topMm * 1.05)" />
        <g v-for="mark in marks" :key="mark.y">
          <line :x1="LEFT - 16" :x2="LEFT - (mark.long ? 4 : 10)" :y1="mark.y" :y2="mark.y" />
          <text v-if="mark.long" :x="LEFT - 22" :y="mark.y + 5" text-anchor="end">{{ mark.label }}</text>
        </g>
        <text :x="LEFT - 16" :y="floor + 24" text-anchor="middle">{{ units.unit('length').sign }}</text>
      </g>

      <path v-if="wrapped" :d="sheet" class="air" :class="bench.on.dress.toLowerCase()" />
      <path
        v-for="layer in behind"
        :key="layer.kind"
        :d="layer.path"
        class="layer"
        :class="[layer.kind, layer.when, { slices: bench.on.dress === 'OPEN_TRAY' }]"
        :style="layer.kind === 'coat' && !layer.when ? { fill: coatFill } : {}"
      />
      <image
        :class="{ later: !fishIn }"
        :href="picture"
        :x="x(-sections.halfWidthMm)"
        :y="y(sections.baseMm + sections.heightMm)"
        :width="2 * sections.halfWidthMm * perMm"
        :height="sections.heightMm * perMm"
        preserveAspectRatio="none"
        clip-path="url(#flesh)"
      />
      <path :d="flakes" clip-path="url(#flesh)" class="flakes" :style="{ opacity: flaking }" />
      <path :d="outline" class="edge" :class="{ later: !fishIn }" />
      <path
        v-for="layer in inFront"
        :key="layer.kind"
        :d="layer.path"
        class="layer"
        :class="[layer.kind, layer.when, bench.on.filling.toLowerCase()]"
        :style="layer.kind === 'coat' && !layer.when ? { fill: coatFill } : {}"
      />
      <path
        class="tray"
        :d="`M${x(-trayHalfMm) - 34} ${floor - 9}L${x(-trayHalfMm) - 27} ${floor + 4}H${x(trayHalfMm) + 27}L${x(trayHalfMm) + 34} ${floor - 9}`"
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
.layer {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.layer.crust {
  fill: url(#salt);
}
.layer.bed {
  fill: url(#bed);
}
.layer.bed.slices {
  fill: url(#citrus);
}
.layer.liquid {
  fill: #e2b65a;
  fill-opacity: 0.55;
  stroke: #9a6f17;
}
.layer.filling {
  fill: #b9c58f;
  fill-opacity: 0.85;
}
.layer.hollow {
  fill: var(--salt);
}
.layer.filling.stuffing {
  fill: url(#stuffing);
  fill-opacity: 1;
}
.layer.later,
.edge.later {
  fill: none !important;
  stroke-dasharray: 5 5;
  opacity: 0.6;
}
image.later {
  opacity: 0.25;
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

<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, reactive, ref } from 'vue'
import SectionOutline from '../../components/SectionOutline.vue'
import { GAP_MM } from '../../drawing/sheet'
import { valueAt } from '../../drawing/sectionPicture'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import CoverDrawing from './CoverDrawing.vue'
import { useEdgeDrag, useToppingDrag } from './cutDrags'
import { HEIGHT, LEFT, useCutFrame } from './cutFrame'
import { useCutReadings } from './cutReadings'
import CutRuler from './CutRuler.vue'
import CutTitle from './CutTitle.vue'
import { useLayerLines } from './layerLines'
import LayerPluses from './LayerPluses.vue'
import LiquorDrawing from './LiquorDrawing.vue'
import VesselDrawing from './VesselDrawing.vue'

/** The cross-section with all that is round it, drawn to its own ruler. Dragging its top edge changes the thickness. */
defineProps<{ playing: boolean }>()
defineEmits<{ play: []; stages: []; along: [] }>()

const bench = useBench()
const units = useUnits()
const svg = ref<SVGSVGElement>()
const {
  fishInAt,
  fishIn,
  coldestC,
  coldestWords,
  band,
  topWords,
  fillingC,
  topFill,
  crustMm,
  liquorG,
  flaking,
} = useCutReadings()
const { bed, citrus, layerAt } = useLayerLines()
const frame = reactive(useCutFrame(svg))
const { x, y, floor } = frame
const edge = useEdgeDrag(frame)
const topping = useToppingDrag(frame)

const sections = computed(() => bench.answer!.sections)
const layers = computed(() => sections.value.layers)
/** Where a label begins that shall not run out of the drawing, px; about so wide is a letter. */
const LETTER = 9
const begins = (at: number, words: string) =>
  Math.max(4, Math.min(at, frame.width - 4 - LETTER * words.length))
const coldestAt = computed(() => {
  const s = sections.value
  return {
    x: x(valueAt(s.minute, s.coldestXMm, bench.minute)),
    y: y(valueAt(s.minute, s.coldestYMm, bench.minute)),
  }
})
/** Whether the coldest point's name runs on within the flesh. */
const wordFits = computed(() => {
  const letters = `${coldestWords.value} · ${band.value?.word}`.length
  return coldestAt.value.x + 11 + LETTER * letters <= x(sections.value.halfWidthMm)
})
const thickness = computed(() => bench.answer!.piece.thicknessMm)
/** Upright, its height is not its thickness, and cannot be dragged. */
const draggable = computed(() => bench.on.stance === 'LYING' || !bench.stands)
</script>

<template>
  <div class="cut">
    <CutTitle
      :title="t('ui.cut.the-cut-at-min', { minute: minutesInWords(bench.minute) })"
      :playing="playing"
      :turn="bench.cut?.tapers ? t('ui.cut.along') : undefined"
      @turn="$emit('along')"
      @play="$emit('play')"
      @stages="$emit('stages')"
    />
    <svg
      ref="svg"
      :viewBox="`0 ${frame.above} ${frame.width} ${HEIGHT - frame.above}`"
      role="group"
      :aria-label="
        t('ui.cut.cross-section-thick-coldest-point', {
          thickness: units.amount('length', thickness),
          coldest: units.degrees(coldestC),
          band: band?.word ?? '',
        })
      "
      @pointermove="topping.drag"
      @pointerup="topping.letGo"
      @pointercancel="topping.letGo"
    >
      <CutRuler :top-mm="frame.topMm * 1.05" :per-mm="frame.perMm" :x="LEFT - 16" :y="y" />
      <CoverDrawing
        :half-mm="frame.halfMm"
        :top-mm="frame.topMm"
        :left="x(-frame.trayHalfMm)"
        :right="x(frame.trayHalfMm)"
        :floor="floor"
        :x="x"
        :y="y"
      />
      <LiquorDrawing
        v-if="liquorG"
        :liquor-g="liquorG"
        :half-mm="frame.halfMm"
        :tray-half-mm="frame.trayHalfMm"
        :top-mm="frame.topMm"
        :base-mm="sections.baseMm"
        :height-mm="sections.heightMm"
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
        :top-fill="topFill"
        :crust-mm="crustMm"
        :coated="bench.on.dress === 'BREADED'"
        :slices="citrus || bed.includes('CITRUS')"
        :stuffed="bench.on.filling === 'STUFFING'"
        :moves="topping.moves"
        @pick="(place) => (bench.layer = layerAt(place))"
        @grab="topping.grab"
      />
      <VesselDrawing
        :ware="bench.way.vessel"
        :left="x(-frame.trayHalfMm)"
        :right="x(frame.trayHalfMm)"
        :floor="floor"
        @click="bench.layer = 'vessel'"
      />
      <LayerPluses :frame="frame" />

      <template v-if="fishIn">
        <circle :cx="coldestAt.x" :cy="coldestAt.y" r="4.5" class="coldest" />
        <text
          :x="begins(coldestAt.x + 11, `${coldestWords} · ${band?.word}`)"
          :y="coldestAt.y + 6"
          class="figure"
        >
          {{ coldestWords }}
          <tspan v-if="band && wordFits" class="word">· {{ band.word }}</tspan>
          <tspan v-else-if="band" class="word" :x="coldestAt.x + 11" dy="17">{{ band.word }}</tspan>
        </text>
      </template>
      <text
        :x="begins(x(sections.halfWidthMm * 0.45), topWords)"
        :y="y(frame.topMm + (frame.wrapped ? GAP_MM + 1.5 : 0)) - 9"
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
        @pointerdown="edge.grab"
        @pointermove="edge.drag"
        @pointerup="edge.letGo"
        @pointercancel="edge.letGo"
        @keydown.up.prevent="bench.thicker(1)"
        @keydown.down.prevent="bench.thicker(-1)"
      >
        <rect x="-60" y="-24" width="120" height="48" fill="transparent" />
        <path d="M0 -25l-5 6h10z M0 25l-5 -6h10z" fill="currentColor" stroke="none" />
        <circle r="10" />
        <text x="-18" :y="layers.length || frame.wrapped ? 22 : -12" text-anchor="end" class="figure">
          {{ units.amount('length', thickness) }}
        </text>
        <title>{{ t('ui.cut.drag-to-change-the-thickness') }}</title>
      </g>
    </svg>
  </div>
</template>

<style scoped>
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

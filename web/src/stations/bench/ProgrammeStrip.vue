<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { StageInput, StageSpan } from '../../api/types'
import type { Scale } from '../../drawing/scale'
import { ADDED } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { asked, useBench } from '../../stores/bench'

/**
 * The stages along the time axis. The edge after a stage is dragged: a stage of given length gets another, a solved one
 * becomes given, and between two that share a solved length the share moves.
 */
const props = defineProps<{ x: Scale; top: number; perDot: number }>()

const HIGH = 26
/** A moment's name is about so wide. */
const NAME_ROOM = 70

const bench = useBench()
const leastMin = computed(() => bench.limits?.leastMinutes ?? 0)
const units = useUnits()
const held = ref<{ index: number; stages: StageInput[]; spans: StageSpan[] } | null>(null)

const spans = computed(() => bench.answer!.programme)
const lasting = computed(() =>
  spans.value
    .map((span, index) => ({ span, index }))
    .filter(({ span }) => span.toMin > span.fromMin)
    .map(({ span, index }) => ({
      index,
      kind: span.stage.toLowerCase(),
      from: props.x(span.fromMin),
      to: props.x(span.toMin),
      words: words(span, props.x(span.toMin) - props.x(span.fromMin)),
      name: t('ui.programme-strip.until-min', { span: words(span, 200), to: minutesInWords(span.toMin) }),
      open: span.open,
      toMin: span.toMin,
    })),
)
const moments = computed(() => {
  const all = spans.value.filter((s) => ['ADD', 'TURN', 'UNCOVER'].includes(s.stage))
  return all.map((s, i) => {
    const at = props.x(s.fromMin)
    const next = all[i + 1]
    // A name gives way to the one after it, and to the chart's right edge.
    const crowded = next !== undefined && props.x(next.fromMin) - at < NAME_ROOM
    const atEdge = props.x(bench.endMinute) - at < NAME_ROOM
    return {
      at,
      words: momentWords(s),
      anchor: crowded || (atEdge && i === 0) ? 'end' : 'middle',
    }
  })
})

function momentWords(span: StageSpan): string {
  if (span.stage === 'ADD') return ADDED[span.what!]
  return t(span.stage === 'TURN' ? 'ui.programme-strip.turn' : 'ui.programme-strip.open')
}

function words(span: StageSpan, wide: number): string {
  if (span.stage === 'BAKE') {
    if (wide < 36) return ''
    return wide > 64
      ? t('ui.programme-strip.bake', { temp: units.dial(span.tempC!) })
      : units.dial(span.tempC!)
  }
  if (span.stage === 'HOB') return wide > 30 ? t('ui.programme-strip.hob') : ''
  if (span.stage === 'GRILL') return wide > 34 ? t('ui.programme-strip.grill') : t('ui.programme-strip.g')
  return wide > 30 ? t('ui.programme-strip.rest') : ''
}

/** Moves the end of a stage to a minute. */
function setEnd(index: number, minute: number, from = held.value) {
  const stages = (from?.stages ?? spans.value.map(asked)).map((s) => ({ ...s }))
  const was = from?.spans ?? spans.value
  const span = was[index]!
  const length = Math.max(leastMin.value, Math.round((minute - span.fromMin) * 2) / 2)
  const next = was.findIndex((s, i) => i > index && s.open)
  const stage = stages[index]!
  if (span.open && next > 0) {
    // Two that share a solved length: only the share between them moves.
    const both = was[next]!.toMin - was[next]!.fromMin + span.toMin - span.fromMin
    const mine = Math.min(both - leastMin.value, length)
    stage.share = Math.max(0.05, mine / both)
    stages[next]!.share = Math.max(0.05, (both - mine) / both)
  } else {
    stage.minutes = length
  }
  bench.change({ stages })
}
function grab(event: PointerEvent, index: number) {
  event.stopPropagation()
  ;(event.target as Element).setPointerCapture(event.pointerId)
  bench.beginMove()
  held.value = { index, stages: spans.value.map(asked), spans: spans.value }
}
function drag(event: PointerEvent) {
  if (!held.value) return
  event.stopPropagation()
  const box = (event.target as SVGElement).ownerSVGElement!.getBoundingClientRect()
  setEnd(held.value.index, props.x.invert((event.clientX - box.left) * props.perDot))
}
function letGo() {
  held.value = null
  bench.endMove()
}
</script>

<template>
  <g class="strip" role="group" :aria-label="t('ui.programme-strip.stages-of-the-bake')">
    <g v-for="stage in lasting" :key="stage.index">
      <rect
        :x="stage.from"
        :y="top"
        :width="Math.max(1, stage.to - stage.from)"
        :height="HIGH"
        :class="stage.kind"
      />
      <text v-if="stage.words" :x="(stage.from + stage.to) / 2" :y="top + 18" text-anchor="middle">
        {{ stage.words }}
      </text>
    </g>
    <g v-for="(moment, i) in moments" :key="i" :transform="`translate(${moment.at} ${top})`">
      <path d="M0 -3l4 5-4 5-4-5z" class="moment" />
      <text x="0" y="-6" :text-anchor="moment.anchor" class="added">{{ moment.words }}</text>
    </g>
    <g
      v-for="stage in lasting"
      :key="`e${stage.index}`"
      class="edge"
      role="slider"
      tabindex="0"
      :aria-label="t('ui.programme-strip.end-of', { name: stage.name })"
      :aria-valuenow="Math.round(stage.toMin * 10) / 10"
      aria-valuemin="0"
      :aria-valuemax="bench.limits?.longestMinutes"
      :transform="`translate(${stage.to} ${top})`"
      @pointerdown="(e) => grab(e, stage.index)"
      @pointermove="drag"
      @pointerup="letGo"
      @pointercancel="letGo"
      @keydown.right.prevent.stop="setEnd(stage.index, stage.toMin + 0.5)"
      @keydown.left.prevent.stop="setEnd(stage.index, stage.toMin - 0.5)"
    >
      <rect x="-9" y="-3" width="18" :height="HIGH + 6" fill="transparent" />
      <line y1="-2" :y2="HIGH + 2" />
      <title>{{ t('ui.programme-strip.drag-to-change-how-long') }}</title>
    </g>
  </g>
</template>

<style scoped>
text {
  fill: var(--ink);
  font-size: 13px;
  pointer-events: none;
}
.bake {
  fill: #eecdb2;
}
.grill,
.hob {
  fill: #d98d52;
}
.rest {
  fill: #dcd8ca;
}
.moment {
  fill: var(--ink);
}
.added {
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--salt);
  stroke-width: 3px;
}
.edge {
  cursor: ew-resize;
  touch-action: none;
}
.edge line {
  stroke: var(--clay);
  stroke-width: 3;
}
</style>
